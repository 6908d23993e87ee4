<script setup lang="ts">
import { t } from '../../messages/say'
import { ElInputNumber } from 'element-plus'
import 'element-plus/es/components/input-number/style/css'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { CounterQuestion, Cut, Keeping, Style } from '../../api/types'
import { CUTS, DRESS_BUTTONS, DRESSES } from '../../messages/labels'
import { useKeys } from '../../composables/keys'
import { clock, day, minutesInWords } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import CautionList from '../../components/CautionList.vue'
import ChoiceRow from '../../components/ChoiceRow.vue'
import FishSelect from '../bench/FishSelect.vue'
import MeasureField from '../../components/MeasureField.vue'
import { useCounter } from '../../stores/counter'
import ScaleDrawing from './ScaleDrawing.vue'
import SenseGlyph from './SenseGlyph.vue'

/** What came home: is it good, how big is it, how many does it feed, what must be done to it. */
const bench = useBench()
const counter = useCounter()
const units = useUnits()
const router = useRouter()

const cuts = Object.entries(CUTS).map(([value, words]) => ({ value: value as Cut, words }))
const styles = DRESS_BUTTONS.map((value) => ({ value: value as Style, words: DRESSES[value] }))
const KEPT: { value: Keeping; words: string }[] = [
  { value: 'ON_ICE', words: t('ui.counter.ice') },
  { value: 'FRIDGE', words: t('ui.counter.fridge') },
  { value: 'THAWED', words: t('ui.counter.thawed') },
  { value: 'FROZEN', words: t('ui.counter.freezer') },
]
const BOUGHT: { value: string; words: string; hours: number }[] = [
  { value: 'now', words: t('ui.counter.today'), hours: 0 },
  { value: 'yesterday', words: t('ui.counter.1-day-ago'), hours: 24 },
  { value: 'before', words: t('ui.counter.2-days'), hours: 48 },
  { value: 'long', words: t('ui.counter.3-days'), hours: 72 },
]
const EXTRAS: { value: NonNullable<CounterQuestion['extra']>; words: string }[] = [
  { value: 'NONE', words: t('ui.counter.as-it-is') },
  { value: 'CITRUS', words: t('ui.counter.citrus') },
  { value: 'MILK', words: t('ui.counter.milk') },
  { value: 'SALT', words: t('ui.counter.salted') },
]
const APPETITES = [
  { value: 'LIGHT', words: t('ui.counter.light') },
  { value: 'USUAL', words: t('ui.counter.usual') },
  { value: 'HEARTY', words: t('ui.counter.hearty') },
]

const answer = computed(() => counter.answer)
const grade = computed(() => answer.value?.judgement.grade)
const verdict = computed(() => {
  switch (grade.value) {
    case 'EXTRA':
      return t('ui.counter.good-grade-extra')
    case 'A':
      return t('ui.counter.good-grade-a')
    case 'B':
      return t('ui.counter.only-just-grade-b')
    case 'REFUSED':
      return t('ui.counter.refuse-it')
    default:
      return t('ui.counter.look-at-it')
  }
})
const tone = computed(() =>
  grade.value === undefined ? 'open' : grade.value === 'B' ? 'doubt' : grade.value.toLowerCase(),
)

const bought = computed(() => {
  const at = counter.found.boughtAt
  if (!at) return 'now'
  const hours = (Date.now() - Date.parse(at)) / 3600000
  return [...BOUGHT].reverse().find((b) => hours >= b.hours - 6)?.value ?? 'now'
})
function setBought(value: string) {
  const hours = BOUGHT.find((b) => b.value === value)?.hours ?? 0
  counter.found.boughtAt = hours ? new Date(Date.now() - hours * 3600000).toISOString() : null
}
function setKept(value: Keeping) {
  counter.found.kept = value
  const frozen = value === 'FROZEN'
  if (frozen !== bench.on.frozen) bench.change({ frozen, startTempC: frozen ? -18 : 8 })
}
function meant(field: string, value: number) {
  bench.measure(field === 'massG' ? { massG: value } : { thicknessMm: value })
}
const another = ref<number | null>(null)
function addPiece(value: number | null | undefined) {
  if (!value) return
  counter.found.othersMm = [...counter.found.othersMm, Math.round(units.unit('length').to(value) * 10) / 10]
  another.value = null
}
function takeAway(mm: number) {
  const at = counter.found.othersMm.indexOf(mm)
  if (at >= 0) counter.found.othersMm = counter.found.othersMm.filter((_, i) => i !== at)
}
const left = computed(() => answer.value?.prep.filter((s) => !counter.found.done.includes(s.key)).length ?? 0)
const poorly = computed(() => {
  const own = answer.value?.suitability.find((s) => s.style === counter.found.style)
  return own
})

useKeys({ Enter: () => (grade.value === 'REFUSED' ? undefined : router.push('/bench')), z: bench.undo })
onMounted(bench.open)
</script>

<template>
  <main class="counter">
    <section class="side" :aria-label="t('ui.counter.what-it-is')">
      <h1 class="unseen">{{ t('ui.counter.counter') }}</h1>
      <FishSelect />
      <p class="about" :title="bench.species?.source">
        <i>{{ bench.species?.scientificName }}</i>
        {{
          t('ui.counter.fat', {
            firmness: bench.species?.firmness,
            bones: bench.species?.bones,
            fatPercent: bench.species?.fatPercent,
          })
        }}
      </p>
      <ChoiceRow
        :name="t('ui.counter.how-it-is-cut')"
        :choices="cuts"
        :chosen="bench.on.cut"
        @choose="(cut) => bench.setCut(cut as Cut)"
      />
      <MeasureField
        :label="t('ui.counter.thickest')"
        kind="length"
        :note="t('ui.counter.ruler-or-skewer')"
        :model-value="bench.on.thicknessMm"
        :reckoned="answer?.size.thicknessMm"
        :refusal="bench.refusal('thicknessMm')"
        @update:model-value="(thicknessMm) => bench.measure({ thicknessMm })"
      />
      <MeasureField
        v-if="!counter.whole"
        :label="t('ui.counter.thinnest')"
        kind="length"
        :note="t('ui.counter.where-it-tapers')"
        :model-value="counter.found.thinMm"
        :refusal="counter.refusal('thinMm')"
        @update:model-value="(thinMm) => (counter.found.thinMm = thinMm)"
      />
      <MeasureField
        :label="t('ui.counter.weighs')"
        kind="mass"
        :note="t('ui.counter.each-raw')"
        :model-value="bench.on.massG"
        :reckoned="answer?.size.massG"
        :refusal="bench.refusal('massG')"
        @update:model-value="(massG) => bench.measure({ massG })"
      />
      <MeasureField
        v-if="counter.whole"
        :label="t('ui.counter.long')"
        kind="length"
        :note="t('ui.counter.nose-to-tail')"
        :model-value="bench.on.lengthMm"
        :reckoned="answer?.size.lengthMm"
        :refusal="bench.refusal('lengthMm')"
        @update:model-value="(lengthMm) => bench.measure({ lengthMm })"
      />
      <h2 class="label">{{ t('ui.counter.kept') }}</h2>
      <ChoiceRow
        :name="t('ui.counter.how-it-is-kept')"
        :choices="KEPT"
        :chosen="counter.found.kept"
        @choose="(k) => setKept(k as Keeping)"
      />
      <h2 class="label">{{ t('ui.counter.bought') }}</h2>
      <ChoiceRow
        :name="t('ui.counter.when-it-was-bought')"
        :choices="BOUGHT"
        :chosen="bought"
        @choose="setBought"
      />
      <h2 class="label">{{ t('ui.counter.tray-inside', { sign: units.unit('length').sign }) }}</h2>
      <div class="tray">
        <ElInputNumber
          :model-value="+units.show('length', counter.found.trayLengthMm)"
          :controls="false"
          :precision="units.unit('length').places"
          :aria-label="t('ui.counter.tray-length')"
          @update:model-value="(v) => v && (counter.found.trayLengthMm = units.unit('length').to(v))"
        />
        ×
        <ElInputNumber
          :model-value="+units.show('length', counter.found.trayWidthMm)"
          :controls="false"
          :precision="units.unit('length').places"
          :aria-label="t('ui.counter.tray-width')"
          @update:model-value="(v) => v && (counter.found.trayWidthMm = units.unit('length').to(v))"
        />
      </div>
      <p v-if="counter.refusal('trayLengthMm') ?? counter.refusal('trayWidthMm')" class="wrong" role="alert">
        {{ counter.refusal('trayLengthMm') ?? counter.refusal('trayWidthMm') }}
      </p>
    </section>

    <section class="middle" :aria-label="t('ui.counter.is-it-good-how-big')">
      <div class="verdict" :class="tone" role="status">
        <h2>{{ verdict }}</h2>
        <p v-if="answer">{{ answer.judgement.reason }} {{ answer.judgement.advice }}</p>
      </div>
      <div class="senses">
        <div
          v-for="sense in counter.senses"
          :key="sense.sense"
          class="sense"
          role="radiogroup"
          :aria-label="sense.word"
        >
          <b>{{ sense.word }}</b>
          <button
            v-for="look in sense.looks"
            :key="look.score"
            role="radio"
            :aria-checked="counter.found.senses[sense.sense] === look.score"
            @click="counter.score(sense.sense, look.score)"
          >
            <SenseGlyph :sense="sense.sense" :score="look.score" />
            <span>{{ bench.species?.bluefish ? look.bluefishLook : look.look }}</span>
          </button>
        </div>
      </div>
      <div v-if="answer" class="size">
        <ScaleDrawing
          :size="answer.size"
          :tray-length-mm="counter.found.trayLengthMm"
          :tray-width-mm="counter.found.trayWidthMm"
          :thin-mm="counter.found.thinMm"
        />
        <p v-for="slip in answer.slips" :key="slip.question" class="slip" role="alert">
          {{ slip.question }}
          <button v-if="slip.meant !== undefined" class="quiet-action" @click="meant(slip.field, slip.meant)">
            {{ t('ui.counter.yes-that') }}
          </button>
        </p>
        <div v-if="answer.evenness" class="even">
          <p class="say">
            <b>{{ answer.evenness.even ? t('ui.counter.even-enough') : t('ui.counter.uneven') }}</b>
            {{
              t('ui.counter.when-the-thick-part-is', {
                thickMinutes: minutesInWords(answer.evenness.thickMinutes),
                band: t(`band.${answer.evenness.thinBand}`),
                thinPeak: units.degrees(answer.evenness.thinPeakC),
              })
            }}
          </p>
          <ul v-if="answer.evenness.remedies.length">
            <li v-for="remedy in answer.evenness.remedies" :key="remedy.way">
              {{ remedy.words }}
            </li>
          </ul>
          <p v-else-if="!answer.evenness.even" class="say">
            {{ t('ui.counter.nothing-mends-this-one-take') }}
          </p>
        </div>
        <div class="order">
          <p>
            <span class="label">{{ t('ui.counter.others-on-the-tray') }}</span>
            <ElInputNumber
              v-model="another"
              :controls="false"
              :precision="units.unit('length').places"
              :aria-label="t('ui.counter.thickness-of-another-piece')"
              @change="addPiece"
            />
            {{ t('ui.counter.thick', { sign: units.unit('length').sign }) }}
          </p>
          <p v-if="counter.refusal('othersMm')" class="wrong" role="alert">
            {{ counter.refusal('othersMm') }}
          </p>
          <ol v-if="answer.order">
            <li v-for="(turn, i) in answer.order" :key="i">
              <b>{{ units.amount('length', turn.thicknessMm) }}</b>
              {{ t('ui.counter.out-at-min', { minutes: minutesInWords(turn.minutes) }) }}
              <button
                v-if="counter.found.othersMm.includes(turn.thicknessMm)"
                class="quiet-action"
                :aria-label="
                  t('ui.counter.take-away-the-piece-of', {
                    thickness: units.amount('length', turn.thicknessMm),
                  })
                "
                @click="takeAway(turn.thicknessMm)"
              >
                {{ t('ui.counter.take-away') }}
              </button>
            </li>
          </ol>
        </div>
        <p class="sure">
          {{ answer.tray?.words ?? '' }}
          <template v-if="answer.size.rulerWouldGainMinutes > 0.4">
            {{
              t('ui.counter.thickness-reckoned-a-ruler-would', {
                rulerWouldGainMinutes: minutesInWords(answer.size.rulerWouldGainMinutes),
              })
            }}
          </template>
        </p>
      </div>
    </section>

    <aside class="right" :aria-label="t('ui.counter.what-to-do-with-it')">
      <p v-if="counter.problem" class="wrong" role="alert">{{ counter.problem.message }}</p>
      <template v-if="answer">
        <h2 class="label">{{ t('ui.counter.dressed-in') }}</h2>
        <ChoiceRow
          :name="t('ui.counter.dressed-in')"
          :choices="styles"
          :chosen="counter.found.style"
          @choose="(s) => counter.setStyle(s as Style)"
        />
        <p v-if="poorly" class="fit" :class="poorly.fit.toLowerCase()">{{ poorly.reason }}</p>

        <h2 class="label">{{ t('ui.counter.for-how-many') }}</h2>
        <div class="guests">
          <button
            :aria-label="t('ui.counter.one-guest-fewer')"
            @click="counter.found.guests = Math.max(1, counter.found.guests - 1)"
          >
            −
          </button>
          <output :aria-label="t('ui.counter.guests')">{{ counter.found.guests }}</output>
          <button
            :aria-label="t('ui.counter.one-guest-more')"
            @click="counter.found.guests = Math.min(bench.limits?.mostGuests ?? 1, counter.found.guests + 1)"
          >
            +
          </button>
          <ChoiceRow
            :name="t('ui.counter.appetite')"
            :choices="APPETITES"
            :chosen="counter.found.appetite"
            @choose="(a) => (counter.found.appetite = a as typeof counter.found.appetite)"
          />
        </div>
        <p class="say">
          <b>{{ t('ui.pieces', { n: answer.helpings.pieces }) }}</b>
          {{
            t('ui.counter.like-this-one-raw-one', {
              amount: units.amount('mass', answer.helpings.toBuyG ?? 0),
              toFixed: answer.helpings.oneFeeds.toFixed(1),
              edible: units.amount('mass', answer.helpings.edibleG),
            })
          }}
        </p>
        <p v-if="answer.keeping" class="say" :class="{ wrong: answer.keeping.past }">
          <b>{{
            t('ui.counter.use-by', {
              useBy: day(new Date(answer.keeping.useBy)),
              useBy2: clock(new Date(answer.keeping.useBy)),
            })
          }}</b>
          {{ answer.keeping.words }}
        </p>
        <p v-if="answer.thawHours !== undefined" class="say">
          <b>{{ t('ui.counter.thaws-in-hours', { thawHours: answer.thawHours }) }}</b>
          {{ t('ui.counter.in-the-fridge-or-bakes') }}
        </p>

        <h2 class="label">
          {{ t('ui.counter.to-do-first') }}
          <span>{{
            left
              ? t('ui.counter.left-min-in-all', { left, prepMinutes: answer.prepMinutes })
              : t('ui.counter.all-done')
          }}</span>
        </h2>
        <ChoiceRow
          :name="t('ui.counter.beforehand')"
          :choices="EXTRAS"
          :chosen="counter.found.extra"
          @choose="(e) => (counter.found.extra = e as typeof counter.found.extra)"
        />
        <div class="schools">
          <label v-if="!counter.whole"
            ><input v-model="counter.found.rinse" type="checkbox" /> {{ t('ui.counter.rinse-it') }}</label
          >
          <label v-if="counter.whole"
            ><input v-model="counter.found.burstGut" type="checkbox" /> {{ t('ui.counter.gut-burst') }}</label
          >
          <label>
            <input
              type="checkbox"
              :checked="bench.on.filling === 'STUFFING'"
              @change="bench.change({ filling: bench.on.filling === 'STUFFING' ? 'NONE' : 'STUFFING' })"
            />
            {{ t('ui.counter.stuffed') }}
          </label>
        </div>
        <ol class="prep">
          <li
            v-for="step in answer.prep"
            :key="step.key"
            :class="{ done: counter.found.done.includes(step.key) }"
          >
            <label>
              <input
                type="checkbox"
                :checked="counter.found.done.includes(step.key)"
                @change="counter.tick(step.key)"
              />
              <span>
                <b>{{ step.what }}</b>
                <small>{{
                  step.minutes ? t('ui.counter.min', { why: step.why, minutes: step.minutes }) : step.why
                }}</small>
              </span>
            </label>
          </li>
        </ol>
        <CautionList :cautions="answer.cautions" with-sources />
        <div class="go">
          <button class="main-action" :disabled="grade === 'REFUSED'" @click="router.push('/bench')">
            {{ grade === 'REFUSED' ? t('ui.counter.not-to-the-bench') : t('ui.counter.to-the-bench') }}
            <kbd>{{ t('ui.counter.enter') }}</kbd>
          </button>
        </div>
      </template>
    </aside>
  </main>
</template>

<style scoped>
.counter {
  flex: 1;
  display: grid;
  grid-template-columns: 280px 1fr 336px;
}
.side {
  padding: 14px 20px 16px;
  border-right: 1px solid var(--rule);
}
.about {
  margin: 0 0 8px;
  color: var(--ink-soft);
  font-size: 14px;
}
.label {
  display: flex;
  justify-content: space-between;
  margin: 10px 0 4px;
  font-size: 14px;
  font-weight: 400;
  color: var(--ink-soft);
}
.tray {
  display: flex;
  align-items: center;
  gap: 8px;
}
.tray :deep(.el-input-number) {
  width: 90px;
  --el-input-height: 44px;
}
.tray :deep(.el-input__wrapper) {
  min-height: 44px;
}
.middle {
  min-width: 0;
  padding: 12px 20px;
}
.verdict {
  display: grid;
  grid-template-columns: auto 1fr;
  align-items: center;
  gap: 4px 18px;
  min-height: 60px;
  padding: 6px 14px;
  border-left: 8px solid #8d958f;
  background: #fff;
}
.verdict h2 {
  margin: 0;
  font-size: 24px;
  white-space: nowrap;
}
.verdict p {
  margin: 0;
  font-size: 15px;
}
.verdict.extra,
.verdict.a {
  border-color: var(--kelp);
}
.verdict.extra h2,
.verdict.a h2 {
  color: var(--kelp);
}
.verdict.doubt {
  border-color: var(--ember);
}
.verdict.doubt h2 {
  color: var(--ember-text);
}
.verdict.refused {
  border-color: var(--danger);
}
.verdict.refused h2 {
  color: var(--danger);
}
.sense {
  display: grid;
  grid-template-columns: 82px repeat(4, 1fr);
  align-items: stretch;
  border-bottom: 1px solid var(--rule);
}
.sense b {
  align-self: center;
  font-size: 15px;
}
.sense button {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 46px;
  padding: 2px 4px;
  border: 2px solid transparent;
  border-radius: 6px;
  background: none;
  font-size: 13px;
  line-height: 1.15;
  text-align: left;
}
.sense button svg {
  flex: none;
  width: 40px;
}
.sense button[aria-checked='true'] {
  border-color: var(--clay);
  background: #fff;
}
.size {
  margin-top: 10px;
}
.order {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 24px;
  font-size: 14px;
}
.order p {
  display: flex;
  align-items: center;
  gap: 8px;
  margin: 4px 0;
}
.order :deep(.el-input-number) {
  width: 70px;
}
.order :deep(.el-input__wrapper) {
  min-height: 44px;
}
.order ol {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 20px;
  margin: 0;
  padding-left: 18px;
}
.order .quiet-action {
  padding: 0 4px;
  color: var(--ink-soft);
}
.slip {
  margin: 4px 0;
  padding: 4px 12px;
  border-left: 5px solid var(--ember);
  background: #fff;
}
.sure {
  margin: 4px 0 0;
  color: var(--ink-soft);
  font-size: 14px;
}
.right {
  padding: 8px 20px 16px;
  background: #fff;
}
.fit {
  margin: 5px 0 0;
  padding-left: 9px;
  border-left: 4px solid var(--kelp);
  font-size: 14px;
}
.fit.with_care {
  border-color: var(--ember);
}
.fit.poorly {
  border-color: var(--danger);
  color: var(--danger);
}
.guests {
  display: grid;
  grid-template-columns: 44px 36px 44px 1fr;
  align-items: center;
}
.guests > button {
  height: 44px;
  border: 1px solid var(--el-border-color);
  border-radius: 4px;
  background: none;
  font-size: 18px;
}
.guests output {
  font: 700 20px var(--figures);
  text-align: center;
}
.say {
  margin: 6px 0 0;
  font-size: 14px;
}
.even ul {
  margin: 4px 0 0;
  padding-left: 18px;
  font-size: 14px;
}
.schools {
  display: flex;
  gap: 16px;
  font-size: 14px;
}
.schools label,
.prep label {
  display: flex;
  gap: 8px;
  align-items: baseline;
  cursor: pointer;
}
.schools label {
  min-height: 32px;
  align-items: center;
}
.prep {
  margin: 0;
  padding: 0;
  list-style: none;
}
.prep li {
  border-top: 1px solid var(--rule);
}
.prep label {
  min-height: 36px;
  padding: 5px 0;
}
.prep b {
  font-size: 15px;
}
.prep small {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
.prep .done b {
  text-decoration: line-through;
}
input[type='checkbox'] {
  width: 18px;
  height: 18px;
  flex: none;
  accent-color: var(--kelp);
}
.wrong {
  margin: 4px 0 0;
  padding-left: 8px;
  border-left: 3px solid var(--danger);
  color: var(--danger);
  font-size: 14px;
}
.go {
  position: sticky;
  bottom: 0;
  padding: 8px 0;
  background: #fff;
}
.main-action kbd {
  border-color: #d79c8a;
  background: none;
  color: #fff;
}
@media (max-width: 1100px) {
  .counter {
    grid-template-columns: 280px 1fr;
  }
  .right {
    grid-column: 1 / 3;
  }
}
@media (max-width: 760px) {
  .counter {
    display: flex;
    flex-direction: column;
  }
  .side {
    border: 0;
  }
  .middle,
  .right {
    padding: 10px 14px;
  }
  .verdict {
    grid-template-columns: 1fr;
  }
  .sense {
    grid-template-columns: repeat(4, 1fr);
    padding-bottom: 4px;
  }
  .sense b {
    grid-column: 1 / 5;
    padding-top: 6px;
  }
  .sense button {
    flex-direction: column;
    align-items: start;
    padding: 4px;
  }
}
</style>
