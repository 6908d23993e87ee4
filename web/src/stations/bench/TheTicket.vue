<script setup lang="ts">
import EmphasisedText from '../../components/EmphasisedText'
import { t } from '../../messages/say'
import { computed, ref } from 'vue'
import type { Answer, StageSpan } from '../../api/types'
import { ADDED } from '../../messages/labels'
import { minutesInWords } from '../../messages/time'
import { halves, useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import CautionList from '../../components/CautionList.vue'
import HouseNotes from '../../components/HouseNotes.vue'
import NoteDialog from '../../components/NoteDialog.vue'
import { keptTo } from '../../stores/notes'
import AheadDialog from './AheadDialog.vue'
import TicketShopping from './TicketShopping.vue'
import TicketAmounts from './TicketAmounts.vue'
import TicketDoubts from './TicketDoubts.vue'
import TicketHabits from './TicketHabits.vue'
import TicketTimes from './TicketTimes.vue'
import { useTray } from '../../stores/tray'

/** The slip pinned over the pass. */
defineEmits<{ putIn: [] }>()

const bench = useBench()
const units = useUnits()
const tray = useTray()
const shopping = ref(false)
const ahead = ref(false)
const noting = ref(false)
/** What there may be notes of. */
const kept = computed(() => (bench.question && bench.oven ? keptTo(bench.question, bench.oven.id) : []))

const answer = computed(() => bench.answer)
const dial = computed(() => {
  const d = answer.value?.dial
  if (!d) return null
  const set = units.chosen.value
  const others = [
    set === 'metric' ? null : `${d.celsius}°C`,
    set === 'imperial' ? null : `${d.fahrenheit}°F`,
    set === 'gas' || d.gasMark === undefined ? null : t('ui.ticket.gas', { gasMark: halves(d.gasMark) }),
    bench.oven?.kind === 'FAN'
      ? t('ui.ticket.still-c', { celsius: d.celsius })
      : t('ui.ticket.fan-c', { fanCelsius: d.fanCelsius }),
  ]
  return {
    own: units.dial(answer.value!.programme.find((s) => s.stage === 'BAKE')!.tempC!),
    others: others.filter(Boolean).join(' · '),
  }
})
/** The stages one by one, where there is more than a bake and a rest of which nobody says anything. */
const stages = computed(() => {
  const all = answer.value?.programme ?? []
  if (all.length < 3 && !all.some((s) => s.note)) return []
  const words = {
    BAKE: (s: StageSpan) => t('ui.ticket.oven-at', { temp: units.dial(s.tempC!) }),
    GRILL: (s: StageSpan) =>
      s.underMm === undefined
        ? t('ui.ticket.grill-on-watch-it')
        : t('ui.ticket.grill-under', { far: units.amount('length', s.underMm) }),
    ADD: (s: StageSpan) => ADDED[s.what!].toLowerCase(),
    HOB: () => t('ui.ticket.on-the-hob'),
    UNCOVER: () => t('ui.ticket.open-it'),
    TURN: () => t('ui.ticket.turn-it-over'),
    REST: () => t('ui.ticket.out-rest'),
  }
  return all.map((s, i) => {
    const until = all[i - 1]?.untilC
    const middle = until === undefined ? '' : t('ui.ticket.middle-at', { temp: units.degrees(until) })
    return {
      key: i,
      at: minutesInWords(s.fromMin),
      words: [words[s.stage](s), middle, s.note].filter(Boolean).join(', '),
    }
  })
})
/** What the flesh is like where a stuffing decided. */
const fate = computed(() => bench.bandAt(answer.value?.peakC ?? 0)?.word ?? '')
/** What forbids it stands before any minutes. */
const first = computed(() => answer.value?.cautions.filter((c) => c.weight === 'STOP') ?? [])
/** What is dangerous stands before the shopping. */
const warned = (a: Answer) => now(a).filter((c) => c.weight === 'WARN')
const known = (a: Answer) => now(a).filter((c) => c.weight !== 'WARN')
/** What opening and resting need is said at the Oven side when it is time; on paper it stands below. */
const now = (a: Answer) =>
  a.cautions.filter((c) => c.weight !== 'STOP' && (c.when === 'BENCH' || c.when === 'GRILL'))
const later = (a: Answer) =>
  a.cautions.filter((c) => c.weight !== 'STOP' && (c.when === 'OPENING' || c.when === 'REST'))
const print = () => window.print()
</script>

<template>
  <aside class="pass" :aria-label="t('ui.ticket.oven-ticket')">
    <div v-if="answer && dial" class="slip" :class="{ stale: bench.problem }" aria-live="polite">
      <p class="what">{{ bench.title }}, {{ units.amount('length', answer.piece.thicknessMm) }}</p>
      <dl class="top">
        <div class="oven">
          <dt>{{ t('ui.ticket.oven') }}</dt>
          <dd>{{ dial.own }}</dd>
        </div>
      </dl>
      <p v-if="answer.dial.shelf" class="shelf">{{ answer.dial.shelf }}</p>
      <p class="others">{{ dial.others }}</p>
      <CautionList v-if="first.length" :cautions="first" :aria-label="t('ui.oven.take-care')" />
      <TicketTimes :answer="answer" />
      <ol v-if="stages.length" class="stages" :aria-label="t('ui.ticket.stages')">
        <li v-for="stage in stages" :key="stage.key">
          <b>{{ stage.at }}</b> {{ stage.words }}
        </li>
      </ol>
      <p v-if="answer.forgotten" class="note">
        <EmphasisedText
          :said="
            t('ui.ticket.left-shut-for-min-it', {
              minutes: answer.forgotten.minutes,
              peak: units.degrees(answer.forgotten.peakC),
            })
          "
        />
      </p>
      <p v-if="answer.fillingPeakC !== undefined && bench.on.filling === 'STUFFING'" class="note">
        <EmphasisedText
          :said="
            t('ui.ticket.the-stuffing-sets-the-time', {
              filling: units.degrees(answer.fillingPeakC),
              flesh: units.degrees(answer.peakC),
              fate,
            })
          "
        />
      </p>
      <CautionList
        v-if="warned(answer).length"
        :cautions="warned(answer)"
        :aria-label="t('ui.oven.take-care')"
      />
      <HouseNotes v-if="kept.length" :kept="kept" />
      <TicketAmounts :answer="answer" />
      <TicketDoubts />
      <TicketHabits />
      <ul v-if="answer.quantities.advice.length" class="advice" :aria-label="t('ui.ticket.to-know')">
        <li v-for="line in answer.quantities.advice" :key="line">{{ line }}</li>
      </ul>
      <CautionList :cautions="known(answer)" :aria-label="t('ui.ticket.good-to-know')" />
      <CautionList class="printed" :cautions="later(answer)" />
      <button class="quiet-action noting" @click="noting = true">{{ t('ui.notes.write') }}</button>
      <TicketShopping v-if="shopping" v-model="shopping" />
      <NoteDialog v-if="noting" v-model="noting" :choices="kept" />
      <AheadDialog v-if="ahead" v-model="ahead" />
      <p v-if="bench.problem" class="refused" role="alert">{{ bench.problem.message }}</p>
      <div class="actions">
        <button
          class="main-action"
          :disabled="answer.likelyMin === undefined || Boolean(bench.problem)"
          @click="$emit('putIn')"
        >
          {{ t('ui.ticket.put-it-in') }} <kbd>{{ t('ui.ticket.enter') }}</kbd>
        </button>
        <div class="more">
          <button class="quiet-action" @click="print">{{ t('ui.ticket.print') }}</button>
          <button class="quiet-action" @click="ahead = true">{{ t('ui.ahead.open') }}</button>
          <button class="quiet-action" @click="shopping = true">{{ t('ui.ticket.shopping-list') }}</button>
          <button class="quiet-action" @click="tray.setAside()">{{ t('ui.ticket.add-to-the-tray') }}</button>
        </div>
      </div>
    </div>
    <p v-else class="waiting">{{ bench.problem?.message ?? t('ui.ticket.reckoning') }}</p>
  </aside>
</template>

<style scoped>
.pass {
  padding: 14px 16px;
  background: linear-gradient(90deg, #ece8dc, var(--salt) 14px);
}
.slip {
  padding: 10px 16px 16px;
  background: #fff;
  clip-path: polygon(
    0 0,
    100% 0,
    100% calc(100% - 7px),
    95% 100%,
    90% calc(100% - 7px),
    85% 100%,
    80% calc(100% - 7px),
    75% 100%,
    70% calc(100% - 7px),
    65% 100%,
    60% calc(100% - 7px),
    55% 100%,
    50% calc(100% - 7px),
    45% 100%,
    40% calc(100% - 7px),
    35% 100%,
    30% calc(100% - 7px),
    25% 100%,
    20% calc(100% - 7px),
    15% 100%,
    10% calc(100% - 7px),
    5% 100%,
    0 calc(100% - 7px)
  );
}
.slip.stale dl {
  opacity: 0.4;
}
.top {
  padding: 0;
  border: 0;
}
.oven dd {
  color: var(--clay);
  font-size: 36px;
  line-height: 1.1;
}
.others {
  margin: 0;
  padding-bottom: 6px;
  border-bottom: 1px dashed #a9a695;
  color: var(--ink-soft);
  font-size: 13px;
}
.others {
  font-family: var(--figures);
  text-align: right;
}
.shelf {
  margin: 0;
  font-size: 14px;
  text-align: right;
}
.stages,
.advice {
  margin: 0;
  padding: 5px 0;
  border-bottom: 1px dashed #a9a695;
  list-style: none;
  font-size: 14px;
}
.stages b {
  display: inline-block;
  min-width: 38px;
  font-family: var(--figures);
  text-align: right;
  margin-right: 8px;
}
.advice {
  padding-top: 6px;
  border: 0;
  font-size: 13px;
  line-height: 1.3;
}
.advice li {
  margin-bottom: 4px;
}
.note {
  margin: 0;
  padding: 5px 0;
  border-bottom: 1px dashed #a9a695;
  font-size: 14px;
  line-height: 1.25;
}
.refused {
  margin: 8px 0;
  padding: 6px 9px;
  border-left: 4px solid var(--danger);
  color: var(--danger);
}
.actions {
  position: sticky;
  bottom: 0;
  margin: 0 -16px;
  padding: 6px 16px 8px;
  background: #fff;
  text-align: center;
}
.more {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
}
.more button {
  padding: 0 4px;
  font-size: 14px;
}
.noting {
  padding: 0;
  font-size: 14px;
}
.waiting {
  padding: 30px 10px;
  color: var(--ink-soft);
}
.what,
.printed {
  display: none;
}
@media print {
  .printed {
    display: block;
  }
  .what {
    display: block;
    margin: 0 0 6px;
    font-size: 18px;
    font-weight: 700;
  }
  .pass {
    width: 80mm;
    padding: 0;
    background: none;
  }
  .noting,
  .actions {
    display: none;
  }
}
</style>
