<script setup lang="ts">
import { computed } from 'vue'
import type { Held } from '../../api/types'
import { scale } from '../../drawing/scale'
import { t } from '../../messages/say'

/** Of those that were just right: how many were done by a minute by which so many were promised to be. On the slant it is as promised. */
const props = defineProps<{ points: Held['points'] }>()

const SIDE = 240
const LEFT = 34
const BOTTOM = 34
const TOP = 10
const TENTHS = [0, 5, 10]

const x = scale([0, 1], [LEFT, SIDE])
const y = scale([0, 1], [SIDE - BOTTOM, TOP])
const words = computed(() =>
  t('ui.taught.reliability', {
    points: props.points.map((p) => (10 * p.done.share).toFixed(1)).join(', '),
  }),
)
</script>

<template>
  <svg :viewBox="`0 0 ${SIDE + 10} ${SIDE}`" role="img" :aria-label="words">
    <line :x1="x(0)" :y1="y(0)" :x2="x(1)" :y2="y(1)" class="slant" />
    <g v-for="tenths in TENTHS" :key="tenths">
      <text :x="x(tenths / 10)" :y="SIDE - BOTTOM + 16" text-anchor="middle">{{ tenths }}</text>
      <text :x="LEFT - 8" :y="y(tenths / 10) + 4" text-anchor="end">{{ tenths }}</text>
    </g>
    <text :x="SIDE" :y="SIDE - 3" text-anchor="end">{{ t('ui.taught.promised') }}</text>
    <text :x="LEFT + 6" :y="TOP + 6">{{ t('ui.taught.done') }}</text>
    <path :d="`M${x(0)} ${y(1)}V${y(0)}H${x(1)}`" class="axis" />
    <g v-for="point in points" :key="point.promised">
      <line
        :x1="x(point.promised)"
        :x2="x(point.promised)"
        :y1="y(point.done.least)"
        :y2="y(point.done.most)"
        class="doubt"
      />
      <circle :cx="x(point.promised)" :cy="y(point.done.share)" r="6" />
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 280px;
}
text {
  fill: var(--ink-soft);
  font-size: 13px;
}
.axis {
  fill: none;
  stroke: #a9a695;
}
.slant {
  stroke: var(--rule);
  stroke-width: 2;
}
.doubt {
  stroke: #9fbdb2;
  stroke-width: 8;
  stroke-linecap: round;
}
circle {
  fill: var(--kelp);
}
</style>
