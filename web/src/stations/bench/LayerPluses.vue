<script setup lang="ts">
import { computed } from 'vue'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import type { CutFrame } from './cutFrame'
import { useLayerLines } from './layerLines'

/** A "+" beside each place in the cut where a layer can be laid. The list of layers offers the same to whoever has no pointer. */
const props = defineProps<{ frame: CutFrame }>()

/** Beyond the vessel's rim, and no closer to one another than a finger can tell, dots. */
const OUT = 54
const APART = 25
const CLEAR = 7

const bench = useBench()
const { more, room, add, layUnder, tops } = useLayerLines()

const places = computed(() => {
  const { baseMm, heightMm } = bench.answer!.sections
  const { y } = props.frame
  const all: { y: number; lay: () => void }[] = []
  if (room.value) {
    all.push({ y: y(tops.value.at(-1) ?? baseMm + heightMm), lay: () => add('top') })
    for (let i = tops.value.length - 1; i >= 0; i--) {
      all.push({ y: y(i ? tops.value[i - 1]! : baseMm + heightMm), lay: () => layUnder(i) })
    }
  }
  if (more.value.some(([what]) => what === 'bed')) all.push({ y: y(baseMm), lay: () => add('bed') })
  // The uppermost keeps clear of what is written above it.
  let over = (all[0]?.y ?? 0) + CLEAR - APART
  return all.map((one) => {
    over = Math.max(one.y, over + APART)
    return { ...one, y: over }
  })
})
</script>

<template>
  <g
    v-for="(place, i) in places"
    :key="i"
    class="plus"
    :transform="`translate(${frame.x(frame.trayHalfMm) + OUT} ${place.y})`"
    @click="place.lay"
  >
    <title>{{ t('ui.layers.one-between') }}</title>
    <rect x="-16" y="-12.5" width="32" height="25" fill="transparent" />
    <path d="M-34 0h20" class="leader" />
    <circle r="9" />
    <path d="M-4.5 0h9M0 -4.5v9" class="sign" />
  </g>
</template>

<style scoped>
.plus {
  cursor: pointer;
}
.plus circle {
  fill: #fff;
  stroke: var(--clay);
  stroke-width: 1.6;
}
.plus:hover circle {
  fill: var(--clay);
}
.leader {
  stroke: var(--rule);
  stroke-width: 1;
}
.sign {
  stroke: var(--clay);
  stroke-width: 2;
}
.plus:hover .sign {
  stroke: #fff;
}
</style>
