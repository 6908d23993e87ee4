<script setup lang="ts">
import { t } from '../../messages/say'
import { useRafFn } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Oven, Question } from '../../api/types'
import { useKeys } from '../../composables/keys'
import { coming, type Window } from '../../composables/coming'
import { useRunning } from '../../stores/running'
import { useBench } from '../../stores/bench'
import DishBar from './DishBar.vue'
import PieceSide from './PieceSide.vue'
import TheCurve from './TheCurve.vue'
import LongCut from './LongCut.vue'
import TheCut from './TheCut.vue'
import RulesOfThumb from './RulesOfThumb.vue'
import StagesDialog from './StagesDialog.vue'
import TheTicket from './TheTicket.vue'
import TrayList from './TrayList.vue'
import { useTray } from '../../stores/tray'

/** The whole bake plays in about this long, s. */
const PLAY_S = 8

const bench = useBench()
const running = useRunning()
const tray = useTray()
const router = useRouter()
const stagesOpen = ref(false)
/** The drawing is turned to the long cut; what is even has none. */
const turned = ref(false)
const along = computed(() => turned.value && bench.cut?.tapers)

const { pause, resume, isActive } = useRafFn(
  ({ delta }) => {
    bench.minute = Math.min(bench.endMinute, bench.minute + (bench.endMinute * delta) / 1000 / PLAY_S)
    if (bench.minute >= bench.endMinute) pause()
  },
  { immediate: false },
)

function play() {
  if (isActive.value) return pause()
  if (bench.minute >= bench.endMinute - 0.01) bench.minute = 0
  resume()
}

function step(minutes: number) {
  pause()
  bench.minute = Math.min(bench.endMinute, Math.max(0, bench.minute + minutes))
}

/** The fish goes in, and what shares its tray with it, each as a bake of its own. */
async function putIn() {
  const oven = bench.oven
  if (!bench.question || !oven || bench.problem || !bench.checkWindow) return
  const mine = goIn(bench.title, bench.question, oven, bench.checkWindow)
  tray.dishes.slice(0, tray.aside.length).forEach((dish, i) => {
    goIn(dish.title, dish.question, oven, tray.turns.find((t) => t.index === i) ?? bench.checkWindow!)
  })
  while (tray.aside.length) tray.remove(0)
  await router.push(`/oven/${mine}`)
}

function goIn(title: string, question: Question, oven: Oven, window: Window) {
  const { checkFromMin, likelyMin, noLaterThanMin } = window
  const targetC = bench.catalogue?.targets.find((t) => t.doneness === question.doneness)?.peakC ?? 0
  const rest = bench.answer?.restMinutes ?? 0
  const thick = question.piece.thicknessMm ?? bench.answer?.piece.thicknessMm ?? 0
  const shown = coming(question, oven, { checkFromMin, likelyMin, noLaterThanMin }, targetC, rest, thick)
  return running.putIn(title, oven.id, question, shown)
}

useKeys({
  '[': () => bench.thicker(-1),
  ']': () => bench.thicker(1),
  d: bench.nextDress,
  '-': () => bench.hotter(-1),
  '=': () => bench.hotter(1),
  ' ': play,
  ',': () => step(-1),
  '.': () => step(1),
  Enter: putIn,
  z: bench.undo,
})

onMounted(bench.open)
</script>

<template>
  <main class="bench">
    <PieceSide class="piece" />
    <section class="middle" :aria-label="t('ui.bench.inside-the-fish')">
      <p v-if="bench.problem && !bench.answer" class="trouble" role="alert">{{ bench.problem.message }}</p>
      <DishBar />
      <template v-if="bench.answer">
        <LongCut
          v-if="along"
          :playing="isActive"
          @play="play"
          @stages="stagesOpen = true"
          @across="turned = false"
        />
        <TheCut v-else :playing="isActive" @play="play" @stages="stagesOpen = true" @along="turned = true" />
        <TheCurve @moved="pause" />
        <RulesOfThumb />
        <TrayList />
      </template>
    </section>
    <StagesDialog v-if="stagesOpen" v-model="stagesOpen" />
    <TheTicket class="ticket" @put-in="putIn" />
  </main>
</template>

<style scoped>
.bench {
  flex: 1;
  display: grid;
  grid-template-columns: 280px 1fr 316px;
}
.piece {
  border-right: 1px solid var(--rule);
}
.middle {
  display: flex;
  flex-direction: column;
  min-width: 0;
  padding: 8px 20px 8px;
}
.trouble {
  padding: 12px;
  border-left: 4px solid var(--danger);
  background: #fff;
}
@media (max-width: 1100px) {
  .bench {
    grid-template-columns: 1fr 316px;
  }
  .piece {
    grid-row: 2;
    grid-column: 1 / 3;
    border: 0;
    border-top: 1px solid var(--rule);
  }
}
@media (max-width: 760px) {
  .bench {
    display: flex;
    flex-direction: column;
  }
  .ticket {
    order: -1;
  }
  .middle {
    padding: 14px 10px 8px;
  }
}
@media print {
  .piece,
  .middle {
    display: none;
  }
  .bench {
    display: block;
  }
}
</style>
