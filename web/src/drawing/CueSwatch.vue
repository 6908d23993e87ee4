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
const beads = [18, 40, 61, 83, 104, 127, 146].map((x, i) => ({ x, y: 6 + ((i * 7) % 11), r: 2 + (i % 3) }))
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
      <path class="blade" d="M0 14h104l44 12q-30 10-74 8H0z" />
      <path :fill="tip" d="M108 15l40 11q-20 7-46 8z" />
    </template>
    <template v-else-if="cue === 'EYE_WHITE'">
      <rect width="160" height="44" fill="#b9b3a4" />
      <circle cx="80" cy="22" r="17" fill="#8c8778" />
      <circle cx="80" cy="22" r="12" fill="#fbfaf5" />
      <circle class="flake" cx="80" cy="22" r="5" fill="#efece1" stroke-width="1" />
    </template>
    <template v-else-if="cue === 'FIN_PULLS'">
      <path d="M0 44V32q80 -14 160 0v12z" :fill="fleshColour(58)" />
      <path class="fin" d="M42 22l74 -6M50 21l-4 -15M66 20l-3 -16M82 19l-1 -16M98 17l1 -15M112 16l4 -12" />
      <path class="lift" d="M128 24v-14m-5 5l5 -6l5 6" />
    </template>
    <template v-else>
      <rect width="160" height="44" fill="#e9e4d6" />
      <path class="salt" d="M0 16q20 -9 40 -3t40 -2t40 3t40 -3v33h-160z" />
      <path class="flake" d="M22 20l12 7l-5 10M96 17l9 9l-8 8l5 8" stroke-width="1.4" />
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
