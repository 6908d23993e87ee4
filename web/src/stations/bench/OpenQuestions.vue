<script setup lang="ts">
import { computed } from 'vue'
import type { Vegetable } from '../../api/types'
import { without } from '../../api/without'
import ChoiceField from '../../components/ChoiceField.vue'
import NumberField from '../../components/NumberField.vue'
import * as labels from '../../messages/labels'
import { t } from '../../messages/say'
import { useBench, type Way } from '../../stores/bench'
import { choices, useWay } from './way'

/** What an open fish lies on, and in what. */
defineProps<{ vegetables: { value: Vegetable; words: string }[] }>()

const bench = useBench()
const { way, number } = useWay()

/** What a bed is of until somebody says otherwise. */
const USUAL_BED: Vegetable[] = ['SPINACH']

const UNDER = { ...labels.UNDERLAYS, BED: t('label.underlay.BED') }
const bedded = computed(() => Boolean(way.value.vegetables?.length))
const under = computed(() => (bedded.value ? 'BED' : (way.value.underlay ?? 'NONE')))

/** One thing under it at a time; what is said of another way to lie goes with that. */
function lieOn(what: keyof typeof UNDER) {
  const rest = without(way.value, 'vegetables', 'bedMm', 'underlay')
  const now: Way = what === 'BED' ? { ...rest, vegetables: USUAL_BED } : { ...rest, underlay: what }
  bench.change({ ways: { ...bench.on.ways, [bench.on.dress]: now }, stages: null })
}
</script>

<template>
  <ChoiceField :label="t('ui.dress.lies-on')" :choices="choices(UNDER)" :chosen="under" @choose="lieOn" />
  <template v-if="bedded">
    <ChoiceField
      :label="t('ui.dress.on-a-bed-of')"
      :choices="vegetables"
      :chosen="way.vegetables ?? []"
      :most="4"
      :refusal="bench.refusal('vegetables')"
      @choose="(vegetables: Vegetable[]) => bench.say({ vegetables })"
    />
    <NumberField
      :label="t('ui.dress.how-deep')"
      kind="length"
      :usual="bench.catalogue?.usuals.bedMm"
      :model-value="way.bedMm ?? null"
      :refusal="bench.refusal('bedMm')"
      @update:model-value="(mm) => number('bedMm', mm)"
    />
  </template>
  <ChoiceField
    :label="t('ui.dress.stands-in')"
    :choices="choices(labels.VESSELS)"
    :chosen="way.vessel ?? 'SHEET_TRAY'"
    @choose="(vessel) => bench.say({ vessel })"
  />
</template>
