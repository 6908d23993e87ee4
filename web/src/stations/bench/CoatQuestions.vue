<script setup lang="ts">
import { computed } from 'vue'
import type { Topping } from '../../api/types'
import ChoiceField from '../../components/ChoiceField.vue'
import NumberField from '../../components/NumberField.vue'
import * as labels from '../../messages/labels'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { choices, useWay } from './way'

/** How thick the crumb is all round, and what it sticks to; or something on top in its place. */
const bench = useBench()
const { way, number } = useWay()
const mixes = computed(() => [
  ...(bench.catalogue?.mixes.map((m) => ({ value: m.mix as string, words: m.words })) ?? []),
  { value: 'BREADED', words: t('ui.dress.crumb-all-round') },
])
function setMix(mix: string) {
  if (mix === 'BREADED') return
  bench.setDress('TOPPING')
  bench.spread([{ mix: mix as NonNullable<Topping['mix']> }])
}
</script>

<template>
  <ChoiceField
    :label="t('ui.dress.topping')"
    class="wide"
    :choices="mixes"
    chosen="BREADED"
    @choose="setMix"
  />
  <NumberField
    :label="t('ui.dress.how-thick')"
    kind="length"
    fine
    :usual="bench.catalogue?.usuals.breadedMm"
    :model-value="way.depthMm ?? null"
    :refusal="bench.refusal('depthMm')"
    @update:model-value="(mm) => number('depthMm', mm)"
  />
  <ChoiceField
    :label="t('ui.dress.dipped-in')"
    :choices="choices(labels.DIPS)"
    :chosen="way.dip ?? 'EGG'"
    @choose="(dip) => bench.say({ dip })"
  />
</template>
