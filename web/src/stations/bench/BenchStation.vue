<script setup lang="ts">
import { newId } from '../../words/id'
import { useRafFn } from '@vueuse/core'
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, Problem } from '../../api/client'
import { useKeys } from '../../words/keys'
import { useUnits } from '../../words/units'
import { useRunning } from '../oven/running'
import { useBench } from './bench'
import DressBar from './DressBar.vue'
import PieceSide from './PieceSide.vue'
import TheCurve from './TheCurve.vue'
import TheCut from './TheCut.vue'
import TheSchools from './TheSchools.vue'
import TheTicket from './TheTicket.vue'
import TrayList from './TrayList.vue'
import { useTray } from './tray'

/** The whole bake plays in about this long, s. */
const PLAY_S = 8

const bench = useBench()
const running = useRunning()
const tray = useTray()
const router = useRouter()
const units = useUnits()
const putting = ref(false)
const refused = ref<string | null>(null)

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

function thicker(mm: number) {
  const from = bench.on.thicknessMm ?? bench.answer?.piece.thicknessMm
  if (from === undefined) return
  const { leastThicknessMm = 5, mostThicknessMm = 200 } = bench.cut ?? {}
  bench.change({ thicknessMm: Math.min(mostThicknessMm, Math.max(leastThicknessMm, Math.round(from + mm))) })
}

function hotter(steps: number) {
  const { step: size, from, to } = units.unit('heat')
  const dial = Math.round(from(bench.on.tempC) / size) * size + steps * size
  const { coolestC = 90, hottestC = 300 } = bench.catalogue?.limits ?? {}
  bench.setDial(Math.min(hottestC, Math.max(coolestC, to(dial))))
}

async function putIn() {
  if (putting.value || !bench.question || !bench.oven || bench.answer?.likelyMin === undefined) return
  putting.value = true
  refused.value = null
  try {
    const bake = await api.putIn(newId(), bench.title, bench.oven.id, bench.question)
    running.take(bake)
    // What shares the tray goes in with it, each as a bake of its own.
    while (tray.aside.length) {
      const other = tray.dishes[0]!
      running.take(await api.putIn(newId(), other.title, bench.oven.id, other.question))
      tray.remove(0)
    }
    await router.push(`/oven/${bake.id}`)
  } catch (failure) {
    if (!(failure instanceof Problem)) throw failure
    refused.value = failure.message
  } finally {
    putting.value = false
  }
}

useKeys({
  '[': () => thicker(-1),
  ']': () => thicker(1),
  d: bench.nextDress,
  '-': () => hotter(-1),
  '=': () => hotter(1),
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
    <PieceSide class="piece" @hotter="hotter" />
    <section class="middle" aria-label="Inside the fish">
      <p v-if="bench.problem && !bench.answer" class="trouble" role="alert">{{ bench.problem.message }}</p>
      <DressBar />
      <template v-if="bench.answer">
        <TheCut :playing="isActive" @play="play" />
        <TheCurve @moved="pause" />
        <TheSchools />
        <TrayList />
      </template>
    </section>
    <TheTicket class="ticket" :putting="putting" :refused="refused" @put-in="putIn" />
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
