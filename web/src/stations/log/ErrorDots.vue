<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Dot } from '../../api/types'
import { useDrawingWidth } from '../../composables/width'
import { scale } from '../../drawing/scale'
import { t } from '../../messages/say'
import { day } from '../../messages/time'

/** How much later than likely each bake came out, oldest first, with its ticket's window and the mean of the last ten. */
const props = defineProps<{ dots: Dot[] }>()

const HEIGHT = 240
const LEFT = 84
const RIGHT = 14
const TOP = 14
const BOTTOM = 30
const LEAST_MIN = 3
/** More lie too close to tell apart: the newest are drawn. */
const MOST = 120

const drawing = ref<SVGSVGElement>()
const { width } = useDrawingWidth(drawing)
const drawn = computed(() => props.dots.slice(-MOST))
const reach = computed(() =>
  Math.max(
    LEAST_MIN,
    ...drawn.value.flatMap((d) => [Math.abs(d.lateMin), Math.abs(d.fromMin), Math.abs(d.untilMin)]),
  ),
)
const x = computed(() => scale([-0.5, drawn.value.length - 0.5], [LEFT, width.value - RIGHT]))
const y = computed(() => scale([reach.value, -reach.value], [TOP, HEIGHT - BOTTOM]))
const thick = computed(() => Math.max(2, Math.min(14, (0.6 * (width.value - LEFT)) / drawn.value.length)))
const mean = computed(() =>
  drawn.value
    .flatMap((d, i) => (d.meanMin === undefined ? [] : [`${x.value(i)} ${y.value(d.meanMin)}`]))
    .join('L'),
)
const ends = computed(() => {
  const last = drawn.value.length - 1
  return [{ i: 0, anchor: 'start' }, ...(last > 0 ? [{ i: last, anchor: 'end' }] : [])].map((end) => ({
    ...end,
    words: day(new Date(drawn.value[end.i]!.at)),
  }))
})
</script>

<template>
  <svg
    v-if="drawn.length"
    ref="drawing"
    :viewBox="`0 0 ${width} ${HEIGHT}`"
    role="img"
    :aria-label="t('ui.taught.dots', { count: drawn.length })"
  >
    <text :x="LEFT - 8" :y="TOP + 8" text-anchor="end">{{ t('ui.taught.later') }}</text>
    <text :x="LEFT - 8" :y="y(0) + 4" text-anchor="end">{{ t('ui.taught.likely') }}</text>
    <text :x="LEFT - 8" :y="HEIGHT - BOTTOM" text-anchor="end">{{ t('ui.taught.sooner') }}</text>
    <line :x1="LEFT" :x2="width - RIGHT" :y1="y(0)" :y2="y(0)" class="likely" />
    <g v-for="(dot, i) in drawn" :key="dot.id">
      <line
        :x1="x(i)"
        :x2="x(i)"
        :y1="y(dot.fromMin)"
        :y2="y(dot.untilMin)"
        class="window"
        :style="{ strokeWidth: thick }"
      />
      <circle :cx="x(i)" :cy="y(dot.lateMin)" r="4.5" :class="dot.verdict.toLowerCase()" />
    </g>
    <path v-if="mean" :d="`M${mean}`" class="mean" />
    <text v-for="end in ends" :key="end.i" :x="x(end.i)" :y="HEIGHT - 6" :text-anchor="end.anchor">
      {{ end.words }}
    </text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}
text {
  fill: var(--ink-soft);
  font-size: 13px;
}
.likely {
  stroke: #a9a695;
}
.window {
  stroke: #c9d9d2;
}
.mean {
  fill: none;
  stroke: var(--clay);
  stroke-width: 2.5;
  stroke-linejoin: round;
}
.right {
  fill: var(--kelp);
}
.under {
  fill: var(--brine);
}
.over {
  fill: var(--ember-text);
}
</style>
