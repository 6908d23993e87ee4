<script setup lang="ts">
import { computed } from 'vue'
import type { Belief } from '../../api/types'
import { scale } from '../../drawing/scale'
import { t } from '../../messages/say'
import { useUnits } from '../../messages/units'

/** What was believed of an oven before a bake and after it: how far its air lies off its dial, and how surely that is known. */
const props = defineProps<{ oven: string; before: Belief | undefined; after: Belief | undefined }>()

const WIDTH = 420
const EDGE = 14
const MOST_C = 45
const ROWS = [34, 64]
const TICKS_C = [-40, -20, 0, 20, 40]

const units = useUnits()
const x = scale([-MOST_C, MOST_C], [EDGE, WIDTH - EDGE])
const inside = (celsius: number) => Math.max(-MOST_C, Math.min(MOST_C, celsius))
const rows = computed(() =>
  [
    { name: t('ui.log.before'), belief: props.before },
    { name: t('ui.log.after'), belief: props.after },
  ].flatMap(({ name, belief }, i) => {
    if (!belief) return []
    const { offsetC, offsetDoubtC } = belief.calibration
    return {
      name,
      y: ROWS[i]!,
      words: t('ui.log.belief', { name, oven: props.oven, words: belief.words }),
      from: x(inside(offsetC - offsetDoubtC)),
      to: x(inside(offsetC + offsetDoubtC)),
      at: x(inside(offsetC)),
    }
  }),
)
</script>

<template>
  <div>
    <p v-for="row in rows" :key="row.name">{{ row.words }}</p>
    <p v-if="!after">{{ t('ui.log.not-worked-out') }}</p>
    <svg :viewBox="`0 0 ${WIDTH} 100`" aria-hidden="true">
      <template v-for="celsius in TICKS_C" :key="celsius">
        <line :x1="x(celsius)" :x2="x(celsius)" y1="14" y2="78" class="tick" :class="{ true: !celsius }" />
        <text :x="x(celsius)" y="95">
          {{ celsius ? (celsius > 0 ? '+' : '−') + units.rise(Math.abs(celsius)) : t('ui.log.as-dialled') }}
        </text>
      </template>
      <g v-for="row in rows" :key="row.name" :class="{ after: row.y === ROWS[1] }">
        <line :x1="row.from" :x2="row.to" :y1="row.y" :y2="row.y" class="doubt" />
        <circle :cx="row.at" :cy="row.y" r="6" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
p {
  margin: 0 0 2px;
}
svg {
  display: block;
  width: 100%;
  max-width: 460px;
}
.tick {
  stroke: var(--rule);
}
.tick.true {
  stroke: var(--ink-soft);
}
text {
  fill: var(--ink-soft);
  font-size: 13px;
  text-anchor: middle;
}
.doubt {
  stroke: #a9b8c2;
  stroke-width: 12;
  stroke-linecap: round;
}
circle {
  fill: var(--ink-soft);
}
.after .doubt {
  stroke: #9fbdb2;
}
.after circle {
  fill: var(--kelp);
}
</style>
