<script setup lang="ts">
import { computed } from 'vue'
import type { Vegetable } from '../../api/types'
import { without } from '../../api/without'
import ChoiceField from '../../components/ChoiceField.vue'
import * as labels from '../../messages/labels'
import { t } from '../../messages/say'
import { useBench, type Way } from '../../stores/bench'
import BedQuestions from './BedQuestions.vue'
import { choices, useWay } from './way'

/** What an open fish lies on, and in what. */
defineProps<{ vegetables: { value: Vegetable; words: string }[] }>()

const bench = useBench()
const { way } = useWay()

const UNDER = { ...labels.UNDERLAYS, BED: t('label.underlay.BED') }
const bedded = computed(() => Boolean(way.value.vegetables?.length))
const under = computed(() => (bedded.value ? 'BED' : (way.value.underlay ?? 'NONE')))

/** One thing under it at a time; what is said of another way to lie goes with that. */
function lieOn(what: keyof typeof UNDER) {
  const bed = bench.catalogue?.usuals.bed
  const rest = without(way.value, 'vegetables', 'bedMm', 'underlay')
  const now: Way = what === 'BED' ? { ...rest, vegetables: bed ? [bed] : [] } : { ...rest, underlay: what }
  bench.change({ ways: { ...bench.on.ways, [bench.on.dress]: now }, stages: null })
}
</script>

<template>
  <ChoiceField :label="t('ui.dress.lies-on')" :choices="choices(UNDER)" :chosen="under" @choose="lieOn" />
  <BedQuestions v-if="bedded" :vegetables="vegetables" />
  <ChoiceField
    :label="t('ui.dress.stands-in')"
    :choices="choices(labels.VESSELS)"
    :chosen="way.vessel ?? 'SHEET_TRAY'"
    @choose="(vessel) => bench.say({ vessel })"
  />
</template>
