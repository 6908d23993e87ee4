<script setup lang="ts">
import type { DressKind } from '../api/types'

defineProps<{ kind: DressKind }>()
</script>

<template>
  <svg viewBox="0 0 44 28" width="44" height="28" aria-hidden="true">
    <g v-if="kind === 'OPEN_TRAY'">
      <rect
        x="10"
        y="10"
        width="24"
        height="11"
        rx="5"
        fill="#efe6d4"
        stroke="currentColor"
        stroke-width="2"
      />
      <path d="M3 20l3 4h32l3-4" fill="none" stroke="currentColor" stroke-width="2" />
    </g>
    <g v-else-if="kind === 'PARCHMENT'">
      <path
        d="M4 23c2-12 9-19 18-19s16 7 18 19z"
        fill="#fff"
        stroke="currentColor"
        stroke-width="2"
        stroke-linejoin="round"
      />
      <path d="M9 20l4-8 4 8 5-10 5 10 4-8 4 8" fill="none" stroke="currentColor" stroke-width="1.4" />
    </g>
    <g v-else>
      <path
        d="M4 22l6-11h24l6 11z"
        fill="#d3dce0"
        stroke="currentColor"
        stroke-width="2"
        stroke-linejoin="round"
      />
      <path
        d="M13 11l2-5h14l2 5"
        fill="none"
        stroke="currentColor"
        stroke-width="2"
        stroke-linejoin="round"
      />
    </g>
  </svg>
</template>
