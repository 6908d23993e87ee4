<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import StepButtons from '../../components/StepButtons.vue'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import type { StageInput } from '../../api/types'
import BedQuestions from './BedQuestions.vue'
import CoatQuestions from './CoatQuestions.vue'
import CoverQuestions from './CoverQuestions.vue'
import FishQuestions from './FishQuestions.vue'
import { useLayerLines } from './layerLines'
import LiquidQuestions from './LiquidQuestions.vue'
import SaltQuestions from './SaltQuestions.vue'
import SaltThere from './SaltThere.vue'
import SideQuestions from './SideQuestions.vue'
import { stageWords } from './stageWords'
import ToppingQuestions from './ToppingQuestions.vue'
import VesselQuestions from './VesselQuestions.vue'

/**
 * The dish as a list of its layers, from above to below. One layer is open at a time and asks its few questions; "+" lays another.
 */
const bench = useBench()
const { lines, more, add } = useLayerLines()

const open = computed(() => bench.layer)
const questions = ref<HTMLElement>()
const plus = ref<HTMLElement>()
/** A layer that was taken away takes its questions along, but not the keys. */
watch(open, (now) => {
  if (now === null && questions.value?.contains(document.activeElement))
    void nextTick(() => plus.value?.focus())
})
/** Which of several such layers is open; null where it is none of them. */
const nth = (kind: string) =>
  open.value?.startsWith(`${kind}:`) ? Number(open.value.slice(kind.length + 1)) : null
const topping = computed(() => nth('on'))
const side = computed(() => nth('beside'))
const named = computed(() => lines.value.find((line) => line.key === open.value)?.words ?? '')
const toggle = (key: string) => (bench.layer = open.value === key ? null : key)
const salt = computed(() => bench.on.dress === 'SALT_CRUST')
const stageInside = (stage: StageInput) => stageWords(stage).toLowerCase()
/** What a change of a layer did to the cook's own stages. */
const refitted = computed(() => {
  const { dropped, put } = bench.refitted
  const what = [
    ...dropped.map((stage) => t('ui.layers.dropped', { stage: stageInside(stage) })),
    ...put.map((stage) => t('ui.layers.put-in', { stage: stageInside(stage) })),
  ]
  return what.length ? t('ui.layers.refitted', { what: what.join(', ') }) : ''
})
</script>

<template>
  <section class="dish" :aria-label="t('ui.dress.the-dress')">
    <div class="row">
      <ul class="layers" :aria-label="t('ui.layers.layers')">
        <li v-for="line in lines" :key="line.key">
          <button :aria-expanded="open === line.key" @click="toggle(line.key)">{{ line.words }}</button>
        </li>
        <li v-if="more.length">
          <button
            ref="plus"
            class="plus"
            :aria-label="t('ui.layers.add')"
            :aria-expanded="open === 'add'"
            @click="toggle('add')"
          >
            +
          </button>
        </li>
      </ul>
      <div class="pieces">
        <span class="label">{{ t('ui.dress.pieces') }}</span>
        <StepButtons
          class="count"
          :value="bench.on.pieces"
          :names="{
            value: t('ui.dress.pieces'),
            less: t('ui.dress.one-piece-less'),
            more: t('ui.dress.one-piece-more'),
          }"
          :least="bench.on.pieces <= 1"
          :most="bench.on.pieces >= (bench.limits?.mostPieces ?? 1)"
          @step="(by) => bench.change({ pieces: bench.on.pieces + by })"
        />
      </div>
    </div>
    <div v-if="open === 'add'" class="asked" role="group" :aria-label="t('ui.layers.add')">
      <button v-for="[what, words] in more" :key="what" class="quiet-action" @click="add(what)">
        + {{ words }}
      </button>
    </div>
    <div
      v-else-if="open && named"
      ref="questions"
      class="asked"
      role="group"
      :aria-label="t('ui.layers.questions', { layer: named })"
    >
      <ToppingQuestions v-if="topping !== null" :at="topping" />
      <template v-else-if="open === 'cover'">
        <template v-if="salt">
          <SaltQuestions />
          <SaltThere />
        </template>
        <CoverQuestions v-else />
      </template>
      <CoatQuestions v-else-if="open === 'coat'" />
      <FishQuestions v-else-if="open === 'fish'" />
      <BedQuestions v-else-if="open === 'bed'" />
      <LiquidQuestions v-else-if="open === 'liquid'" />
      <VesselQuestions v-else-if="open === 'vessel'" />
      <SideQuestions v-else-if="side !== null" :at="side" />
    </div>
    <p v-if="refitted" class="refitted" role="status">{{ refitted }}</p>
  </section>
</template>

<style scoped>
.dish {
  padding-bottom: 6px;
  border-bottom: 1px solid var(--rule);
}
.row {
  display: flex;
  align-items: start;
  justify-content: space-between;
  gap: 10px;
}
.layers {
  display: flex;
  flex-wrap: wrap;
  margin: 0;
  padding: 0;
  list-style: none;
}
.layers button {
  min-height: 44px;
  padding: 0 10px;
  border: 0;
  border-bottom: 3px solid var(--rule);
  background: none;
  font-size: 15px;
}
.layers button[aria-expanded='true'] {
  border-color: var(--clay);
  font-weight: 700;
}
.layers .plus {
  min-width: 44px;
  color: var(--clay);
  font-size: 20px;
  font-weight: 700;
}
.pieces {
  display: flex;
  align-items: center;
  gap: 8px;
}
.label {
  color: var(--ink-soft);
  font-size: 13px;
}
.count {
  grid-template-columns: 40px 34px 40px;
}
.asked {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 4px 10px;
  padding-top: 6px;
}
.asked > :deep(.quiet-action) {
  min-height: 44px;
}
.asked :deep(.wide) {
  flex-grow: 2;
  min-width: 130px;
}
.asked :deep(.asked) {
  min-width: 190px;
}
.asked :deep(.small) {
  min-width: 72px;
  flex-basis: 72px;
}
.refitted {
  margin: 6px 0 0;
  color: var(--brine);
  font-size: 14px;
}
@media (max-width: 760px) {
  .row {
    display: block;
  }
}
</style>
