<script setup lang="ts">
import { computed } from 'vue'
import { GAP_MM, sheetPath } from '../../drawing/sheet'
import { useBench } from '../../stores/bench'

/** What closes the dish while it is shut: a parcel's sheet, a lid from rim to rim. */
const props = defineProps<{
  /** Half the width of what lies in it, and how high that is, mm. */
  halfMm: number
  topMm: number
  /** The vessel's rims, and its floor, in dots. */
  left: number
  right: number
  floor: number
  /** Where a millimetre lies, in dots. */
  x: (mm: number) => number
  y: (mm: number) => number
}>()

/** A vessel's rim stands so far out and so high, dots. */
const RIM_OUT = 34
const RIM_UP = 9
const SOON = 0.01

const bench = useBench()
const openedAt = computed(
  () => bench.answer?.programme.find((s) => s.stage === 'UNCOVER')?.fromMin ?? Infinity,
)
const shut = computed(() => bench.minute < openedAt.value - SOON)
const parcel = computed(() => bench.on.dress === 'PARCHMENT' || bench.on.dress === 'FOIL')
const sheet = computed(() =>
  sheetPath(bench.on.dress === 'FOIL', props.halfMm, props.topMm, props.x, props.y),
)
const lid = computed(() => {
  const { left, right, floor, y, topMm } = props
  return `M${left - RIM_OUT} ${floor - RIM_UP}V${y(topMm + GAP_MM)}H${right + RIM_OUT}V${floor - RIM_UP}`
})
</script>

<template>
  <path
    v-if="parcel && shut"
    :d="sheet"
    class="air"
    :class="bench.on.dress.toLowerCase()"
    @click="bench.layer = 'cover'"
  />
  <path v-else-if="bench.way.lid && shut" :d="lid" class="lid" @click="bench.layer = 'cover'" />
</template>

<style scoped>
.lid {
  fill: none;
  stroke: #7a8b95;
  stroke-width: 2;
}
.air {
  stroke-width: 2;
  stroke-linejoin: round;
}
.air.parchment {
  fill: #fffdf6;
  stroke: #b59a63;
}
.air.foil {
  fill: #e7edf0;
  stroke: #7a8b95;
}
</style>
