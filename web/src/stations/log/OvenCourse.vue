<script setup lang="ts">
import { computed, ref } from 'vue'
import type { OvenTaught } from '../../api/types'
import { useDrawingWidth } from '../../composables/width'
import { scale } from '../../drawing/scale'
import { t } from '../../messages/say'
import { useUnits } from '../../messages/units'

/** What was believed of an oven, bake by bake, with the doubt about it: its air against its dial above, how strongly that moves below. */
const props = defineProps<{ oven: OvenTaught }>()

const LEFT = 66
const RIGHT = 12
const OFFSETS = { top: 8, bottom: 118, height: 126 }
const DRAUGHTS = { top: 8, bottom: 78, height: 86 }
const LEAST_C = 20
const LEAST_FACTOR = 1.5

const units = useUnits()
const drawing = ref<SVGSVGElement>()
const { width } = useDrawingWidth(drawing)
const steps = computed(() => props.oven.steps)
const x = computed(() => scale([-0.5, Math.max(0.5, steps.value.length - 0.5)], [LEFT, width.value - RIGHT]))
const reachC = computed(() =>
  Math.max(LEAST_C, ...steps.value.map((s) => Math.abs(s.offsetC) + s.offsetDoubtC)),
)
const y = computed(() => scale([reachC.value, -reachC.value], [OFFSETS.top, OFFSETS.bottom]))
const reachTimes = computed(() =>
  Math.max(LEAST_FACTOR, ...steps.value.flatMap((s) => [s.draughtMost, 1 / s.draughtLeast])),
)
const z = computed(() => {
  const onLog = scale(
    [Math.log(reachTimes.value), -Math.log(reachTimes.value)],
    [DRAUGHTS.top, DRAUGHTS.bottom],
  )
  return (times: number) => onLog(Math.log(times))
})
const rise = computed(() => units.rise(Math.round(reachC.value)))
const times = (factor: number) => t('ui.taught.times', { times: factor.toFixed(1) })
</script>

<template>
  <div>
    <svg
      ref="drawing"
      :viewBox="`0 0 ${width} ${OFFSETS.height}`"
      role="img"
      :aria-label="t('ui.taught.oven-course', { oven: oven.name })"
    >
      <text :x="LEFT - 8" :y="OFFSETS.top + 9">{{ t('ui.taught.hot', { rise }) }}</text>
      <text :x="LEFT - 8" :y="y(0) + 4">{{ t('ui.taught.true') }}</text>
      <text :x="LEFT - 8" :y="OFFSETS.bottom">{{ t('ui.taught.cool', { rise }) }}</text>
      <line :x1="LEFT" :x2="width - RIGHT" :y1="y(0)" :y2="y(0)" class="true" />
      <g v-for="(step, i) in steps" :key="step.id" :class="{ forgotten: step.forgotten }">
        <line
          :x1="x(i)"
          :x2="x(i)"
          :y1="y(step.offsetC - step.offsetDoubtC)"
          :y2="y(step.offsetC + step.offsetDoubtC)"
          class="doubt"
        />
        <circle :cx="x(i)" :cy="y(step.offsetC)" r="4.5" />
      </g>
    </svg>
    <p>{{ t('ui.taught.draught-course') }}</p>
    <svg :viewBox="`0 0 ${width} ${DRAUGHTS.height}`" aria-hidden="true">
      <text :x="LEFT - 8" :y="DRAUGHTS.top + 9">{{ times(reachTimes) }}</text>
      <text :x="LEFT - 8" :y="z(1) + 4">{{ times(1) }}</text>
      <text :x="LEFT - 8" :y="DRAUGHTS.bottom">{{ times(1 / reachTimes) }}</text>
      <line :x1="LEFT" :x2="width - RIGHT" :y1="z(1)" :y2="z(1)" class="true" />
      <g v-for="(step, i) in steps" :key="step.id" :class="{ forgotten: step.forgotten }">
        <line :x1="x(i)" :x2="x(i)" :y1="z(step.draughtLeast)" :y2="z(step.draughtMost)" class="doubt" />
        <circle :cx="x(i)" :cy="z(step.draught)" r="4.5" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 640px;
}
p {
  margin: 4px 0 0;
  color: var(--ink-soft);
  font-size: 14px;
}
text {
  fill: var(--ink-soft);
  font-size: 13px;
  text-anchor: end;
}
.true {
  stroke: #a9a695;
}
.doubt {
  stroke: #9fbdb2;
  stroke-width: 8;
  stroke-linecap: round;
}
circle {
  fill: var(--kelp);
}
.forgotten .doubt {
  stroke: var(--rule);
}
.forgotten circle {
  fill: #a9a695;
}
</style>
