<script setup lang="ts">
import { computed } from 'vue'
import { scale } from '../../drawing/scale'
import { t } from '../../messages/say'

/** By how much each of the last rounds was off, oldest first, about a line of nothing. */
const props = defineProps<{ offs: number[] }>()

const WIDTH = 150
const HEIGHT = 36
const EDGE = 6
const MOST = 12
const LEAST_REACH = 3

const reach = computed(() => Math.max(LEAST_REACH, ...props.offs.map(Math.abs)))
const x = scale([0, MOST - 1], [EDGE, WIDTH - EDGE])
const y = computed(() => scale([reach.value, -reach.value], [EDGE, HEIGHT - EDGE]))
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    :width="WIDTH"
    :height="HEIGHT"
    role="img"
    :aria-label="t('ui.drill.dots', { count: offs.length })"
  >
    <line :x1="EDGE" :x2="WIDTH - EDGE" :y1="y(0)" :y2="y(0)" />
    <circle v-for="(off, i) in offs" :key="i" :cx="x(i)" :cy="y(off)" r="4" />
  </svg>
</template>

<style scoped>
line {
  stroke: #a9a695;
}
circle {
  fill: var(--kelp);
}
</style>
