<script setup lang="ts">
import ChoiceField from '../../components/ChoiceField.vue'
import NumberField from '../../components/NumberField.vue'
import * as labels from '../../messages/labels'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { choices, useWay } from './way'

/** What it all stands in, how large that is inside, and whether it is hot already. */
const bench = useBench()
const { way, number } = useWay()
</script>

<template>
  <ChoiceField
    :label="t('ui.dress.stands-in')"
    :choices="choices(labels.VESSELS)"
    :chosen="way.vessel ?? 'SHEET_TRAY'"
    @choose="(vessel) => bench.say({ vessel })"
  />
  <NumberField
    :label="t('ui.dress.vessel-long')"
    kind="length"
    :model-value="way.vesselLengthMm ?? null"
    :refusal="bench.refusal('vesselLengthMm')"
    @update:model-value="(mm) => number('vesselLengthMm', mm)"
  />
  <NumberField
    :label="t('ui.dress.and-wide')"
    kind="length"
    :model-value="way.vesselWidthMm ?? null"
    :refusal="bench.refusal('vesselWidthMm')"
    @update:model-value="(mm) => number('vesselWidthMm', mm)"
  />
  <NumberField
    :label="t('ui.dress.heated-to')"
    kind="heat"
    :model-value="way.preheatedC ?? null"
    :refusal="bench.refusal('preheatedC')"
    @update:model-value="(c) => number('preheatedC', c)"
  />
</template>
