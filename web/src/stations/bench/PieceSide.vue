<script setup lang="ts">
import { vRadios } from '../../composables/radios'
import { t } from '../../messages/say'
import { computed, ref } from 'vue'
import type { Cut } from '../../api/types'
import DressGlyph from '../../drawing/DressGlyph.vue'
import { CUTS, DRESS_BUTTONS, DRESSES } from '../../messages/labels'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import ChoiceRow from '../../components/ChoiceRow.vue'
import DonenessPick from './DonenessPick.vue'
import RestPick from './RestPick.vue'
import FishSelect from './FishSelect.vue'
import NumberField from '../../components/NumberField.vue'
import OvenPick from './OvenPick.vue'
import RecipeBook from './RecipeBook.vue'
import SlipLine from './SlipLine.vue'

const bench = useBench()
const units = useUnits()
const book = ref(false)
const cuts = Object.entries(CUTS).map(([value, words]) => ({ value: value as Cut, words }))
const dresses = DRESS_BUTTONS.map((value) => ({ value, words: DRESSES[value] }))

/** Where it comes from says how cold it is. */
const starts = computed(() => {
  const limits = bench.catalogue?.limits
  if (!limits) return []
  return [
    { value: 'fridge', words: t('ui.piece.fridge'), tempC: limits.fridgeC, frozen: false },
    { value: 'out', words: t('ui.piece.15-min-out'), tempC: limits.outC, frozen: false },
    { value: 'freezer', words: t('ui.piece.freezer'), tempC: limits.freezerC, frozen: true },
  ]
})
const start = computed(() => {
  if (bench.on.frozen) return 'freezer'
  const { fridgeC = 4, outC = 8 } = bench.catalogue?.limits ?? {}
  return bench.on.startTempC < (fridgeC + outC) / 2 ? 'fridge' : 'out'
})
function setStart(value: string) {
  const found = starts.value.find((s) => s.value === value)
  if (found) bench.change({ startTempC: found.tempC, frozen: found.frozen })
}

const sure = computed(() => {
  const piece = bench.answer?.piece
  if (!piece) return ''
  const doubt = `±${units.show('length', piece.thicknessDoubtMm)}`
  return bench.on.thicknessMm === null
    ? t('ui.piece.from-its-weight', { doubt })
    : t('ui.piece.by-ruler', { doubt })
})
</script>

<template>
  <section class="side piece-side" :aria-label="t('ui.piece.the-piece')">
    <FishSelect />
    <p class="about">
      <template v-if="bench.on.own">{{
        t('ui.own-fish.as', { fish: bench.species?.marketName ?? '' })
      }}</template>
      <template v-else
        ><i>{{ bench.species?.scientificName }}</i> · {{ bench.species?.flesh
        }}<template v-if="bench.on.calledAs">
          · {{ t('ui.own-fish.called', { name: bench.on.calledAs }) }}</template
        ></template
      >
    </p>

    <ChoiceRow
      :name="t('ui.piece.how-it-is-cut')"
      :choices="cuts"
      :chosen="bench.on.cut"
      @choose="(cut) => bench.setCut(cut as Cut)"
    />

    <NumberField
      line
      :label="t('ui.piece.thickest')"
      kind="length"
      :note="sure"
      :model-value="bench.on.thicknessMm"
      :usual="bench.answer?.piece.thicknessMm"
      :refusal="bench.refusal('thicknessMm')"
      @update:model-value="(thicknessMm) => bench.measure({ thicknessMm })"
    >
      <SlipLine field="thicknessMm" />
    </NumberField>
    <NumberField
      line
      :label="t('ui.piece.weighs')"
      kind="mass"
      :note="t('ui.counter.each-raw')"
      :model-value="bench.on.massG"
      :usual="bench.answer?.piece.massG"
      :refusal="bench.refusal('massG')"
      @update:model-value="(massG) => bench.measure({ massG })"
    >
      <SlipLine field="massG" />
    </NumberField>

    <ChoiceRow
      class="starts"
      :name="t('ui.piece.how-cold-it-goes-in')"
      :choices="starts"
      :chosen="start"
      @choose="setStart"
    />

    <h2 class="dressed">
      <span>{{ t('ui.piece.dressed-in') }} <kbd>d</kbd></span>
      <button class="quiet-action" @click="book = true">{{ t('ui.piece.recipe-book') }}</button>
    </h2>
    <div v-radios class="dresses" role="radiogroup" :aria-label="t('ui.piece.how-it-is-dressed')">
      <button
        v-for="dress in dresses"
        :key="dress.value"
        role="radio"
        :aria-checked="
          bench.on.dress === dress.value || (dress.value === 'TOPPING' && bench.on.dress === 'BREADED')
        "
        @click="bench.setDress(dress.value)"
      >
        <DressGlyph :kind="dress.value" />
        {{ dress.words }}
      </button>
    </div>

    <OvenPick />
    <DonenessPick />
    <RestPick />
    <RecipeBook v-if="book" v-model="book" />
  </section>
</template>

<style scoped>
.piece-side {
  padding: 6px 20px 12px;
}
.about {
  margin: 0 0 8px;
  color: var(--ink-soft);
  font-size: 14px;
}
.dresses {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
.dresses button {
  display: flex;
  flex-direction: column;
  align-items: center;
  padding: 5px 0 4px;
  border: 2px solid transparent;
  border-radius: 6px;
  background: none;
  font-size: 14px;
}
.dresses button[aria-checked='true'] {
  border-color: var(--clay);
  background: #fff;
  font-weight: 700;
}
.starts {
  margin-top: 4px;
}
</style>
