<script setup lang="ts">
import { computed } from 'vue'
import type { Score, Sense } from '../../api/types'

/** A small drawing of a character as it looks at each grade: from the day's catch to what nobody should eat. */
const props = defineProps<{ sense: Sense; score: Score }>()

const at = computed(() => ['EXTRA', 'A', 'B', 'REFUSED'].indexOf(props.score))
const pick = <T,>(choices: [T, T, T, T]) => choices[at.value]!
const gill = computed(() => pick(['#b3262b', '#b5585a', '#8f6f62', '#a39a6a']))
const skin = computed(() => pick(['#6f97a8', '#86a0aa', '#9aa29f', '#a7a592']))
const flesh = computed(() => pick(['#cdd6d6', '#cfcfc6', '#d3c7ab', '#b99a6b']))
</script>

<template>
  <svg viewBox="0 0 48 28" width="48" height="28" aria-hidden="true">
    <g v-if="sense === 'EYE'">
      <ellipse
        cx="24"
        cy="15"
        :rx="14"
        :ry="pick([12, 10, 8, 7])"
        :fill="pick(['#f4f2e6', '#e9e6d8', '#d5d3c8', '#c2c0b6'])"
        stroke="#22303a"
        stroke-width="1.5"
      />
      <circle
        cx="24"
        :cy="pick([14, 15, 16, 17])"
        :r="pick([7, 6.5, 6, 5.5])"
        :fill="pick(['#10171c', '#333b40', '#6b7074', '#a3a39c'])"
      />
      <circle v-if="at < 2" cx="21" cy="11" r="1.8" fill="#fff" />
    </g>
    <g v-else-if="sense === 'GILLS'" fill="none" :stroke="gill" stroke-width="3" stroke-linecap="round">
      <path d="M12 4q8 10 0 20M20 3q9 11 0 22M28 3q9 11 0 22M36 4q8 10 0 20" />
    </g>
    <g v-else-if="sense === 'SKIN' || sense === 'SURFACE'">
      <rect x="4" y="4" width="40" height="20" rx="4" :fill="sense === 'SKIN' ? skin : flesh" />
      <path
        v-if="sense === 'SKIN'"
        d="M8 10q4 4 8 0q4 4 8 0q4 4 8 0q4 4 8 0M8 17q4 4 8 0q4 4 8 0q4 4 8 0q4 4 8 0"
        fill="none"
        stroke="#22303a"
        opacity=".5"
      />
      <path v-if="at === 0" d="M9 7h18" stroke="#fff" stroke-width="2.5" stroke-linecap="round" />
      <path v-if="at === 3" d="M10 20q6-8 12-2t14-6" fill="none" stroke="#7a6a35" stroke-width="2.5" />
    </g>
    <g v-else-if="sense === 'MUCUS'">
      <path
        d="M24 3q9 12 9 16a9 8 0 0 1-18 0q0-4 9-16z"
        :fill="pick(['#d5e8ee', '#d7dfdf', '#e9e6d6', '#d8cb8b'])"
        :opacity="pick([0.7, 0.85, 1, 1])"
        stroke="#22303a"
        stroke-width="1.4"
      />
    </g>
    <g v-else-if="sense === 'BELLY'">
      <path d="M4 8q20-8 40 0v6q-20 14-40 0z" :fill="flesh" stroke="#22303a" stroke-width="1.4" />
      <path
        v-if="at >= 2"
        :d="at === 3 ? 'M16 18l4-7 3 6 4-8 3 8' : 'M18 18l4-5 4 4'"
        fill="none"
        stroke="#7b3f2c"
        stroke-width="2"
      />
    </g>
    <g
      v-else-if="sense === 'SMELL' || sense === 'FILLET_SMELL'"
      fill="none"
      :stroke="pick(['#2e6659', '#7d8a86', '#a07a2a', '#8a3b1f'])"
      stroke-width="2.4"
      stroke-linecap="round"
    >
      <path d="M14 24q-5-5 0-10t0-10" />
      <path v-if="at !== 1" d="M24 24q-5-5 0-10t0-10" />
      <path v-if="at !== 1" d="M34 24q-5-5 0-10t0-10" />
      <path v-if="at === 3" d="M6 4l36 21" stroke="#b3261e" />
    </g>
    <g v-else-if="sense === 'GAPING'">
      <rect x="4" y="5" width="40" height="18" rx="4" :fill="flesh" />
      <path
        d="M12 5q5 9 0 18M22 5q5 9 0 18M32 5q5 9 0 18"
        fill="none"
        stroke="#4a4436"
        :stroke-width="pick([0.8, 1.8, 3.2, 5])"
      />
    </g>
    <g v-else-if="sense === 'EDGE'">
      <rect
        x="4"
        y="5"
        width="40"
        height="18"
        rx="4"
        fill="#cdd6d6"
        :stroke="pick(['#cdd6d6', '#c9bf9f', '#c1a258', '#7a4d22'])"
        stroke-width="4"
      />
    </g>
    <g v-else>
      <path
        :d="`M4 24V${12}q10 0 14 0q6 ${pick([1, 5, 11, 16])} 12 0h14v12z`"
        :fill="flesh"
        stroke="#22303a"
        stroke-width="1.4"
      />
      <path d="M24 1v8" stroke="#a8482b" stroke-width="3" stroke-linecap="round" />
    </g>
  </svg>
</template>
