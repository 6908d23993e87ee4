<script setup lang="ts">
import { computed } from 'vue'
import type { Bake } from '../../api/types'
import { CUES, TAPS } from '../../messages/labels'
import { t } from '../../messages/say'
import { clock } from '../../messages/time'
import CourseChart from './CourseChart.vue'

/** How the middle went until it came out, and what was tapped meanwhile. */
const props = defineProps<{ bake: Bake; /** Every tap, where there is room for it. */ all?: boolean }>()

/** As many as there is room for. */
const MOST_TAPS = 8
/** When it went in is told by itself; what became of it at the table is told elsewhere. */
const ELSEWHERE = new Set(['IN', 'PORTIONS', 'CHILLED', 'NONE_LEFT', 'BINNED'])

const taps = computed(() => [
  { id: 'in', at: clock(new Date(props.bake.startedAt)), words: TAPS.IN, by: props.bake.by },
  ...[...props.bake.taps]
    .reverse()
    .filter(({ kind }) => !ELSEWHERE.has(kind))
    .slice(0, props.all ? Infinity : MOST_TAPS)
    .map(({ id, at, kind, cue, by }) => ({
      id,
      at: clock(new Date(at)),
      words: cue ? CUES[cue].name.toLowerCase() : TAPS[kind],
      by,
    })),
])
</script>

<template>
  <section :aria-label="t('ui.after-panel.how-it-went')">
    <h2>{{ t('ui.after-panel.how-it-went') }}</h2>
    <CourseChart :key="bake.id" :bake="bake" :seconds="60 * (bake.actualMin ?? 0)" />
    <ol>
      <li v-for="tap in taps" :key="tap.id">
        <span>{{ tap.at }}</span> {{ tap.words }} <small v-if="tap.by">{{ tap.by }}</small>
      </li>
    </ol>
  </section>
</template>

<style scoped>
section {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 0 24px;
}
h2 {
  grid-column: 1 / -1;
  margin: 0;
  color: var(--ink-soft);
  font-size: 15px;
  font-weight: 400;
}
section :deep(svg) {
  max-height: 240px;
}
ol {
  align-self: center;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  padding: 3px 0;
}
small {
  color: var(--ink-soft);
}
li span {
  margin-right: 8px;
  font-family: var(--figures);
}
@media (max-width: 900px) {
  section {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
