<script setup lang="ts">
import { computed } from 'vue'
import type { Side } from '../../api/types'
import { without } from '../../api/without'
import ChoiceField from '../../components/ChoiceField.vue'
import NumberField from '../../components/NumberField.vue'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { sidesOf } from '../../stores/layers'
import { useWay } from './way'

/** Of what one side is, for how long it joins the fish, how much there is beside each piece, and what is splashed on it. */
const props = defineProps<{ at: number }>()

const bench = useBench()
const { way, vegetables } = useWay()
const sides = computed(() => sidesOf(way.value))
const row = computed(() => sides.value[props.at])
const usuals = computed(() => bench.catalogue?.usuals)

const lay = (next: Side[]) => bench.say({ sides: next.length ? next : null })
const put = (side: Side) => lay(sides.value.map((one, i) => (i === props.at ? side : one)))
/** A number that was said, or none, so that it is as usual. */
function number(field: 'lastMin' | 'gEach' | 'waterMl', value: number | null) {
  const rest = without(row.value!, field)
  put(value === null ? rest : { ...rest, [field]: value })
}
function takeAway() {
  lay(sides.value.filter((_, i) => i !== props.at))
  bench.layer = null
}
</script>

<template>
  <template v-if="row">
    <ChoiceField
      :label="t('ui.dress.side')"
      class="wide"
      :choices="vegetables"
      :chosen="row.of"
      @choose="(of) => put({ ...row!, of })"
    />
    <NumberField
      :label="t('ui.dress.joins-for-the-last')"
      :sign="t('ui.stages.min')"
      :usual="usuals?.sideMin"
      :model-value="row.lastMin ?? null"
      :refusal="bench.refusal(`sides[${at}].lastMin`)"
      @update:model-value="(value) => number('lastMin', value)"
    />
    <NumberField
      :label="t('ui.dress.side-each')"
      kind="mass"
      :usual="usuals?.sideG"
      :model-value="row.gEach ?? null"
      :refusal="bench.refusal(`sides[${at}].gEach`)"
      @update:model-value="(value) => number('gEach', value)"
    />
    <NumberField
      :label="t('ui.dress.splash-each')"
      kind="volume"
      :usual="0"
      :model-value="row.waterMl ?? null"
      :refusal="bench.refusal(`sides[${at}].waterMl`)"
      @update:model-value="(value) => number('waterMl', value)"
    />
    <button v-if="!row.waterMl" class="quiet-action" @click="number('waterMl', usuals?.splashMl ?? null)">
      {{ t('ui.dress.with-a-splash') }}
    </button>
    <button class="quiet-action" @click="takeAway">{{ t('ui.layers.take-off') }}</button>
  </template>
</template>
