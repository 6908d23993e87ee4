<script setup lang="ts">
import { computed } from 'vue'
import { useUnits } from '../../messages/units'

/** The ruler beside the cut, as the kitchen's own has its marks. */
const props = defineProps<{ topMm: number; perMm: number; x: number; y: (mm: number) => number }>()

const MM_PER_EIGHTH = 25.4 / 8
/** Marks that lie closer than this are left out, dots. */
const CLOSEST = 2.4

const units = useUnits()
const marks = computed(() => {
  const imperial = units.imperial.value
  const step = imperial ? MM_PER_EIGHTH : 1
  const major = imperial ? 4 : 10
  return Array.from({ length: Math.floor(props.topMm / step) + 1 }, (_, i) => ({
    y: props.y(i * step),
    long: i % major === 0,
    label: i % major === 0 ? units.show('length', i * step) : '',
    shown: props.perMm * step > CLOSEST || i % (major / 2) === 0,
  })).filter((m) => m.shown)
})
</script>

<template>
  <g aria-hidden="true">
    <line :x1="x" :x2="x" :y1="y(0)" :y2="y(topMm)" />
    <g v-for="mark in marks" :key="mark.y">
      <line :x1="x" :x2="x + (mark.long ? 12 : 6)" :y1="mark.y" :y2="mark.y" />
      <text v-if="mark.long" :x="x - 6" :y="mark.y + 5" text-anchor="end">{{ mark.label }}</text>
    </g>
    <text :x="x" :y="y(0) + 24" text-anchor="middle">{{ units.unit('length').sign }}</text>
  </g>
</template>

<style scoped>
line {
  stroke: var(--ink);
  stroke-width: 1;
}
text {
  fill: var(--ink-soft);
  font: 13px var(--figures);
}
</style>
