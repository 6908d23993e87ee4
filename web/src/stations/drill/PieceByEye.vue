<script setup lang="ts">
import { computed } from 'vue'
import type { Round } from '../../api/types'
import { fleshColour } from '../../drawing/flesh'
import { t } from '../../messages/say'

/** A raw piece seen from its end on a board, with a wine cork lying beside it, at whatever scale it has. */
const props = defineProps<{ piece: NonNullable<Round['piece']> }>()

const WIDTH = 720
const HEIGHT = 260
/** How large one of the drawing's units is, dots. */
const DOT = 3.6
const BOARD_Y = 210
const RAW_C = 8
const POINTS = 40

/** Its outline: flat below, with shoulders as square as they are. */
const outline = computed(() => {
  const half = (props.piece.wide * DOT) / 2
  const high = props.piece.thick * DOT
  const points = Array.from({ length: POINTS + 1 }, (_, i) => {
    const across = (2 * i) / POINTS - 1
    const up = high * (1 - Math.abs(across) ** props.piece.shoulders) ** (1 / props.piece.shoulders)
    return `${(250 + half * across).toFixed(1)} ${(BOARD_Y - up).toFixed(1)}`
  })
  return `M${points.join('L')}Z`
})
const cork = computed(() => ({ long: props.piece.corkLong * DOT, thick: props.piece.corkThick * DOT }))
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="t('ui.drill.drawn-piece')">
    <rect :y="BOARD_Y" :width="WIDTH" height="26" rx="4" fill="#c9a878" />
    <path :d="outline" :fill="fleshColour(RAW_C)" stroke="#5d6b70" stroke-width="2" />
    <g :transform="`translate(470 ${BOARD_Y - cork.thick})`">
      <rect :width="cork.long" :height="cork.thick" rx="5" fill="#d9b48a" stroke="#8a6a42" stroke-width="2" />
      <path
        :d="`M${cork.long * 0.25} 6v6M${cork.long * 0.6} ${cork.thick * 0.6}v7M${cork.long * 0.8} 9v5`"
        stroke="#8a6a42"
      />
    </g>
    <text x="470" :y="HEIGHT - 4">{{ t('ui.drill.cork') }}</text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  background: var(--paper);
}
text {
  fill: var(--ink-soft);
  font-size: 16px;
}
</style>
