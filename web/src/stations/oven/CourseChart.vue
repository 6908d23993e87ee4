<script setup lang="ts">
import { t } from '../../messages/say'
import { useThrottleFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api } from '../../api/client'
import type { Bake, Inside } from '../../api/types'
import ChartFrame from '../../components/ChartFrame.vue'
import { useChart } from '../../composables/chart'
import { valueAt } from '../../drawing/sectionPicture'
import { latest } from '../../composables/latest'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'

/** Where the middle may be by all that is known, the probe's trace beside it, and the bake's hand on both. */
const props = defineProps<{ bake: Bake; seconds: number }>()

const WIDTH = 540
const HEIGHT = 330
const LEFT = 46
/** The names of the bands stand on the right, however long they are: about so wide is a letter. */
const LETTER = 8.5
const RIGHT_LEAST = 70
const TOP = 12
const BOTTOM = 30
const MOST_C = 70
/** The members are asked for again at most this often while readings come in, ms. */
const CALM_MS = 1500

const units = useUnits()
const bench = useBench()
const inside = ref<Inside | null>(null)
const trouble = ref(false)

const ask = latest(
  async (signal) => {
    inside.value = await api.inside(props.bake.id, signal)
    trouble.value = false
  },
  () => (trouble.value = true),
)
const calmly = useThrottleFn(ask, CALM_MS, true)
watch([() => props.bake.revision, () => props.bake.window.likelyMin], () => void calmly(), {
  immediate: true,
})
void bench.open()

const fan = computed(() => inside.value!.fan)
const minute = computed(() => Math.max(0, props.seconds / 60))
const end = computed(() => Math.max(props.bake.window.noLaterThanMin * 1.08, minute.value + 0.5))
const leastC = computed(() => Math.min(0, fan.value.lowC[0] ?? 0))
const right = computed(() => {
  const letters = (bench.catalogue?.bands ?? []).map((band) => band.word.length)
  return Math.max(RIGHT_LEAST, ...letters.map((count) => 18 + LETTER * count))
})
const chart = useChart(
  () => ({ width: WIDTH, height: HEIGHT, left: LEFT, right: right.value, top: TOP, bottom: BOTTOM }),
  () => ({ endMinute: end.value, leastC: leastC.value, mostC: MOST_C }),
)
const { x, inBox } = chart
const expectedC = computed(() => valueAt(fan.value.minute, fan.value.middleC, minute.value))

/** The last reading comes with the bake itself, before the members are asked for again. */
const trace = computed(() => {
  const probe = props.bake.probe
  const known = inside.value!.trace
  if (probe?.at === undefined || probe.celsius === undefined || !probe.trust) return known
  const at = (Date.parse(probe.at) - Date.parse(props.bake.startedAt)) / 60_000
  const last = known[known.length - 1]
  return last && at <= last.minute
    ? known
    : [...known, { minute: at, celsius: probe.celsius, trust: probe.trust }]
})
const believed = computed(() => trace.value.filter((t) => t.trust === 'STEADY' && t.minute >= 0))
const doubted = computed(() => trace.value.filter((t) => t.trust !== 'STEADY' && t.minute >= 0))
const probeAt = computed(() => {
  const last = trace.value[trace.value.length - 1]
  return last?.trust === 'STEADY' ? last : null
})
const hand = computed(() => ({
  celsius: probeAt.value?.celsius ?? expectedC.value,
  words: probeAt.value
    ? units.degrees(probeAt.value.celsius)
    : t('ui.course-chart.about', { temp: units.degrees(expectedC.value) }),
}))
const checkWindow = computed(() => {
  const { checkFromMin, noLaterThanMin } = props.bake.window
  return { checkFromMin, noLaterThanMin }
})
const late = computed(() => minute.value > end.value * 0.6)
</script>

<template>
  <p v-if="trouble && !inside">{{ t('ui.course-chart.the-course-cannot-be-drawn') }}</p>
  <svg
    v-else-if="inside"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    :aria-label="t('ui.course-chart.the-middle-is-at', { words: hand.words })"
  >
    <ChartFrame :chart="chart" :window="checkWindow" :parts="{ minutes: 7, degrees: 4 }" />
    <path :d="chart.between(fan.minute, fan.lowC, fan.highC)" class="fan" />
    <path :d="chart.through(fan.minute, fan.middleC)" class="model" :class="{ faint: believed.length }" />
    <circle
      v-for="(reading, i) in doubted"
      :key="i"
      :cx="x(reading.minute)"
      :cy="inBox(reading.celsius)"
      r="2"
      class="doubted"
    />
    <path
      v-if="believed.length"
      :d="
        chart.through(
          believed.map((r) => r.minute),
          believed.map((r) => r.celsius),
        )
      "
      class="trace"
    />
    <line :x1="x(minute)" :x2="x(minute)" :y1="TOP" :y2="HEIGHT - BOTTOM" class="hand" />
    <circle :cx="x(minute)" :cy="inBox(hand.celsius)" r="7" class="at" />
    <text
      :x="x(minute) + (late ? -12 : 12)"
      :y="inBox(hand.celsius) - 12"
      :text-anchor="late ? 'end' : 'start'"
      class="now"
    >
      {{ hand.words }}
    </text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
}
/* Read from across the kitchen. */
svg :deep(.frame text) {
  font-size: 16px;
}
.fan {
  fill: var(--brine);
  opacity: 0.16;
}
.model {
  fill: none;
  stroke: var(--brine);
  stroke-width: 2;
  stroke-dasharray: 7 5;
}
.model.faint {
  opacity: 0.6;
}
.trace {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
  stroke-linejoin: round;
}
.doubted {
  fill: none;
  stroke: var(--ember-text);
}
.hand {
  stroke: var(--clay);
  stroke-width: 2;
}
.at {
  fill: var(--clay);
}
text {
  fill: var(--ink);
}
.now {
  font-size: 20px;
  font-weight: 700;
  paint-order: stroke;
  stroke: var(--salt);
  stroke-width: 4px;
}
</style>
