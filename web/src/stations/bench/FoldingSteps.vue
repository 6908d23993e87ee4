<script setup lang="ts">
import EmphasisedText from '../../components/EmphasisedText'
import { t } from '../../messages/say'
import { computed } from 'vue'
import type { Fold } from '../../api/types'
import { FOLDS } from '../../messages/labels'
import { useUnits } from '../../messages/units'
import SideDialog from '../../components/SideDialog.vue'
import { useBench } from '../../stores/bench'

/** How to close the parcel that is on the bench, as a short sequence of drawings. */
const shown = defineModel<boolean>({ required: true })

const bench = useBench()
const units = useUnits()
const sheet = computed(() => bench.answer?.quantities.sheet)
const fold = computed<Fold>(() => sheet.value?.fold ?? 'HEART')
const size = computed(() =>
  sheet.value
    ? t('ui.folding-steps.across-along', {
        across: units.amount('length', sheet.value.acrossMm),
        along: units.amount('length', sheet.value.alongMm),
        twice: sheet.value.layers > 1 ? t('ui.folding-steps.two-sheets-on-each-other') : '',
      })
    : '',
)

interface Step {
  words: string
  /** The sheet's edge. */
  paper: string
  /** A crease or a cut, dashed. */
  crease?: string
  /** Where a hand moves. */
  move?: string
  fish?: boolean
  crimp?: string
}

const RECTANGLE = 'M14 14H126V86H14Z'
const HALF = 'M70 14H126V86H70Z'
const STEPS: Record<Fold, Step[]> = {
  HEART: [
    { words: t('ui.folding-steps.fold-the-sheet-in-half'), paper: RECTANGLE, crease: 'M70 14V86' },
    {
      words: t('ui.folding-steps.cut-half-a-heart-from'),
      paper: HALF,
      crease: 'M70 24C92 6 122 24 116 50S84 78 70 86',
    },
    {
      words: t('ui.folding-steps.lay-the-fish-on-one'),
      paper: 'M70 24C48 6 18 24 24 50S56 78 70 86C84 78 122 76 116 50S92 6 70 24Z',
      crease: 'M70 24V86',
      fish: true,
    },
    {
      words: t('ui.folding-steps.fold-over-from-the-round'),
      paper: 'M70 24C92 6 122 24 116 50S84 78 70 86Z',
      crimp: 'M72 24l8-6 2 7 9-4 1 8 9-1-2 8 9 2-5 7 7 5-8 5',
      move: 'M78 10C104 2 130 22 126 48',
    },
    {
      words: t('ui.folding-steps.twist-the-point-tight-tuck'),
      paper: 'M70 24C92 6 122 24 116 50S84 78 70 86Z',
      crimp: 'M72 24l8-6 2 7 9-4 1 8 9-1-2 8 9 2-5 7 7 5-8 5 4 7-9 2 1 8-9-1-2 8-8-3-3 7-5-5',
      move: 'M62 88a10 8 0 1 0 14-4',
    },
  ],
  RECTANGLE: [
    { words: t('ui.folding-steps.fold-the-sheet-in-half'), paper: RECTANGLE, crease: 'M70 14V86' },
    {
      words: t('ui.folding-steps.lay-the-fish-on-one'),
      paper: RECTANGLE,
      crease: 'M70 14V86',
      fish: true,
    },
    {
      words: t('ui.folding-steps.fold-over-fold-the-long'),
      paper: HALF,
      crimp: 'M126 14H116V86H126',
      move: 'M134 50H120',
    },
    {
      words: t('ui.folding-steps.do-the-same-with-both'),
      paper: HALF,
      crimp: 'M126 14H116V86H126M70 24H116M70 76H116',
      move: 'M92 4V20M92 96V80',
    },
  ],
  SEAM_UP: [
    {
      words: t('ui.folding-steps.two-sheets-on-each-other-2'),
      paper: RECTANGLE,
      crease: 'M20 20H120V80H20Z',
      fish: true,
    },
    {
      words: t('ui.folding-steps.bring-the-long-sides-up'),
      paper: 'M24 86L44 44 70 18 96 44 116 86Z',
      move: 'M20 70C22 46 40 26 60 18M120 70C118 46 100 26 80 18',
    },
    {
      words: t('ui.folding-steps.roll-them-down-together-twice'),
      paper: 'M24 86L40 46H100L116 86Z',
      crimp: 'M40 46V38H100V46M44 38V31H96V38',
      move: 'M70 10V28',
    },
    {
      words: t('ui.folding-steps.turn-both-ends-up-so'),
      paper: 'M30 86L40 46H100L110 86Z',
      crimp: 'M40 46V38H100V46M30 86L22 62 40 58M110 86L118 62 100 58',
      move: 'M10 84C8 70 12 62 22 58M130 84C132 70 128 62 118 58',
    },
  ],
}
const steps = computed(() => STEPS[fold.value])
</script>

<template>
  <SideDialog v-model="shown" :title="t('ui.folding-steps.fold-it', { fold: FOLDS[fold] })" :widest="900">
    <p v-if="size" class="size">
      <EmphasisedText :said="t('ui.folding-steps.cut-a-sheet', { size })" />
    </p>
    <ol class="steps">
      <li v-for="(step, i) in steps" :key="step.words">
        <svg viewBox="0 0 140 100" aria-hidden="true">
          <path :d="step.paper" class="paper" />
          <path v-if="step.crease" :d="step.crease" class="crease" />
          <g v-if="step.fish" :transform="fold === 'SEAM_UP' ? 'translate(-24 0)' : ''">
            <path d="M84 50c4-12 18-14 24-8s6 12 0 16-20 4-24-8z" class="fish" />
          </g>
          <path v-if="step.crimp" :d="step.crimp" class="crimp" />
          <path v-if="step.move" :d="step.move" class="move" marker-end="url(#hand-moves)" />
          <defs>
            <marker
              id="hand-moves"
              viewBox="0 0 8 8"
              refX="5"
              refY="4"
              markerWidth="5"
              markerHeight="5"
              orient="auto"
            >
              <path d="M0 0l8 4-8 4z" fill="#a8482b" />
            </marker>
          </defs>
        </svg>
        <p>
          <b>{{ i + 1 }}</b> {{ step.words }}
        </p>
      </li>
    </ol>
  </SideDialog>
</template>

<style scoped>
.size {
  margin: 0 0 10px;
}
.steps {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 14px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.steps p {
  margin: 4px 0 0;
  line-height: 1.25;
}
.steps b {
  color: var(--clay);
  font-family: var(--figures);
}
svg {
  width: 100%;
  max-height: 130px;
}
.paper {
  fill: #fffdf6;
  stroke: #8a7443;
  stroke-width: 2;
  stroke-linejoin: round;
}
.crease {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 1.6;
  stroke-dasharray: 4 4;
}
.fish {
  fill: #efe6d4;
  stroke: var(--ink);
  stroke-width: 2;
}
.crimp {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
  stroke-linejoin: round;
}
.move {
  fill: none;
  stroke: var(--clay);
  stroke-width: 2.5;
  stroke-linecap: round;
}
</style>
