<script setup lang="ts">
import { computed, ref, shallowRef, useId, watch } from 'vue'
import { api, type Problem } from '../../api/client'
import type { Sections } from '../../api/types'
import SectionOutline from '../../components/SectionOutline.vue'
import { latest } from '../../composables/latest'
import { useDrawingWidth } from '../../composables/width'
import { outMmOf, topMmOf } from '../../drawing/layers'
import { leastInColumn } from '../../drawing/sectionPicture'
import { t } from '../../messages/say'
import { minutesInWords } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import CutRuler from './CutRuler.vue'
import CutTitle from './CutTitle.vue'
import { HEIGHT, LEFT } from './cutFrame'
import { useCutReadings } from './cutReadings'

/** The piece cut along its length, from its thickest place to its thin end, at the bench's minute. */
defineProps<{ playing: boolean }>()
defineEmits<{ play: []; stages: []; across: [] }>()

const RIGHT = 20
const FLOOR = HEIGHT - 44
const TOP = 46
/** Where the thin end is read, of the way to it. */
const THIN_AT = 0.9

const bench = useBench()
const units = useUnits()
const id = useId()
const svg = ref<SVGSVGElement>()
const { width } = useDrawingWidth(svg)
const { fishIn, coldestWords, band, topFill } = useCutReadings()

const sections = shallowRef<Sections>()
const problem = ref<Problem | null>(null)
const ask = latest(
  async (signal) => {
    if (!bench.question) return
    sections.value = await api.along(bench.question, signal)
    problem.value = null
  },
  (refused) => (problem.value = refused),
)
watch(() => bench.answer, ask, { immediate: true })

const topMm = computed(() => topMmOf(sections.value!))
const longMm = computed(() => outMmOf(sections.value!))
const perMm = computed(() =>
  Math.min((width.value - LEFT - RIGHT) / longMm.value, (FLOOR - TOP) / (1.1 * topMm.value)),
)
/** A long piece is low: the empty room above it is left away. */
const above = computed(() => (sections.value ? Math.max(0, y(topMm.value) - TOP) : 0))
const x = (mm: number) => LEFT + mm * perMm.value
const y = (mm: number) => FLOOR - mm * perMm.value

const thinC = computed(() => leastInColumn(sections.value!, bench.minute, THIN_AT))
const thinBand = computed(() => bench.bandAt(thinC.value))
const thinWords = computed(() => t('ui.cut.thin-end', { thin: units.degrees(thinC.value) }))
</script>

<template>
  <div class="cut">
    <CutTitle
      :title="t('ui.cut.along-at-min', { minute: minutesInWords(bench.minute) })"
      :playing="playing"
      :turn="t('ui.cut.across')"
      @turn="$emit('across')"
      @play="$emit('play')"
      @stages="$emit('stages')"
    />
    <p v-if="problem" class="trouble" role="alert">{{ problem.message }}</p>
    <svg
      ref="svg"
      :viewBox="`0 ${above} ${width} ${HEIGHT - above}`"
      role="img"
      :aria-label="
        sections &&
        t('ui.cut.along-thick-thin', {
          thick: coldestWords,
          thin: units.degrees(thinC),
          band: thinBand?.word ?? '',
        })
      "
    >
      <template v-if="sections">
        <defs>
          <clipPath :id="`${id}-half`">
            <rect :x="x(0)" y="0" :width="width - x(0)" :height="HEIGHT" />
          </clipPath>
        </defs>
        <CutRuler :top-mm="topMm * 1.05" :per-mm="perMm" :x="LEFT - 16" :y="y" />
        <g :clip-path="`url(#${id}-half)`">
          <SectionOutline
            :sections="sections"
            :minute="bench.minute"
            :x="x"
            :y="y"
            :fish-later="!fishIn"
            :top-fill="topFill"
            :coated="bench.on.dress === 'BREADED'"
            :stuffed="bench.on.filling === 'STUFFING'"
          />
        </g>
        <line :x1="x(0)" :x2="x(longMm)" :y1="FLOOR" :y2="FLOOR" class="tray" />
        <line :x1="x(0)" :x2="x(0)" :y1="y(0)" :y2="y(topMm) - 12" class="middle" />
        <template v-if="fishIn">
          <text :x="x(0) + 6" :y="y(topMm) - 22" class="figure">
            {{ coldestWords }}
            <tspan v-if="band" class="word">· {{ band.word }}</tspan>
          </text>
          <text :x="x(THIN_AT * sections.halfWidthMm)" :y="y(topMm) - 22" text-anchor="end" class="figure">
            {{ thinWords }}
            <tspan v-if="thinBand" class="word">· {{ thinBand.word }}</tspan>
          </text>
          <line
            :x1="x(THIN_AT * sections.halfWidthMm)"
            :x2="x(THIN_AT * sections.halfWidthMm)"
            :y1="y(topMm) - 16"
            :y2="y(0)"
            class="middle"
          />
        </template>
        <text :x="x(0) + 6" :y="FLOOR + 18" class="small">{{ t('ui.cut.thickest') }}</text>
      </template>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}
.small {
  fill: var(--ink-soft);
  font: 13px var(--figures);
}
.tray {
  stroke: var(--ink);
  stroke-width: 3;
}
.middle {
  stroke: var(--ink-soft);
  stroke-dasharray: 3 4;
}
.figure {
  fill: var(--ink);
  font: 700 15px var(--text);
}
.word {
  font-weight: 400;
}
</style>
