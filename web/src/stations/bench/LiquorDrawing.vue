<script setup lang="ts">
import { computed, useId } from 'vue'
import { liquorDepthMm } from '../../drawing/liquor'
import { sheetPath } from '../../drawing/sheet'
import { t } from '../../messages/say'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'

/** The juice that stands around a fish under a sheet or a lid, as deep as there is room for it beside the fish. */
const props = defineProps<{
  liquorG: number
  /** Half the width of what lies there, and of what it lies in, mm. */
  halfMm: number
  trayHalfMm: number
  /** How high all of it is, mm. */
  topMm: number
  /** The flesh's underside above the floor, and how high it is, mm. */
  baseMm: number
  heightMm: number
  floor: number
  /** Where a millimetre lies, in dots. */
  x: (mm: number) => number
  y: (mm: number) => number
}>()

/** From what lies in a vessel to its side, dots. */
const SIDE = 28

const id = useId()
const bench = useBench()
const units = useUnits()

const deep = computed(() =>
  liquorDepthMm(
    props.liquorG,
    bench.answer!.piece.lengthMm,
    props.trayHalfMm - props.halfMm,
    props.baseMm + props.heightMm,
  ),
)
/** Under a lid it runs to the vessel's sides, in a parcel to the sheet's. */
const parcel = computed(() => bench.on.dress === 'PARCHMENT' || bench.on.dress === 'FOIL')
const beyond = computed(() => (parcel.value ? 0 : SIDE))
const sheet = computed(() =>
  sheetPath(bench.on.dress === 'FOIL', props.halfMm, props.topMm, props.x, props.y),
)
const left = computed(() => props.x(-props.trayHalfMm) - beyond.value)
const right = computed(() => props.x(props.trayHalfMm) + beyond.value)
const top = computed(() => props.y(deep.value))
</script>

<template>
  <clipPath :id="id"><path :d="sheet" /></clipPath>
  <rect
    :x="left"
    :y="top"
    :width="right - left"
    :height="floor - top"
    class="liquor"
    :clip-path="parcel ? `url(#${id})` : undefined"
  >
    <title>{{ t('ui.ticket.juice-around-it') }}: {{ units.amount('mass', liquorG) }}</title>
  </rect>
</template>

<style scoped>
.liquor {
  fill: #d9b45a;
  opacity: 0.6;
}
</style>
