<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Layer, Sections } from '../api/types'
import { isInside } from '../drawing/layers'
import { closedPath } from '../drawing/scale'
import { sectionPicture } from '../drawing/sectionPicture'

/** The fish cut through, coloured by its temperatures, with what lies under, round, over and in it. */
const props = defineProps<{
  sections: Sections
  minute: number
  /** Where a millimetre lies, in dots. */
  x: (mm: number) => number
  y: (mm: number) => number
  /** The fish itself is still to come. */
  fishLater?: boolean
  /** How plainly the flakes show, 0 to 1; 0 for not at all. */
  flaking?: number
  /** The colour of what browns; the drawing's own where nothing is said. */
  topFill?: string
  /** How much of bare flesh has dried to a crust, mm. */
  crustMm?: number
  /** The first coat lies round the fish, and not over it. */
  coated?: boolean
  /** The uppermost of what lies under it is slices of citrus. */
  slices?: boolean
  /** A stuffing is in it, and not herbs. */
  stuffed?: boolean
  /** What lies on it can be grabbed. */
  moves?: boolean
}>()
defineEmits<{
  /** A layer was tapped, by its place; null for the fish itself. */
  pick: [place: number | null]
  /** A finger or a pointer went down on what lies on it, by its place. */
  grab: [place: number, event: PointerEvent]
}>()

/** A minute's rounding. */
const SOON = 0.01

const id = useId()
const closed = (half: number[][]) => closedPath(half, props.x, props.y)
const outline = computed(() => closed(props.sections.outline))
const picture = computed(() => sectionPicture(props.sections, props.minute))
const kinds = computed(() => props.sections.layers.map((l) => l.kind))
const isOver = (layer: Layer, place: number) =>
  isInside(layer) || (layer.kind === 'COAT' && !(props.coated && kinds.value.indexOf('COAT') === place))
const drawn = computed(() =>
  props.sections.layers.map((layer, place) => {
    const later = props.minute < layer.fromMinute - SOON
    const slices = props.slices && kinds.value.lastIndexOf('BED') === place
    return {
      place,
      over: isOver(layer, place),
      path: closed(layer.outline),
      class: [layer.kind.toLowerCase(), { later, slices, stuffing: props.stuffed }],
      style: layer.kind === 'COAT' && !later && props.topFill ? { fill: props.topFill } : {},
    }
  }),
)
const behind = computed(() => drawn.value.filter((l) => !l.over))
const inFront = computed(() => drawn.value.filter((l) => l.over))
const image = computed(() => {
  const { halfWidthMm, baseMm, heightMm } = props.sections
  const left = props.x(-halfWidthMm)
  const top = props.y(baseMm + heightMm)
  return { x: left, y: top, width: props.x(halfWidthMm) - left, height: props.y(baseMm) - top }
})
/** The upper half of the outline, where flesh dries. */
const upper = computed(() => {
  const half = props.sections.outline
  const right = half.slice(half.findIndex(([mm]) => mm! >= props.sections.halfWidthMm - SOON))
  const left = [...right].reverse().map(([x, y]) => [-x!, y!])
  return [...right, ...left].map(([x, y], i) => `${i ? 'L' : 'M'}${props.x(x!)} ${props.y(y!)}`).join('')
})
/** Thinner than this nobody sees it, mm; and so much thicker it is drawn than it is, to be seen at all. */
const SEEN_MM = 0.05
const DRAWN_TIMES = 3
const crust = computed(() => {
  const mm = props.crustMm ?? 0
  // Half of a line lies beyond the flesh, and is cut away.
  const width = 2 * DRAWN_TIMES * mm * (props.x(1) - props.x(0))
  return mm < SEEN_MM ? null : { stroke: props.topFill, 'stroke-width': width }
})
/** Flesh parts along its flakes as it cooks. */
const flakes = computed(() => {
  const { halfWidthMm: half, heightMm: high, baseMm: base } = props.sections
  return Array.from({ length: 9 }, (_, i) => {
    const px = ((i - 4) / 5) * half
    const bend = 0.05 * half
    const at = (dx: number, up: number) => `${props.x(px + dx)} ${props.y(base + high * up)}`
    return `M${at(-bend, 0.9)}Q${at(bend, 0.5)} ${at(-bend, 0.12)}`
  }).join('')
})
</script>

<template>
  <g>
    <defs>
      <clipPath :id="`${id}-flesh`"><path :d="outline" /></clipPath>
      <pattern id="salt" width="9" height="9" patternUnits="userSpaceOnUse">
        <rect width="9" height="9" fill="#fbfaf5" />
        <path d="M1 2h1.6M6 1l1 1.2M4 5.4h1.4M8 7l-1 1M1.4 7.6l1 .8" stroke="#a9a695" stroke-width="1" />
      </pattern>
      <pattern id="bed" width="26" height="12" patternUnits="userSpaceOnUse">
        <rect width="26" height="12" fill="#dfe3c4" />
        <path
          d="M2 3h9a2.5 2.5 0 0 1 0 5h-9a2.5 2.5 0 0 1 0-5zM16 7h8a2 2 0 0 1 0 4h-8a2 2 0 0 1 0-4z"
          fill="#b9c58f"
          stroke="#7c8a58"
          stroke-width=".8"
        />
      </pattern>
      <pattern id="citrus" width="34" height="12" patternUnits="userSpaceOnUse">
        <rect width="34" height="12" fill="#f6e8b8" />
        <path d="M1 1.5h32v9H1z" fill="#f3d679" stroke="#b98f23" stroke-width="1.2" />
        <path d="M9 2v8M17 2v8M25 2v8" stroke="#fbf3d2" stroke-width="1.4" />
      </pattern>
      <pattern id="stuffing" width="10" height="10" patternUnits="userSpaceOnUse">
        <rect width="10" height="10" fill="#d9bf8f" />
        <path d="M2 2l2 1M6 4l2-1M3 7l1 1M8 8h1" stroke="#5f7a46" stroke-width="1.6" stroke-linecap="round" />
      </pattern>
    </defs>
    <path
      v-for="l in behind"
      :key="l.place"
      :d="l.path"
      class="layer"
      :class="l.class"
      :style="l.style"
      @click="$emit('pick', l.place)"
    />
    <image
      :class="{ later: fishLater }"
      :href="picture"
      v-bind="image"
      preserveAspectRatio="none"
      :clip-path="`url(#${id}-flesh)`"
      @click="$emit('pick', null)"
    />
    <path
      v-if="flaking"
      :d="flakes"
      :clip-path="`url(#${id}-flesh)`"
      class="flakes"
      :style="{ opacity: flaking }"
    />
    <path v-if="crust" :d="upper" :clip-path="`url(#${id}-flesh)`" class="dried" v-bind="crust" />
    <path :d="outline" class="edge" :class="{ later: fishLater }" />
    <path
      v-for="l in inFront"
      :key="l.place"
      :d="l.path"
      class="layer"
      :class="[l.class, { moves }]"
      :style="l.style"
      @click="$emit('pick', l.place)"
      @pointerdown="(event) => $emit('grab', l.place, event)"
    />
  </g>
</template>

<style scoped>
.edge {
  pointer-events: none;
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.dried {
  pointer-events: none;
  fill: none;
}
.flakes {
  pointer-events: none;
  fill: none;
  stroke: #6b5b3e;
  stroke-width: 1.5;
}
.layer {
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-linejoin: round;
}
.coat {
  fill: #c99f5a;
}
.coat.moves {
  cursor: grab;
  touch-action: none;
}
.crust {
  fill: url(#salt);
}
.bed {
  fill: url(#bed);
}
.bed.slices {
  fill: url(#citrus);
}
.liquid {
  fill: #e2b65a;
  fill-opacity: 0.55;
  stroke: #9a6f17;
}
.filling {
  fill: #b9c58f;
  fill-opacity: 0.85;
}
.hollow {
  fill: var(--salt);
}
.filling.stuffing {
  fill: url(#stuffing);
  fill-opacity: 1;
}
.layer.later,
.edge.later {
  fill: none !important;
  stroke-dasharray: 5 5;
  opacity: 0.6;
}
image.later {
  opacity: 0.25;
}
</style>
