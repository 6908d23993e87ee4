<script setup lang="ts">
import type { DressKind } from '../api/types'

/** A way to dress a fish, as a small drawing from the side. */
defineProps<{ kind: DressKind }>()
</script>

<template>
  <svg viewBox="0 0 44 28" width="44" height="28" aria-hidden="true" class="glyph">
    <g v-if="kind === 'OPEN_TRAY'">
      <rect x="10" y="10" width="24" height="11" rx="5" fill="#efe6d4" />
      <path d="M3 20l3 4h32l3-4" fill="none" />
    </g>
    <g v-else-if="kind === 'TOPPING' || kind === 'BREADED'">
      <rect x="10" y="12" width="24" height="9" rx="4" fill="#efe6d4" />
      <path d="M10 13q2-8 6-5t5-2 6 1 7 6z" fill="#c99f5a" />
      <path d="M3 20l3 4h32l3-4" fill="none" />
    </g>
    <g v-else-if="kind === 'PARCHMENT'">
      <path d="M4 23c2-12 9-19 18-19s16 7 18 19z" fill="#fff" />
      <path d="M9 20l4-8 4 8 5-10 5 10 4-8 4 8" fill="none" stroke-width="1.4" />
    </g>
    <g v-else-if="kind === 'FOIL'">
      <path d="M4 22l6-11h24l6 11z" fill="#d3dce0" />
      <path d="M13 11l2-5h14l2 5" fill="none" />
    </g>
    <g v-else-if="kind === 'SALT_CRUST'">
      <path d="M5 24c0-12 6-20 17-20s17 8 17 20z" fill="#fff" />
      <ellipse cx="22" cy="16" rx="9" ry="5" fill="#8fa0a6" stroke-width="1.5" />
      <path d="M12 9h.1M18 7h.1M27 8h.1M33 12h.1M9 18h.1M35 19h.1" stroke-width="2.4" />
    </g>
    <g v-else>
      <rect x="12" y="5" width="20" height="9" rx="4" fill="#efe6d4" />
      <path d="M7 20a3 3 0 0 1 6-1 4 4 0 0 1 7-1 4 4 0 0 1 7 0 4 4 0 0 1 6 1 3 3 0 0 1 4 1z" fill="#9db08a" />
      <path d="M3 20l3 4h32l3-4" fill="none" />
    </g>
  </svg>
</template>

<style scoped>
.glyph {
  stroke: currentColor;
  stroke-width: 2;
  stroke-linejoin: round;
  stroke-linecap: round;
}
</style>
