<script setup lang="ts">
import type { Ware } from '../../api/types'

/** What it all stands in, from the side, as thick as it is. */
defineProps<{ ware?: Ware | undefined; left: number; right: number; floor: number }>()
</script>

<template>
  <path
    class="vessel"
    :class="ware?.toLowerCase()"
    :d="`M${left - 34} ${floor - 9}L${left - 27} ${floor + 4}H${right + 27}L${right + 34} ${floor - 9}`"
  />
</template>

<style scoped>
.vessel {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4;
  stroke-linejoin: round;
  stroke-linecap: round;
}
.vessel:is(.stoneware, .cast_pan) {
  stroke-width: 8;
}
.vessel.stoneware {
  stroke: #8a6f5a;
}
.vessel.foil_boat {
  stroke: #7a8b95;
  stroke-width: 2;
}
.vessel.glass {
  stroke: #9fb7bd;
  stroke-width: 6;
}
</style>
