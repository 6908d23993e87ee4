<script setup lang="ts">
import { computed } from 'vue'
import type { DressKind, Topping } from '../../api/types'
import { without } from '../../api/without'
import ChoiceField from '../../components/ChoiceField.vue'
import NumberField from '../../components/NumberField.vue'
import * as labels from '../../messages/labels'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { useLayerLines } from './layerLines'
import { choices } from './way'

/** Of what one topping is, when it goes on, how thick and how warm; higher, lower, and away with it. */
const props = defineProps<{ at: number }>()

const bench = useBench()
const { toppings } = useLayerLines()
const row = computed<Topping>(() => toppings.value[props.at] ?? {})
const open = computed(() => bench.on.dress === 'OPEN_TRAY' || bench.on.dress === 'TOPPING')
const mixes = computed(() => {
  const all = bench.catalogue?.mixes.map((m) => ({ value: m.mix as string, words: m.words })) ?? []
  // All round is a kind of its own, for a fish that wears nothing else.
  const round = { value: 'BREADED', words: t('ui.dress.crumb-all-round') }
  return open.value && toppings.value.length === 1 ? [round, ...all] : all
})
const set = (what: Topping) =>
  bench.spread(toppings.value.map((one, i) => (i === props.at ? { ...one, ...what } : one)))
function setMix(mix: string) {
  if (mix === 'BREADED') bench.setDress('BREADED' as DressKind)
  else set({ mix: mix as NonNullable<Topping['mix']> })
}
function setDepth(depthMm: number | null) {
  const one = without(row.value, 'depthMm')
  bench.spread(
    toppings.value.map((other, i) => (i !== props.at ? other : depthMm === null ? one : { ...one, depthMm })),
  )
}
function move(by: number) {
  const next = [...toppings.value]
  ;[next[props.at], next[props.at + by]] = [next[props.at + by]!, next[props.at]!]
  bench.spread(next)
  bench.layer = `on:${props.at + by}`
}
/** What goes on later lies higher; only those that go on together change places. */
const changes = (by: number) => {
  const other = toppings.value[props.at + by]
  return other !== undefined && (other.when ?? 'BEFORE') === (row.value.when ?? 'BEFORE')
}
function takeAway() {
  bench.spread(toppings.value.filter((_, i) => i !== props.at))
  bench.layer = null
}
</script>

<template>
  <ChoiceField
    :label="t('ui.dress.topping')"
    class="wide"
    :choices="mixes"
    :chosen="row.mix ?? 'CRUMB'"
    @choose="setMix"
  />
  <ChoiceField
    :label="t('ui.dress.goes-on')"
    :choices="choices(labels.WHENS)"
    :chosen="row.when ?? 'BEFORE'"
    :refusal="bench.refusal('toppings')"
    @choose="(when) => set({ when })"
  />
  <NumberField
    :label="t('ui.dress.how-thick')"
    kind="length"
    fine
    :usual="bench.catalogue?.usuals.toppingMm"
    :model-value="row.depthMm ?? null"
    :refusal="bench.refusal(`toppings[${at}].depthMm`)"
    @update:model-value="setDepth"
  />
  <ChoiceField
    :label="t('ui.dress.goes-on-as')"
    :choices="choices(labels.KEPT)"
    :chosen="row.kept ?? 'MIXED'"
    @choose="(kept) => set({ kept })"
  />
  <button v-if="changes(1)" class="quiet-action" @click="move(1)">{{ t('ui.layers.higher') }}</button>
  <button v-if="changes(-1)" class="quiet-action" @click="move(-1)">{{ t('ui.layers.lower') }}</button>
  <button class="quiet-action" @click="takeAway">{{ t('ui.layers.take-off') }}</button>
</template>
