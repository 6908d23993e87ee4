<script setup lang="ts">
import { vRadios } from '../../composables/radios'
import { computed } from 'vue'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { useCounter } from '../../stores/counter'
import SenseGlyph from './SenseGlyph.vue'

/** Is it good: what eye, skin, gills, smell and flesh say, and the grade that follows. */
const bench = useBench()
const counter = useCounter()
const answer = computed(() => counter.answer)
const grade = computed(() => counter.grade)
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
</script>

<template>
  <div class="freshness">
    <div class="verdict" :class="tone" role="status">
      <h2>{{ verdict }}</h2>
      <p v-if="answer">{{ answer.judgement.reason }} {{ answer.judgement.advice }}</p>
    </div>
    <div class="senses">
      <div
        v-for="sense in counter.senses"
        :key="sense.sense"
        v-radios
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
  </div>
</template>

<style scoped>
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
@media (max-width: 760px) {
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
