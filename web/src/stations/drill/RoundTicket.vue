<script setup lang="ts">
import { computed } from 'vue'
import type { RoundSlip } from '../../api/types'
import { OVEN_KINDS } from '../../messages/labels'
import { t } from '../../messages/say'
import { minutesInWords } from '../../messages/time'
import { useUnits } from '../../messages/units'

/** The ticket of a hidden dish: what the kitchen believes of it. */
const props = defineProps<{ slip: RoundSlip }>()

const units = useUnits()
const lines = computed(() => [
  { name: t('ui.drill.check-from'), value: minutesInWords(props.slip.window.checkFromMin) },
  { name: t('ui.drill.likely'), value: minutesInWords(props.slip.window.likelyMin) },
  { name: t('ui.drill.no-later'), value: minutesInWords(props.slip.window.noLaterThanMin) },
  { name: t('ui.drill.pull-at'), value: units.degrees(props.slip.pullC) },
  { name: t('ui.drill.rest'), value: minutesInWords(props.slip.restMin) },
  { name: t('ui.drill.wanted'), value: units.degrees(props.slip.targetC) },
])
</script>

<template>
  <aside class="slip" :aria-label="t('ui.drill.ticket')">
    <p class="what">{{ slip.fish }}, {{ units.amount('length', slip.thicknessMm) }}</p>
    <p>{{ slip.way }}, {{ units.amount('mass', slip.massG) }}</p>
    <dl>
      <div>
        <dt>{{ OVEN_KINDS[slip.kind] }}</dt>
        <dd>{{ units.dial(slip.dialC) }}</dd>
      </div>
    </dl>
    <dl>
      <div v-for="line in lines" :key="line.name">
        <dt>{{ line.name }}</dt>
        <dd>{{ line.value }}</dd>
      </div>
    </dl>
    <p class="soft">{{ t('ui.drill.unknown-oven') }}</p>
  </aside>
</template>

<style scoped>
.slip {
  padding: 12px 16px;
  background: var(--paper);
  box-shadow: 0 1px 4px #22303a33;
}
p {
  margin: 2px 0;
}
.what {
  font-size: 18px;
  font-weight: 700;
}
.soft {
  margin-top: 8px;
  color: var(--ink-soft);
  font-size: 14px;
}
</style>
