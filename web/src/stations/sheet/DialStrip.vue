<script setup lang="ts">
import { computed, ref } from 'vue'
import { without } from '../../api/without'
import { t } from '../../messages/say'
import { minutesInWords } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import { useEvenings } from '../../stores/evenings'

/** One dial for all that is in an oven: as it is turned, what each dish would take, and what it would lose. */
const evenings = useEvenings()
const bench = useBench()
const units = useUnits()

const turned = ref<Record<number, number>>({})
const ovens = computed(() =>
  (evenings.view?.evening.ovens ?? []).flatMap(({ ovenId }) => {
    const its = evenings.view!.sheet!.dishes.filter((d) => d.ovenId === ovenId)
    const known = its.flatMap((d) => evenings.dials.filter((k) => k.ovenId === ovenId && k.dish === d.key))
    if (!known.length) return []
    const dials = known.map((k) => k.dialC)
    const keepsC = evenings.view!.evening.ovens.find((o) => o.ovenId === ovenId)!.dialC
    // What is in already is past turning.
    const dialC = turned.value[ovenId] ?? (its.find((d) => !d.started) ?? its[0]!).dialC
    return [
      {
        ovenId,
        name: bench.allOvens.find((o) => o.id === ovenId)?.name ?? '',
        least: Math.min(...dials),
        most: Math.max(...dials),
        dialC,
        keepsC,
        dishes: its.map((d) => ({
          key: d.key,
          name: d.name,
          now: d.minutes,
          then: known.find((k) => k.dish === d.key && k.dialC === dialC),
          wantedC: d.wantedC,
        })),
      },
    ]
  }),
)
const STEP_C = 5
/** Keeps an oven at one dial for everything, or lets each dish have its own again. */
function keep(ovenId: number, dialC?: number) {
  delete turned.value[ovenId]
  void evenings.change({
    ovens: evenings.view!.evening.ovens.map((o) =>
      o.ovenId !== ovenId ? o : dialC === undefined ? without(o, 'dialC') : { ...o, dialC },
    ),
  })
}
</script>

<template>
  <section v-if="ovens.length" class="strip" :aria-label="t('ui.sheet.dials')">
    <div v-for="oven in ovens" :key="oven.ovenId" class="oven">
      <label>
        <span
          >{{ oven.name }} <b>{{ units.amount('heat', oven.dialC) }}</b></span
        >
        <input
          type="range"
          :min="oven.least"
          :max="oven.most"
          :step="STEP_C"
          :value="oven.dialC"
          @input="turned[oven.ovenId] = Number(($event.target as HTMLInputElement).value)"
        />
      </label>
      <ul>
        <li v-for="dish in oven.dishes" :key="dish.key">
          <span data-typed>{{ dish.name }}</span>
          <b v-if="dish.then">{{ t('ui.min', { n: minutesInWords(dish.then.minutes) }) }}</b>
          <b v-else>–</b>
          <small v-if="dish.then?.marginMin">{{
            t('ui.sheet.margin', { n: minutesInWords(dish.then.marginMin) })
          }}</small>
          <small v-else-if="!dish.then">{{ t('ui.sheet.not-there') }}</small>
        </li>
      </ul>
      <p class="kept">
        <template v-if="oven.keepsC !== undefined">
          {{ t('ui.sheet.dial-stays', { dial: units.amount('heat', oven.keepsC) }) }}
          <button class="quiet-action" @click="keep(oven.ovenId)">{{ t('ui.sheet.dial-free') }}</button>
        </template>
        <button v-if="oven.dialC !== oven.keepsC" class="quiet-action" @click="keep(oven.ovenId, oven.dialC)">
          {{ t('ui.sheet.dial-keep', { oven: oven.name, dial: units.amount('heat', oven.dialC) }) }}
        </button>
      </p>
    </div>
  </section>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 28px;
  padding-top: 8px;
  border-top: 1px solid var(--rule);
}
.oven {
  flex: 1 1 240px;
}
label span {
  display: block;
}
label b,
li b {
  font-family: var(--figures);
}
input {
  width: 100%;
  min-height: 32px;
  accent-color: var(--clay);
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 10px;
  align-items: baseline;
}
li span {
  flex: 1;
}
small {
  color: var(--ink-soft);
}
.kept {
  margin: 2px 0 0;
}
@media print {
  .strip {
    display: none;
  }
}
</style>
