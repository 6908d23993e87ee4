<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { CounterQuestion, Style } from '../../api/types'
import CautionList from '../../components/CautionList.vue'
import ChoiceRow from '../../components/ChoiceRow.vue'
import StepButtons from '../../components/StepButtons.vue'
import { DRESS_BUTTONS, DRESSES } from '../../messages/labels'
import { t } from '../../messages/say'
import { clock, day } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import { useCounter } from '../../stores/counter'

/** What to do with it: dress, guests, keeping, and what comes first. */
const bench = useBench()
const counter = useCounter()
const units = useUnits()
const router = useRouter()
const answer = computed(() => counter.answer!)
const grade = computed(() => counter.grade)

const styles = DRESS_BUTTONS.map((value) => ({ value: value as Style, words: DRESSES[value] }))
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

const left = computed(() => answer.value?.prep.filter((s) => !counter.found.done.includes(s.key)).length ?? 0)
/** How well the dress goes with this fish. */
const suited = computed(() => answer.value.suitability.find((s) => s.style === counter.found.style))
</script>

<template>
  <div>
    <h2 class="label">{{ t('ui.counter.dressed-in') }}</h2>
    <ChoiceRow
      :name="t('ui.counter.dressed-in')"
      :choices="styles"
      :chosen="counter.found.style"
      @choose="(s) => counter.setStyle(s as Style)"
    />
    <p v-if="suited" class="fit" :class="suited.fit.toLowerCase()">{{ suited.reason }}</p>

    <h2 class="label">{{ t('ui.counter.for-how-many') }}</h2>
    <div class="guests">
      <StepButtons
        class="count"
        :value="counter.found.guests"
        :names="{
          value: t('ui.counter.guests'),
          less: t('ui.counter.one-guest-fewer'),
          more: t('ui.counter.one-guest-more'),
        }"
        :least="counter.found.guests <= 1"
        :most="counter.found.guests >= (bench.limits?.mostGuests ?? 1)"
        @step="(by) => (counter.found.guests += by)"
      />
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
          raw: units.amount('mass', answer.helpings.toBuyG ?? 0),
          guests: answer.helpings.oneFeeds.toFixed(1),
          edible: units.amount('mass', answer.helpings.edibleG),
        })
      }}
    </p>
    <p v-if="answer.keeping" class="say" :class="{ wrong: answer.keeping.past }">
      <b>{{
        t('ui.counter.use-by', {
          day: day(new Date(answer.keeping.useBy)),
          clock: clock(new Date(answer.keeping.useBy)),
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
    <div class="choices">
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
  </div>
</template>

<style scoped>
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
  grid-template-columns: auto 1fr;
  align-items: center;
}
.choices {
  display: flex;
  gap: 16px;
  font-size: 14px;
}
.choices label,
.prep label {
  display: flex;
  gap: 8px;
  align-items: baseline;
  cursor: pointer;
}
.choices label {
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
.go {
  position: sticky;
  bottom: 0;
  padding: 8px 0;
  background: #fff;
}
.count {
  grid-template-columns: 44px 36px 44px;
}
</style>
