<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { SheetStep } from '../../api/types'
import { t } from '../../messages/say'
import { clock } from '../../messages/time'
import { coming } from '../../composables/coming'
import { useBench } from '../../stores/bench'
import { useEvenings } from '../../stores/evenings'
import { useRunning } from '../../stores/running'

/** The sheet by time, as it is read aloud: what is next stands on top, larger. */
const evenings = useEvenings()
const running = useRunning()
const bench = useBench()
const router = useRouter()

const list = computed(() => evenings.told.filter((s) => s.untilMin > evenings.nowMin - 90))
const day = computed(
  () =>
    evenings.view?.days.filter((d) => Date.parse(d.latest) > evenings.moment(evenings.nowMin).getTime()) ??
    [],
)

/** A fish goes in for good: a bake of its own, which the oven side follows. */
function putIn(step: SheetStep) {
  const fish = evenings.view?.evening.fish.find((f) => f.key === step.dish)
  const dish = evenings.view?.sheet?.dishes.find((d) => d.key === step.dish)
  const oven = bench.allOvens.find((o) => o.id === step.ovenId)
  if (!fish || !dish?.question || !oven) return evenings.move('IN', step.dish!)
  const question = dish.question
  const since = (minute: number) => minute - dish.inMin
  const window = {
    checkFromMin: since(dish.checkFromMin),
    likelyMin: since(dish.likelyMin),
    noLaterThanMin: since(dish.noLaterThanMin),
  }
  const rest = question.programme.find((s) => s.stage === 'REST')?.minutes ?? 0
  const peak =
    bench.catalogue?.targets.find((d) => d.doneness === (question.doneness ?? 'FLAKES'))?.peakC ?? 0
  const known = coming(question, oven, window, peak, rest, question.piece.thicknessMm ?? 0)
  return evenings.move('IN', step.dish!, undefined, running.putIn(fish.title, oven.id, question, known))
}
function done(step: SheetStep) {
  if (step.kind === 'PUT_IN') return putIn(step)
  if (step.kind === 'LOOK') {
    const bake = evenings.moves.find((m) => m.kind === 'IN' && m.step === step.dish)?.bakeId
    if (bake) return router.push(`/oven/${bake}`)
    return evenings.move('OUT', step.dish!)
  }
  return evenings.move('DONE', step.key)
}
/** A side in the oven that has no bake of its own: whoever looks says so where it wants longer. */
const mayWantLonger = (step: SheetStep) =>
  step.kind === 'LOOK' &&
  evenings.view?.evening.sides.some((s) => s.key === step.dish) &&
  evenings.dishes.some((d) => d.key === step.dish && d.started)
const doWord = (step: SheetStep) =>
  step.kind === 'PUT_IN'
    ? t('ui.sheet.it-is-in')
    : step.kind === 'LOOK'
      ? evenings.moves.some((m) => m.kind === 'IN' && m.step === step.dish && m.bakeId)
        ? t('ui.sheet.to-the-oven')
        : t('ui.sheet.it-is-out')
      : t('ui.sheet.done')
const hands = (step: SheetStep) =>
  step.hands === undefined || (evenings.view?.evening.hands.length ?? 0) < 2
    ? ''
    : (evenings.view?.evening.hands[step.hands]?.name ?? '')
const pinOf = (step: SheetStep) =>
  evenings.moves.filter((m) => m.kind === 'PINNED' && m.step === step.key).at(-1)
</script>

<template>
  <div class="list">
    <h2>{{ t('ui.sheet.next') }}</h2>
    <ol>
      <li
        v-for="(step, i) in list"
        :key="step.key"
        :class="{ first: i === 0, due: step.fromMin <= evenings.nowMin, pinned: step.pinned }"
        :data-step="step.key"
      >
        <time>{{ clock(evenings.moment(step.fromMin)) }}</time>
        <div class="say">
          <b>{{ step.say }}</b>
          <small v-if="step.how">{{ step.how }}</small>
          <small v-if="step.kind === 'LOOK'">{{
            t('ui.sheet.look-window', {
              from: clock(evenings.moment(step.earliestMin)),
              to: clock(evenings.moment(step.latestMin)),
            })
          }}</small>
          <small v-if="hands(step)" data-typed>{{ hands(step) }}</small>
        </div>
        <div class="do">
          <button class="tick" :aria-label="`${doWord(step)}: ${step.say}`" @click="done(step)">
            {{ doWord(step) }}
          </button>
          <button
            v-if="pinOf(step)"
            class="quiet-action"
            :aria-label="t('ui.sheet.unpin-this', { step: step.say })"
            @click="evenings.unmove(pinOf(step)!.id)"
          >
            {{ t('ui.sheet.unpin') }}
          </button>
          <button
            v-else-if="mayWantLonger(step)"
            class="quiet-action"
            :aria-label="t('ui.sheet.not-yet-this', { step: step.say })"
            @click="evenings.move('NOT_YET', step.dish!)"
          >
            {{ t('ui.sheet.not-yet') }}
          </button>
          <button
            v-else-if="step.kind !== 'PUT_IN' && step.kind !== 'LOOK'"
            class="quiet-action"
            :aria-label="t('ui.sheet.skip-this', { step: step.say })"
            @click="evenings.move('SKIPPED', step.key)"
          >
            {{ t('ui.sheet.skip') }}
          </button>
        </div>
      </li>
    </ol>
    <template v-if="day.length">
      <h2>{{ t('ui.sheet.before') }}</h2>
      <ul class="days">
        <li v-for="d in day" :key="d.key">
          {{ d.say }}
          <small>{{
            t('ui.sheet.between', {
              from: `${new Date(d.earliest).toLocaleDateString(undefined, { weekday: 'short' })} ${clock(new Date(d.earliest))}`,
              to: `${new Date(d.latest).toLocaleDateString(undefined, { weekday: 'short' })} ${clock(new Date(d.latest))}`,
            })
          }}</small>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
h2 {
  margin: 0 0 4px;
  font-size: 14px;
  font-weight: 400;
  color: var(--ink-soft);
}
ol,
.days {
  margin: 0 0 14px;
  padding: 0;
  list-style: none;
}
.list ol {
  max-height: calc(100vh - 230px);
  overflow-y: auto;
}
ol li {
  display: grid;
  grid-template-columns: 56px 1fr auto;
  gap: 0 8px;
  align-items: start;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
time {
  font: 700 16px/24px var(--figures);
}
.say small {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
.say b {
  font-weight: 400;
}
.first .say b,
.due .say b {
  font-weight: 700;
}
.first {
  font-size: 19px;
}
.due time {
  color: var(--clay);
}
.pinned time {
  text-decoration: underline;
}
.do {
  display: flex;
  flex-direction: column;
  align-items: stretch;
}
.tick {
  min-width: 72px;
  min-height: 44px;
  padding: 0 8px;
  border: 2px solid #a9a695;
  border-radius: 4px;
  background: #fff;
  font-size: 14px;
  font-weight: 700;
}
.do .quiet-action {
  min-height: 32px;
  font-size: 13px;
}
.days li {
  padding: 4px 0;
}
.days small {
  display: block;
  color: var(--ink-soft);
}
@media (max-width: 760px) {
  .list ol {
    max-height: none;
  }
}
@media print {
  .do {
    display: none;
  }
  .list ol {
    max-height: none;
    columns: 2;
  }
  ol li {
    break-inside: avoid;
  }
}
</style>
