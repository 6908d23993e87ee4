<script setup lang="ts">
import type { Vegetable } from '../../api/types'
import ChoiceField from '../../components/ChoiceField.vue'
import NumberField from '../../components/NumberField.vue'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { useWay } from './way'

/** Of what the bed under the fish is, and how deep. */
defineProps<{ vegetables: { value: Vegetable; words: string }[] }>()

const bench = useBench()
const { way, number } = useWay()
</script>

<template>
  <ChoiceField
    :label="t('ui.dress.on-a-bed-of')"
    :none="t('ui.dress.nothing')"
    :choices="vegetables"
    :chosen="way.vegetables ?? []"
    :most="4"
    :refusal="bench.refusal('vegetables')"
    @choose="(vegetables: Vegetable[]) => bench.say({ vegetables })"
  />
  <NumberField
    v-if="way.vegetables?.length"
    :label="t('ui.dress.how-deep')"
    kind="length"
    :usual="bench.catalogue?.usuals.bedMm"
    :model-value="way.bedMm ?? null"
    :refusal="bench.refusal('bedMm')"
    @update:model-value="(mm) => number('bedMm', mm)"
  />
</template>
