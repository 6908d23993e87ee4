<script setup lang="ts">
import { t } from '../../messages/say'
import { computed } from 'vue'
import type { Topping, Vegetable } from '../../api/types'
import { without } from '../../api/without'
import * as labels from '../../messages/labels'
import NumberField from '../../components/NumberField.vue'
import { useBench } from '../../stores/bench'
import ChoiceField from '../../components/ChoiceField.vue'
import StepButtons from '../../components/StepButtons.vue'
import BedQuestions from './BedQuestions.vue'
import FillingQuestions from './FillingQuestions.vue'
import OpenQuestions from './OpenQuestions.vue'
import SaltQuestions from './SaltQuestions.vue'
import SaltThere from './SaltThere.vue'
import ToppingRows from './ToppingRows.vue'
import { choices, useWay } from './way'

/** The few questions of the dress that is chosen, and how many pieces there are. */
const bench = useBench()
const { way, number } = useWay()

/** What dissolves bare aluminium. */
const ACID = [
  { value: 'yes', words: t('ui.dress.acid') },
  { value: 'no', words: t('ui.dress.no') },
]
const kind = computed(() => bench.on.dress)
const usuals = computed(() => bench.catalogue?.usuals)
const parcel = computed(() => kind.value === 'PARCHMENT' || kind.value === 'FOIL')
const vegetables = computed(
  () => bench.catalogue?.vegetables.map((v) => ({ value: v.vegetable, words: v.words })) ?? [],
)
const quick = computed(
  () =>
    bench.catalogue?.vegetables.filter((v) => v.quick).map((v) => ({ value: v.vegetable, words: v.words })) ??
    [],
)
const mixes = computed(() => [
  ...(bench.catalogue?.mixes.map((m) => ({ value: m.mix as string, words: m.words })) ?? []),
  { value: 'BREADED', words: t('ui.dress.crumb-all-round') },
])
/** Crumb all round is a dress of its own; anything else is one layer of it on top. */
function setMix(mix: string) {
  if (mix === 'BREADED') return
  const rest = without(bench.on.ways.TOPPING ?? {}, 'mix', 'when', 'depthMm')
  const toppings = [{ mix: mix as NonNullable<Topping['mix']> }]
  bench.change({
    dress: 'TOPPING',
    stages: null,
    ways: { ...bench.on.ways, TOPPING: { ...rest, toppings } },
  })
}
</script>

<template>
  <section class="bar" :aria-label="t('ui.dress.the-dress')">
    <template v-if="kind === 'OPEN_TRAY'">
      <ChoiceField
        :label="t('ui.dress.its-face')"
        :choices="choices(labels.FINISHES)"
        :chosen="way.finish ?? 'BARE'"
        @choose="(finish) => bench.say({ finish })"
      />
      <OpenQuestions :vegetables="vegetables" />
    </template>
    <template v-else-if="kind === 'TOPPING'">
      <ToppingRows />
      <OpenQuestions :vegetables="vegetables" />
    </template>
    <template v-else-if="kind === 'BREADED'">
      <ChoiceField
        :label="t('ui.dress.topping')"
        class="wide"
        :choices="mixes"
        chosen="BREADED"
        @choose="setMix"
      />
      <NumberField
        :label="t('ui.dress.how-thick')"
        kind="length"
        fine
        :usual="usuals?.breadedMm"
        :model-value="way.depthMm ?? null"
        :refusal="bench.refusal('depthMm')"
        @update:model-value="(mm) => number('depthMm', mm)"
      />
    </template>
    <template v-else-if="parcel">
      <ChoiceField
        :label="t('ui.dress.fold')"
        :choices="choices(labels.FOLDS)"
        :chosen="way.fold ?? (kind === 'FOIL' ? 'SEAM_UP' : 'HEART')"
        @choose="(fold) => bench.say({ fold })"
      />
      <BedQuestions :vegetables="vegetables" />
      <NumberField
        :label="t('ui.dress.splash')"
        sign="ml"
        :usual="0"
        :model-value="way.splashMl ?? null"
        :refusal="bench.refusal('splashMl')"
        @update:model-value="(ml) => number('splashMl', ml)"
      />
      <ChoiceField
        :label="t('ui.dress.sour-inside')"
        :choices="ACID"
        :chosen="way.acid ? 'yes' : 'no'"
        @choose="(v) => bench.say({ acid: v === 'yes' })"
      />
    </template>
    <SaltQuestions v-else-if="kind === 'SALT_CRUST'" />
    <template v-else>
      <ChoiceField
        :label="t('ui.dress.base-of')"
        :none="t('vegetable.POTATO')"
        :choices="vegetables"
        :chosen="way.vegetables ?? []"
        :most="5"
        :refusal="bench.refusal('vegetables')"
        @choose="(vegetables: Vegetable[]) => bench.say({ vegetables })"
      />
      <ChoiceField
        :label="t('ui.dress.cut-in')"
        :choices="choices(labels.CUTTINGS)"
        :chosen="way.cutting ?? 'SLICES'"
        @choose="(cutting) => bench.say({ cutting })"
      />
      <NumberField
        :label="t('ui.dress.how-deep')"
        kind="length"
        :usual="usuals?.baseMm"
        :model-value="way.depthMm ?? null"
        :refusal="bench.refusal('depthMm')"
        @update:model-value="(mm) => number('depthMm', mm)"
      />
      <ChoiceField
        :label="t('ui.dress.join-for-the-last-5')"
        :none="t('ui.dress.nothing')"
        :choices="quick"
        :chosen="way.sides ?? []"
        :most="3"
        :refusal="bench.refusal('sides')"
        @choose="(sides: Vegetable[]) => bench.say({ sides })"
      />
    </template>
    <FillingQuestions />
    <ChoiceField
      v-if="bench.stands"
      :label="t('ui.dress.it-lies')"
      :choices="choices(labels.STANCES)"
      :chosen="bench.on.stance"
      @choose="(stance) => bench.change({ stance })"
    />
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
    <SaltThere v-if="kind === 'SALT_CRUST'" />
  </section>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  padding-bottom: 6px;
  border-bottom: 1px solid var(--rule);
}
.bar :deep(.asked) {
  min-width: 190px;
}
.bar :deep(.wide) {
  flex-grow: 2;
  min-width: 130px;
}
.bar :deep(.small) {
  min-width: 72px;
  flex-basis: 72px;
}
.label {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
.count {
  grid-template-columns: 40px 34px 40px;
}
</style>
