<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, Problem } from '../../api/client'
import type { Answer } from '../../api/types'
import { fleshColour } from '../../drawing/flesh'
import { path, scale, ticks } from '../../drawing/scale'
import { valueAt } from '../../drawing/sectionPicture'
import { useUnits } from '../../words/units'
import type { Bake } from '../../api/types'
import { useBench } from '../bench/bench'

/** What the model expects of the coldest point, and where the bake is on it now. */
const props = defineProps<{ bake: Bake; seconds: number }>()

const WIDTH = 540
const HEIGHT = 340
const LEFT = 46
const RIGHT = 70
const TOP = 16
const BOTTOM = 30
const MOST_C = 70

const units = useUnits()
const bench = useBench()
const answer = ref<Answer | null>(null)
const trouble = ref(false)

/** Once it is out the course is that of the minutes it really had. */
watch(
  () => props.bake.actualMin,
  async (actual) => {
    const programme = props.bake.question.programme.map((stage) =>
      stage.stage === 'BAKE' && actual !== undefined ? { ...stage, minutes: Math.max(0.5, actual) } : stage,
    )
    try {
      answer.value = await api.estimate({ ...props.bake.question, programme })
      trouble.value = false
    } catch (failure) {
      if (!(failure instanceof Problem)) throw failure
      trouble.value = true
    }
  },
  { immediate: true },
)
void bench.open()

const leastC = computed(() => Math.min(0, answer.value?.trace.coldestC[0] ?? 0))
const end = computed(() => {
  const last = answer.value ? answer.value.bakeMinutes + answer.value.restMinutes : 1
  return Math.max(last, props.bake.noLaterThanMin)
})
const x = computed(() => scale([0, end.value], [LEFT, WIDTH - RIGHT]))
const y = computed(() => scale([leastC.value, MOST_C], [HEIGHT - BOTTOM, TOP]))
const course = computed(() => {
  const t = answer.value!.trace
  return t.minute.map((m, i) => [x.value(m), y.value(Math.min(MOST_C, t.coldestC[i]!))] as [number, number])
})
const minute = computed(() => Math.min(end.value, props.seconds / 60))
const expectedC = computed(() =>
  valueAt(answer.value!.trace.minute, answer.value!.trace.coldestC, minute.value),
)
const bands = computed(() => {
  const all = bench.catalogue?.bands ?? []
  return all.slice(1).map((band, i) => {
    const from = band.fromC
    const to = Math.min(MOST_C, all[i + 2]?.fromC ?? MOST_C)
    return {
      ...band,
      top: y.value(to),
      height: y.value(from) - y.value(to),
      colour: fleshColour((from + to) / 2),
    }
  })
})
</script>

<template>
  <p v-if="trouble">The course cannot be drawn just now.</p>
  <svg
    v-else-if="answer"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    :aria-label="`The middle should be at ${units.degrees(expectedC)}`"
  >
    <g v-for="band in bands" :key="band.word">
      <rect :x="LEFT" :y="band.top" :width="WIDTH - LEFT - RIGHT" :height="band.height" :fill="band.colour" />
      <text :x="WIDTH - RIGHT + 8" :y="band.top + band.height / 2 + 5">{{ band.word }}</text>
    </g>
    <rect
      class="window"
      :x="x(bake.checkFromMin)"
      :y="TOP"
      :width="x(bake.noLaterThanMin) - x(bake.checkFromMin)"
      :height="HEIGHT - TOP - BOTTOM"
    />
    <line :x1="LEFT" :x2="WIDTH - RIGHT" :y1="y(leastC)" :y2="y(leastC)" class="base" />
    <text v-for="c in [0, 20, 40, 60]" :key="c" :x="LEFT - 8" :y="y(c) + 5" text-anchor="end" class="figure">
      {{ units.degrees(c) }}
    </text>
    <text v-for="t in ticks(end, 7)" :key="t" :x="x(t)" :y="HEIGHT - 8" text-anchor="middle" class="figure">
      {{ t }}
    </text>
    <text :x="WIDTH - RIGHT + 26" :y="HEIGHT - 8" class="figure">min</text>
    <path :d="path(course)" class="course" />
    <g v-if="seconds / 60 <= end">
      <line :x1="x(minute)" :x2="x(minute)" :y1="TOP" :y2="HEIGHT - BOTTOM" class="hand" />
      <circle :cx="x(minute)" :cy="y(expectedC)" r="7" class="at" />
      <text
        :x="x(minute) + (minute > end * 0.6 ? -12 : 12)"
        :y="y(expectedC) - 12"
        :text-anchor="minute > end * 0.6 ? 'end' : 'start'"
        class="now"
      >
        about {{ units.degrees(expectedC) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
}
text {
  fill: var(--ink);
  font-size: 14px;
}
.figure {
  fill: var(--ink-soft);
  font-family: var(--figures);
}
.window {
  fill: var(--kelp);
  opacity: 0.22;
}
.base {
  stroke: var(--rule);
}
.course {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
}
.hand {
  stroke: var(--clay);
  stroke-width: 2;
}
.at {
  fill: var(--clay);
}
.now {
  font-size: 20px;
  font-weight: 700;
  paint-order: stroke;
  stroke: var(--salt);
  stroke-width: 4px;
}
</style>
