<script setup lang="ts">
import { computed } from 'vue'
import SideDialog from '../../components/SideDialog.vue'
import { t } from '../../messages/say'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import { toppingsOf } from '../../stores/layers'

/** What of tonight's dish can be made before, how long it keeps, and what comes of it. */
const shown = defineModel<boolean>({ required: true })

const HOURS_A_DAY = 24

const bench = useBench()
const units = useUnits()
const steps = computed(() => bench.answer?.ahead ?? [])
function before(hours: number): string {
  if (hours === 0) return t('ui.ahead.not')
  if (hours < 1) return t('ui.ahead.half-hour')
  return hours >= HOURS_A_DAY
    ? t('ui.ahead.days', { days: hours / HOURS_A_DAY })
    : t('ui.ahead.hours', { hours })
}
/** The fish and all that is laid with it as cold as the fridge. */
function fromTheFridge() {
  const { fridgeC } = bench.limits!
  const toppings = toppingsOf(bench.on.dress, bench.way)
  if (toppings.length) bench.spread(toppings.map((one) => ({ ...one, kept: 'FRIDGE' })))
  if (bench.way.vegetables?.length) bench.say({ bedKept: 'FRIDGE' })
  bench.change({ startTempC: fridgeC, frozen: false, fillingKept: 'FRIDGE' })
  shown.value = false
}
</script>

<template>
  <SideDialog v-model="shown" :title="t('ui.ahead.title')" :widest="560">
    <p v-if="!steps.length">{{ t('ui.ahead.nothing') }}</p>
    <dl v-else>
      <template v-for="step in steps" :key="step.words">
        <dt>{{ before(step.hours) }}</dt>
        <dd>{{ step.words }}</dd>
      </template>
    </dl>
    <p class="changes">{{ t('ui.ahead.changes', { temp: units.degrees(bench.limits?.fridgeC ?? 4) }) }}</p>
    <button class="quiet-action" @click="fromTheFridge">{{ t('ui.ahead.from-fridge') }}</button>
  </SideDialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 8px 14px;
  margin: 0;
}
dt {
  font-weight: 700;
}
dd {
  margin: 0;
}
.changes {
  color: var(--ink-soft);
}
.quiet-action {
  min-height: 44px;
}
@media (max-width: 600px) {
  dl {
    grid-template-columns: 1fr;
    gap: 0;
  }
  dd {
    margin-bottom: 8px;
  }
}
</style>
