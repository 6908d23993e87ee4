<script setup lang="ts">
import { computed } from 'vue'
import type { DressKind, Topping } from '../../api/types'
import { without } from '../../api/without'
import ChoiceField from '../../components/ChoiceField.vue'
import NumberField from '../../components/NumberField.vue'
import * as labels from '../../messages/labels'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { choices } from './way'

/** What is spread on the fish, from below to above: of what each is, when it goes on and how thick. */
const bench = useBench()

const rows = computed<Topping[]>(() => {
  const { toppings, mix, when, depthMm } = bench.on.ways.TOPPING ?? {}
  if (toppings?.length) return toppings
  return [
    {
      ...(mix === undefined ? {} : { mix }),
      ...(when === undefined ? {} : { when }),
      ...(depthMm === undefined ? {} : { depthMm }),
    },
  ]
})
const oneMore = computed(() => bench.catalogue?.usuals.oneMore)
const most = computed(() => bench.limits?.mostToppings ?? 1)
const mixes = computed(
  () => bench.catalogue?.mixes.map((m) => ({ value: m.mix as string, words: m.words })) ?? [],
)
/** All round is a dress of its own, for a fish that wears nothing else. */
const first = computed(() => [...mixes.value, { value: 'BREADED', words: t('ui.dress.crumb-all-round') }])

function lay(toppings: Topping[]) {
  const rest = without(bench.on.ways.TOPPING ?? {}, 'mix', 'when', 'depthMm')
  bench.change({ stages: null, ways: { ...bench.on.ways, TOPPING: { ...rest, toppings } } })
}
const set = (at: number, what: Topping) =>
  lay(rows.value.map((row, i) => (i === at ? { ...row, ...what } : row)))
function setMix(at: number, mix: string) {
  if (mix === 'BREADED') bench.setDress('BREADED' as DressKind)
  else set(at, { mix: mix as NonNullable<Topping['mix']> })
}
function setDepth(at: number, depthMm: number | null) {
  const row = { ...rows.value[at] }
  if (depthMm === null) delete row.depthMm
  else row.depthMm = depthMm
  lay(rows.value.map((other, i) => (i === at ? row : other)))
}
const named = (at: number, first: string, other: (n: number) => string) => (at ? other(at + 1) : first)
</script>

<template>
  <div v-for="(row, i) in rows" :key="i" class="row">
    <ChoiceField
      :label="named(i, t('ui.dress.topping'), (n) => t('ui.dress.topping-n', { n }))"
      class="wide"
      :choices="rows.length > 1 ? mixes : first"
      :chosen="row.mix ?? 'CRUMB'"
      @choose="(mix: string) => setMix(i, mix)"
    />
    <ChoiceField
      :label="named(i, t('ui.dress.goes-on'), (n) => t('ui.dress.goes-on-n', { n }))"
      :choices="choices(labels.WHENS)"
      :chosen="row.when ?? 'BEFORE'"
      @choose="(when) => set(i, { when })"
    />
    <NumberField
      :label="named(i, t('ui.dress.how-thick'), (n) => t('ui.dress.how-thick-n', { n }))"
      kind="length"
      fine
      :usual="bench.catalogue?.usuals.toppingMm"
      :model-value="row.depthMm ?? null"
      :refusal="bench.refusal(`toppings[${i}].depthMm`)"
      @update:model-value="(mm) => setDepth(i, mm)"
    />
    <button
      v-if="rows.length > 1"
      class="quiet-action off"
      :aria-label="t('ui.dress.take-topping-off', { n: i + 1 })"
      @click="lay(rows.filter((_, other) => other !== i))"
    >
      ×
    </button>
    <button
      v-if="oneMore && i === rows.length - 1 && rows.length < most"
      class="quiet-action more"
      @click="lay([...rows, { ...oneMore }])"
    >
      + {{ t('ui.dress.one-more-on-top') }}
    </button>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  flex: 1 1 100%;
  flex-wrap: wrap;
  gap: 4px 10px;
}
.row .wide {
  flex-grow: 2;
  min-width: 130px;
}
.off,
.more {
  align-self: end;
  min-height: 44px;
}
.off {
  min-width: 32px;
  font-size: 18px;
}
</style>
