<script setup lang="ts">
import { computed } from 'vue'
import type { Vegetable } from '../../api/types'
import ChoiceField from '../../components/ChoiceField.vue'
import NumberField from '../../components/NumberField.vue'
import * as labels from '../../messages/labels'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { useLayerLines } from './layerLines'
import { choices, useWay } from './way'

/** Of what the bed under the fish is, how deep, how it is cut and how warm it is laid. */
const bench = useBench()
const { way, vegetables } = useWay()
const { bed, citrus } = useLayerLines()
const base = computed(() => bench.on.dress === 'TRAY_BAKE')
const chosen = computed(() => (citrus.value ? [...bed.value, 'CITRUS' as const] : bed.value))
/** Citrus lies one slice deep, whatever else is under it. */
const deep = computed(() => bed.value.some((v) => v !== 'CITRUS'))
function lay(of: Vegetable[]) {
  bench.say({ vegetables: of.length ? of : null, underlay: null })
  if (!of.length && !base.value) bench.layer = null
}
</script>

<template>
  <ChoiceField
    :label="base ? t('ui.dress.base-of') : t('ui.dress.on-a-bed-of')"
    :none="t('ui.dress.nothing')"
    :choices="vegetables"
    :chosen="chosen"
    :most="5"
    :refusal="bench.refusal('vegetables')"
    @choose="lay"
  />
  <NumberField
    v-if="deep"
    :label="t('ui.dress.how-deep')"
    kind="length"
    :usual="base ? bench.catalogue?.usuals.baseMm : bench.catalogue?.usuals.bedMm"
    :model-value="way.bedMm ?? (base ? (way.depthMm ?? null) : null)"
    :refusal="bench.refusal('bedMm')"
    @update:model-value="(bedMm) => bench.say({ bedMm, ...(base ? { depthMm: null } : {}) })"
  />
  <ChoiceField
    v-if="base"
    :label="t('ui.dress.cut-in')"
    :choices="choices(labels.CUTTINGS)"
    :chosen="way.cutting ?? 'SLICES'"
    @choose="(cutting) => bench.say({ cutting })"
  />
  <ChoiceField
    :label="t('ui.dress.laid')"
    :choices="choices(labels.KEPT)"
    :chosen="way.bedKept ?? 'MIXED'"
    @choose="(bedKept) => bench.say({ bedKept })"
  />
  <button v-if="!base" class="quiet-action" @click="lay([])">{{ t('ui.layers.take-off') }}</button>
</template>
