<script setup lang="ts">
import { computed, useId } from 'vue'
import type { RoundSeen, RoundSlip } from '../../api/types'
import { fleshColour } from '../../drawing/flesh'
import { t } from '../../messages/say'

/** The oven as it stands there shut, or what was last seen of a dish: from above, or parted at its thickest. */
const props = defineProps<{ seen: RoundSeen | undefined; slip: RoundSlip; out: boolean }>()

const WIDTH = 560
const HEIGHT = 250
/** As large as a dish is drawn at most, dots. */
const ACROSS = 420
const DEEP = 170

const clip = useId()
const rows = computed(() => props.seen?.topC ?? [])
const through = computed(() => [...(props.seen?.throughC ?? [])].reverse())
/** A dish from above: each of its places in the colour of its flesh. */
const top = computed(() => {
  const along = Math.max(1, ...rows.value.map((row) => row.length))
  const size = Math.min(ACROSS / along, DEEP / Math.max(1, rows.value.length))
  return {
    width: along * size,
    height: rows.value.length * size,
    cells: rows.value.flatMap((row, j) =>
      row.map((celsius, i) => ({
        key: `${j} ${i}`,
        x: ((along - row.length) / 2 + i) * size,
        y: j * size,
        size,
        fill: fleshColour(celsius),
      })),
    ),
  }
})
/** As long as a parted dish is drawn, and how wide its flakes are parted, dots. */
const LONG = 400
const PARTED = 190
/** How large a millimetre of its thickness is drawn, and the least and the most there is room for, dots. */
const MM = 4.6
const high = computed(() => Math.max(70, Math.min(DEEP, props.slip.thicknessMm * MM)))
/** Flesh parted: from above to below in its colours. */
const stops = computed(() =>
  through.value.map((celsius, i) => ({
    key: i,
    offset: (i + 0.5) / through.value.length,
    colour: fleshColour(celsius),
  })),
)
const words = computed(() =>
  rows.value.length
    ? t('ui.drill.drawn-above')
    : through.value.length
      ? t('ui.drill.drawn-parted')
      : t('ui.drill.drawn-shut'),
)
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="words">
    <defs>
      <radialGradient :id="`${clip}-glow`" cx="50%" cy="70%" r="70%">
        <stop offset="0" stop-color="#7a4a20" />
        <stop offset="1" stop-color="#241c17" />
      </radialGradient>
      <clipPath :id="clip">
        <rect :width="top.width" :height="top.height" :rx="Math.min(top.height, top.width) / 3.2" />
      </clipPath>
      <linearGradient :id="`${clip}-flesh`" x2="0" y2="1">
        <stop v-for="stop in stops" :key="stop.key" :offset="stop.offset" :stop-color="stop.colour" />
      </linearGradient>
    </defs>
    <rect :width="WIDTH" :height="HEIGHT" rx="10" :fill="out ? '#d8cdb8' : '#3b3530'" />
    <rect
      v-if="!out"
      x="22"
      y="22"
      :width="WIDTH - 44"
      :height="HEIGHT - 44"
      rx="6"
      :fill="`url(#${clip}-glow)`"
    />
    <g v-if="rows.length" :transform="`translate(${(WIDTH - top.width) / 2} ${(HEIGHT - top.height) / 2})`">
      <rect x="-26" y="-18" :width="top.width + 52" :height="top.height + 36" rx="8" fill="#6c6e6d" />
      <g :clip-path="`url(#${clip})`">
        <rect
          v-for="cell in top.cells"
          :key="cell.key"
          :x="cell.x"
          :y="cell.y"
          :width="cell.size + 0.5"
          :height="cell.size + 0.5"
          :fill="cell.fill"
        />
      </g>
    </g>
    <g v-else-if="stops.length" :transform="`translate(${(WIDTH - LONG) / 2} ${(HEIGHT - high) / 2})`">
      <path :d="`M-30 ${high + 4} H${LONG + 30}`" class="sheet" />
      <rect :width="LONG" :height="high" :rx="high / 3.5" :fill="stops[0]!.colour" />
      <path
        :d="`M${LONG / 2 - PARTED / 2} 0 Q${LONG / 2} ${high * 0.16} ${LONG / 2 + PARTED / 2} 0 Q${LONG / 2 + PARTED / 3} ${high * 0.6} ${LONG / 2 + PARTED / 4} ${high} H${LONG / 2 - PARTED / 4} Q${LONG / 2 - PARTED / 3} ${high * 0.6} ${LONG / 2 - PARTED / 2} 0`"
        :fill="`url(#${clip}-flesh)`"
        class="parted"
      />
    </g>
    <g v-else-if="!out" class="rack" aria-hidden="true">
      <path v-for="rail in 3" :key="rail" :d="`M40 ${60 + rail * 45} H${WIDTH - 40}`" />
      <path class="tray" :d="`M150 190 h260 l-14 16 h-232 z`" />
    </g>
    <g v-else class="board" aria-hidden="true">
      <ellipse :cx="WIDTH / 2" :cy="HEIGHT / 2" rx="190" ry="74" />
      <ellipse :cx="WIDTH / 2" :cy="HEIGHT / 2" rx="140" ry="48" class="well" />
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-height: 300px;
  margin-top: 8px;
}
.rack path {
  fill: none;
  stroke: #8d7a63;
  stroke-width: 2;
}
.rack .tray {
  fill: #55504a;
  stroke: none;
}
.sheet {
  stroke: #6c6e6d;
  stroke-width: 9;
  stroke-linecap: round;
}
.parted {
  stroke: #6b5f4c;
  stroke-width: 1.5;
}
.board ellipse {
  fill: #fbfaf5;
  stroke: #b9b5a6;
}
.board .well {
  fill: none;
}
</style>
