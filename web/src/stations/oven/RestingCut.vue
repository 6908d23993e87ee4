<script setup lang="ts">
import EmphasisedText from '../../components/EmphasisedText'
import { t } from '../../messages/say'
import { computed, ref, watch } from 'vue'
import { api, Problem } from '../../api/client'
import type { Answer, Bake } from '../../api/types'
import SectionOutline from '../../components/SectionOutline.vue'
import { valueAt } from '../../drawing/sectionPicture'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import { useRunning } from '../../stores/running'

/** What goes on inside while it rests: the cut, coasting. */
const props = defineProps<{ bake: Bake; seconds: number }>()

const WIDTH = 540
const HEIGHT = 250
const BOTTOM = 24
const MARGIN = 20

const units = useUnits()
const bench = useBench()
const running = useRunning()
const answer = ref<Answer | null>(null)
const trouble = ref(false)
void bench.open()

async function ask() {
  try {
    answer.value = await api.rest(props.bake.id)
    trouble.value = false
  } catch (failure) {
    if (!(failure instanceof Problem)) throw failure
    trouble.value = true
  }
}
/** What is tapped here and still on its way the kitchen computer cannot know of. */
const heard = computed(() => running.waiting.every((parcel) => parcel.bakeId !== props.bake.id))
watch([() => props.bake.outAt, heard], () => heard.value && void ask(), { immediate: true })
watch(
  () => props.bake.revision,
  () => trouble.value && void ask(),
)

const sections = computed(() => answer.value!.sections)
const layers = computed(() => sections.value.layers)
const halfMm = computed(() =>
  Math.max(sections.value.halfWidthMm, ...layers.value.flatMap((l) => l.outline.map((p) => p[0]!))),
)
const topMm = computed(() =>
  Math.max(
    sections.value.baseMm + sections.value.heightMm,
    ...layers.value.flatMap((l) => l.outline.map((p) => p[1]!)),
  ),
)
const perMm = computed(() =>
  Math.min((WIDTH - 2 * MARGIN) / (2 * halfMm.value), (HEIGHT - BOTTOM - MARGIN) / topMm.value),
)
const x = (mm: number) => WIDTH / 2 + mm * perMm.value
const y = (mm: number) => HEIGHT - BOTTOM - mm * perMm.value
/** Half minutes are enough: a picture is made anew for each. */
const minute = computed(() =>
  Math.min(
    answer.value!.bakeMinutes + answer.value!.restMinutes,
    Math.max(answer.value!.bakeMinutes, Math.round((props.seconds / 60) * 4) / 4),
  ),
)
const coldestC = computed(() =>
  valueAt(answer.value!.trace.minute, answer.value!.trace.coldestC, minute.value),
)
const band = computed(() => bench.bandAt(coldestC.value))
const toCome = computed(() => answer.value!.peakC - coldestC.value)
const spot = computed(() => ({
  x: valueAt(sections.value.minute, sections.value.coldestXMm, minute.value),
  y: valueAt(sections.value.minute, sections.value.coldestYMm, minute.value),
}))
</script>

<template>
  <p v-if="trouble && !answer">{{ t('ui.resting-cut.the-cut-cannot-be-drawn') }}</p>
  <div v-else-if="answer" class="resting">
    <p class="said">
      <EmphasisedText
        :said="
          t('ui.resting-cut.middle-about', {
            coldest: units.degrees(coldestC),
            named: band?.word ?? 'none',
          })
        "
      /><template v-if="toCome > 0.7">{{
        t('ui.resting-cut.it-coasts-more-to', {
          toCome: units.rise(toCome),
          peak: units.degrees(answer.peakC),
        })
      }}</template
      ><template v-else>{{ t('ui.resting-cut.it-coasts-no-further') }}</template
      >.
    </p>
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="t('ui.resting-cut.the-cut-its-middle-at', { coldest: units.degrees(coldestC) })"
    >
      <SectionOutline :sections="sections" :minute="minute" :x="x" :y="y" />
      <line :x1="MARGIN" :x2="WIDTH - MARGIN" :y1="HEIGHT - BOTTOM" :y2="HEIGHT - BOTTOM" class="board" />
      <circle :cx="x(spot.x)" :cy="y(spot.y)" r="6" class="spot" />
      <text :x="x(spot.x) + 12" :y="y(spot.y) + 7">{{ units.degrees(coldestC) }}</text>
    </svg>
    <p v-if="answer.forgotten" class="left">
      {{
        t('ui.resting-cut.left-shut-for-minutes-its', {
          minutes: Math.round(answer.forgotten.minutes),
          peak: units.degrees(answer.forgotten.peakC),
        })
      }}
    </p>
  </div>
</template>

<style scoped>
.resting {
  width: 100%;
}
svg {
  display: block;
  width: 100%;
}
.said,
.left {
  margin: 0;
  font-size: 18px;
}
.left {
  color: var(--ember-text);
}
.said b {
  font-size: 24px;
}
.board {
  stroke: #8a6a45;
  stroke-width: 6;
}
.spot {
  fill: none;
  stroke: var(--clay);
  stroke-width: 2.5;
}
text {
  fill: var(--ink);
  font-size: 22px;
  font-weight: 700;
  paint-order: stroke;
  stroke: var(--salt);
  stroke-width: 4px;
}
</style>
