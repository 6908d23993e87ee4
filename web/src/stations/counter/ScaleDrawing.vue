<script setup lang="ts">
import { t } from '../../messages/say'
import { computed } from 'vue'
import type { CounterAnswer } from '../../api/types'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'

/** The piece to scale from above on its tray, and from the side with what nobody knows of its thickness. */
const props = defineProps<{
  size: CounterAnswer['size']
  trayLengthMm: number
  trayWidthMm: number
  thinMm: number | null
}>()

const WIDTH = 620
const HEIGHT = 214
/** The view from above stands on the left, the view from the side, larger, on the right. */
const ABOVE = 260
const SIDE_FROM = 310

const bench = useBench()
const units = useUnits()

const abovePerMm = computed(() => {
  const long = Math.max(props.trayLengthMm, props.size.lengthMm)
  const wide = Math.max(props.trayWidthMm, props.size.widthMm)
  return Math.min(ABOVE / long, (HEIGHT - 40) / wide)
})
const sidePerMm = computed(() => {
  const high = props.size.thicknessMm + props.size.doubtMm
  return Math.min((WIDTH - SIDE_FROM - 20) / props.size.lengthMm, (HEIGHT - 76) / high)
})
const middle = 8 + ABOVE / 2
const top = (HEIGHT - 32) / 2
const sideMiddle = SIDE_FROM + (WIDTH - SIDE_FROM) / 2
const floor = HEIGHT - 50

const half = computed(() => ({
  l: (props.size.lengthMm / 2) * abovePerMm.value,
  w: (props.size.widthMm / 2) * abovePerMm.value,
  t: props.size.thicknessMm * sidePerMm.value,
}))
const sideHalf = computed(() => (props.size.lengthMm / 2) * sidePerMm.value)
const whole = computed(() => bench.on.cut === 'WHOLE')
const above = computed(() => {
  const { l, w } = half.value
  const [x, y] = [middle, top]
  if (whole.value) {
    return `M${x - l} ${y}C${x - l * 0.7} ${y - w * 1.36} ${x + l * 0.3} ${y - w * 1.28} ${x + l * 0.7} ${y - w * 0.18}L${x + l} ${y - w * 0.62}L${x + l * 0.93} ${y}L${x + l} ${y + w * 0.62}L${x + l * 0.7} ${y + w * 0.18}C${x + l * 0.3} ${y + w * 1.28} ${x - l * 0.7} ${y + w * 1.36} ${x - l} ${y}Z`
  }
  if (bench.on.cut === 'PORTION') {
    return `M${x - l} ${y - w}H${x + l}V${y + w}H${x - l}Z`
  }
  return `M${x - l} ${y - w * 0.8}Q${x - l * 0.4} ${y - w * 1.1} ${x + l} ${y - w * 0.25}V${y + w * 0.25}Q${x - l * 0.4} ${y + w * 1.1} ${x - l} ${y + w * 0.8}Z`
})
const thinHigh = computed(() => (props.thinMm === null ? half.value.t : props.thinMm * sidePerMm.value))
const side = computed(() => {
  const { t } = half.value
  const l = sideHalf.value
  const [x, y] = [sideMiddle, floor]
  if (whole.value) {
    return `M${x - l} ${y - t / 2}C${x - l * 0.6} ${y - t * 1.17} ${x + l * 0.2} ${y - t * 1.15} ${x + l * 0.8} ${y - t * 0.55}L${x + l} ${y - t * 0.6}V${y - t * 0.4}L${x + l * 0.8} ${y - t * 0.42}C${x + l * 0.2} ${y + t * 0.15} ${x - l * 0.6} ${y + t * 0.17} ${x - l} ${y - t / 2}Z`
  }
  return `M${x - l} ${y}V${y - t * 0.9}Q${x - l} ${y - t} ${x - l * 0.9} ${y - t}H${x}L${x + l} ${y - thinHigh.value}V${y}Z`
})
const bar = computed(() => (units.imperial.value ? { mm: 50.8, words: '2 in' } : { mm: 50, words: '50 mm' }))
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    :aria-label="
      t('ui.scale-drawing.to-scale-long-wide-thick', {
        count: units.amount('length', size.lengthMm),
        width: units.amount('length', size.widthMm),
        thickness: units.amount('length', size.thicknessMm),
      })
    "
  >
    <rect
      :x="middle - (trayLengthMm * abovePerMm) / 2"
      :y="top - (trayWidthMm * abovePerMm) / 2"
      :width="trayLengthMm * abovePerMm"
      :height="trayWidthMm * abovePerMm"
      rx="10"
      class="tray"
    />
    <path :d="above" class="fish" />
    <circle v-if="whole" :cx="middle - half.l * 0.8" :cy="top - half.w * 0.22" r="3.5" class="eye" />
    <path
      v-if="whole"
      :d="`M${middle - half.l * 0.62} ${top - half.w * 0.62}q${half.l * 0.12} ${half.w * 0.62} 0 ${half.w * 1.24}`"
      class="line"
    />
    <text :x="middle" :y="HEIGHT - 10" text-anchor="middle" class="figure">
      {{
        t('ui.scale-drawing.from-above', {
          count: units.show('length', size.lengthMm),
          width: units.amount('length', size.widthMm),
        })
      }}
    </text>

    <rect
      :x="sideMiddle - sideHalf"
      :y="floor - half.t - size.doubtMm * sidePerMm"
      :width="2 * sideHalf"
      :height="Math.max(2, 2 * size.doubtMm * sidePerMm)"
      class="doubt"
    />
    <path :d="side" class="fish" />
    <line
      :x1="sideMiddle - sideHalf - 12"
      :x2="sideMiddle + sideHalf + 12"
      :y1="floor + 2"
      :y2="floor + 2"
      class="board"
    />
    <g :transform="`translate(${sideMiddle - (bar.mm * sidePerMm) / 2} ${floor + 18})`">
      <path :d="`M0 -6V0H${bar.mm * sidePerMm}V-6`" class="ruler" />
      <text :x="bar.mm * sidePerMm + 6" y="2" class="small">{{ bar.words }}</text>
    </g>
    <text :x="sideMiddle" :y="HEIGHT - 10" text-anchor="middle" class="figure">
      {{
        t('ui.scale-drawing.from-the-side', {
          thickness: units.amount('length', size.thicknessMm),
          doubt: units.show('length', size.doubtMm),
        })
      }}
    </text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}
.tray {
  fill: #ece8dc;
  stroke: var(--ink);
  stroke-width: 2;
}
.fish {
  fill: #b9c2c3;
  stroke: var(--ink);
  stroke-width: 1.8;
  stroke-linejoin: round;
}
.eye {
  fill: var(--ink);
}
.line,
.ruler {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
}
.doubt {
  fill: var(--brine);
  opacity: 0.25;
}
.board {
  stroke: var(--ink);
  stroke-width: 3;
}
.figure {
  fill: var(--ink);
  font-size: 14px;
}
.small {
  fill: var(--ink-soft);
  font: 12px var(--figures);
}
</style>
