<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Cue } from '../api/types'
import { fleshColour } from './flesh'

/** A patch of flesh as it looks when a cue is so: colour from the one ramp, flakes as far apart as they part. */
const props = defineProps<{ cue: Cue }>()

/** Middle and edge in °C; how wide the flakes gape, in dots; gloss over the middle. */
const LOOKS: Partial<Record<Cue, { middle: number; edge: number; gape: number; gloss?: boolean }>> = {
  GLASSY: { middle: 12, edge: 44, gape: 0.5, gloss: true },
  JUST_OPAQUE: { middle: 47, edge: 58, gape: 1, gloss: true },
  FLAKES_UNDER_PRESSURE: { middle: 53, edge: 62, gape: 2.2 },
  FLAKES_BY_ITSELF: { middle: 60, edge: 70, gape: 5 },
  LEAVES_BONE: { middle: 58, edge: 66, gape: 2.4 },
  WHITE_BEADS: { middle: 68, edge: 80, gape: 3 },
}
/** How warm the knife's tip is drawn. */
const KNIVES: Partial<Record<Cue, string>> = {
  KNIFE_COLD: '#2b6c8f',
  KNIFE_WARM: '#c9701f',
  KNIFE_HOT: '#b3261e',
}

const id = useId()
const look = computed(() => LOOKS[props.cue])
const tip = computed(() => KNIVES[props.cue])
const beads = [64, 69, 75, 80, 86, 91, 96].map((x, i) => ({
  x,
  y: 6 + ((i * 17) % 31),
  r: 1.6 + (i % 3) * 0.7,
}))
</script>

<template>
  <svg viewBox="0 0 160 44" preserveAspectRatio="xMidYMid slice" aria-hidden="true">
    <defs v-if="look">
      <radialGradient :id="id" cx="50%" cy="60%" r="62%">
        <stop offset="0" :stop-color="fleshColour(look.middle)" />
        <stop offset="1" :stop-color="fleshColour(look.edge)" />
      </radialGradient>
    </defs>
    <template v-if="look">
      <rect width="160" height="44" :fill="`url(#${id})`" />
      <path
        v-for="i in 8"
        :key="i"
        class="flake"
        :d="`M${i * 19 - 10} 0q7 22 -1 44`"
        :stroke-width="look.gape"
      />
      <ellipse v-if="look.gloss" class="gloss" cx="80" cy="26" rx="30" ry="6" />
      <path v-if="cue === 'LEAVES_BONE'" class="bone" d="M0 40h160M0 34h160" />
      <circle
        v-for="(bead, i) in cue === 'WHITE_BEADS' ? beads : []"
        :key="i"
        class="bead"
        :cx="bead.x"
        :cy="bead.y"
        :r="bead.r"
      />
    </template>
    <template v-else-if="tip">
      <rect width="160" height="44" fill="#efe9da" />
      <path class="blade" d="M71 0V26Q74 38 81 42Q90 30 90 0z" />
      <path :fill="tip" d="M71 20V26Q74 38 81 42Q87 34 89 20z" />
    </template>
    <template v-else-if="cue === 'EYE_WHITE'">
      <rect width="160" height="44" fill="#b9b3a4" />
      <circle cx="80" cy="22" r="17" fill="#8c8778" />
      <circle cx="80" cy="22" r="12" fill="#fbfaf5" />
      <circle class="flake" cx="80" cy="22" r="5" fill="#efece1" stroke-width="1" />
    </template>
    <template v-else-if="cue === 'FIN_PULLS'">
      <rect width="160" height="44" fill="#cfd6d8" />
      <path d="M0 44V30q80 -8 160 0v14z" :fill="fleshColour(58)" />
      <path class="fin" d="M64 25l-2 -14M70 24l-1 -16M76 23v-16M82 23l1 -15" />
      <path class="lift" d="M93 24V8m-4 5l4 -5l4 5" />
    </template>
    <template v-else>
      <rect width="160" height="44" fill="#e9e4d6" />
      <path class="salt" d="M0 16q20 -9 40 -3t40 -2t40 3t40 -3v33h-160z" />
      <path class="flake" d="M66 18l7 8l-4 10M88 16l6 10l-7 8l4 8" stroke-width="1.4" />
    </template>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  height: 100%;
}
.flake {
  fill: none;
  stroke: #6b5b3e;
  opacity: 0.45;
}
.gloss {
  fill: #fff;
  opacity: 0.28;
}
.bone {
  fill: none;
  stroke: #f9f6ee;
  stroke-width: 3;
}
.bead {
  fill: #fff;
  stroke: #cdb78c;
}
.blade {
  fill: #c6ccd0;
  stroke: #7d878d;
}
.fin,
.lift {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5;
  stroke-linecap: round;
}
.lift {
  stroke: var(--kelp);
}
.salt {
  fill: #fbfaf6;
  stroke: #b5af9f;
}
</style>
