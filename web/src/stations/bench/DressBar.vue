<script setup lang="ts">
import { t } from '../../messages/say'
import { computed, ref } from 'vue'
import type { DressKind, Vegetable } from '../../api/types'
import * as labels from '../../messages/labels'
import AmountField from '../../components/AmountField.vue'
import { useBench } from '../../stores/bench'
import PickField from '../../components/PickField.vue'
import SeveralField from '../../components/SeveralField.vue'

/** The few questions of the dress that is chosen, and how many pieces there are. */
const bench = useBench()

const choices = <T extends string>(words: Record<T, string>) =>
  (Object.keys(words) as T[]).map((value) => ({ value, words: words[value] }))
const YES_NO = [
  { value: 'yes', words: t('ui.dress.yes') },
  { value: 'no', words: t('ui.dress.no') },
]

const kind = computed(() => bench.on.dress)
const way = computed(() => bench.way)
const usuals = computed(() => bench.catalogue?.usuals)
const parcel = computed(() => kind.value === 'PARCHMENT' || kind.value === 'FOIL')
const topped = computed(() => kind.value === 'TOPPING' || kind.value === 'BREADED')
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
const schools = computed(
  () => bench.catalogue?.schools.map((s) => ({ value: s.school, words: s.words })) ?? [],
)
const school = computed(
  () => bench.catalogue?.schools.find((s) => s.school === way.value.school) ?? bench.catalogue?.schools[0],
)

/** What a kitchen has of salt and trays is asked where somebody wants to say it. */
const counting = ref(false)
const HAVE = ['saltThereG', 'bagG', 'trayLengthMm', 'trayWidthMm'] as const
const given = computed(() => HAVE.some((field) => way.value[field] !== undefined))
const counted = computed(() => kind.value === 'SALT_CRUST' && (counting.value || given.value))

/** A topping all round is a dress of its own. */
function setMix(mix: string) {
  if (mix === 'BREADED') return bench.setDress('BREADED' as DressKind)
  const topping = bench.on.ways.TOPPING ?? {}
  bench.change({
    dress: 'TOPPING',
    stages: null,
    ways: { ...bench.on.ways, TOPPING: { ...topping, mix: mix as NonNullable<typeof topping.mix> } },
  })
}
/** Another school has its own usual thickness and cover. */
function setSchool(chosen: NonNullable<typeof way.value.school>) {
  const said = { ...way.value, school: chosen }
  delete said.coatMm
  delete said.headAndTail
  bench.change({ ways: { ...bench.on.ways, SALT_CRUST: said }, stages: null })
}
/** A number that was said, or no number at all. */
function number(
  field: 'depthMm' | 'bedMm' | 'splashMl' | 'coatMm' | 'bagG' | 'saltThereG' | 'trayLengthMm' | 'trayWidthMm',
  value: number | null,
) {
  const said = { ...way.value }
  if (value === null) delete said[field]
  else said[field] = value
  bench.change({ ways: { ...bench.on.ways, [kind.value]: said }, stages: null })
}
</script>

<template>
  <section class="bar" :aria-label="t('ui.dress.the-dress')">
    <template v-if="kind === 'OPEN_TRAY'">
      <PickField
        :label="t('ui.dress.its-face')"
        :choices="choices(labels.FINISHES)"
        :chosen="way.finish ?? 'BARE'"
        @choose="(finish) => bench.say({ finish })"
      />
      <PickField
        :label="t('ui.dress.lies-on')"
        :choices="choices(labels.UNDERLAYS)"
        :chosen="way.underlay ?? 'NONE'"
        @choose="(underlay) => bench.say({ underlay })"
      />
    </template>
    <template v-else-if="topped">
      <PickField
        :label="t('ui.dress.topping')"
        class="wide"
        :choices="mixes"
        :chosen="kind === 'BREADED' ? 'BREADED' : (way.mix ?? 'CRUMB')"
        @choose="setMix"
      />
      <PickField
        v-if="kind === 'TOPPING'"
        :label="t('ui.dress.goes-on')"
        :choices="choices(labels.WHENS)"
        :chosen="way.when ?? 'BEFORE'"
        @choose="(when) => bench.say({ when })"
      />
      <AmountField
        :label="t('ui.dress.how-thick')"
        kind="length"
        fine
        :usual="kind === 'BREADED' ? usuals?.breadedMm : usuals?.toppingMm"
        :model-value="way.depthMm ?? null"
        :refusal="bench.refusal('depthMm')"
        @update:model-value="(mm) => number('depthMm', mm)"
      />
    </template>
    <template v-else-if="parcel">
      <PickField
        :label="t('ui.dress.fold')"
        :choices="choices(labels.FOLDS)"
        :chosen="way.fold ?? (kind === 'FOIL' ? 'SEAM_UP' : 'HEART')"
        @choose="(fold) => bench.say({ fold })"
      />
      <SeveralField
        :label="t('ui.dress.on-a-bed-of')"
        :none="t('ui.dress.nothing')"
        :choices="vegetables"
        :chosen="way.vegetables ?? []"
        :most="4"
        @choose="(vegetables: Vegetable[]) => bench.say({ vegetables })"
      />
      <AmountField
        v-if="way.vegetables?.length"
        :label="t('ui.dress.how-deep')"
        kind="length"
        :usual="usuals?.bedMm"
        :model-value="way.bedMm ?? null"
        :refusal="bench.refusal('bedMm')"
        @update:model-value="(mm) => number('bedMm', mm)"
      />
      <AmountField
        :label="t('ui.dress.splash')"
        sign="ml"
        :usual="0"
        :model-value="way.splashMl ?? null"
        :refusal="bench.refusal('splashMl')"
        @update:model-value="(ml) => number('splashMl', ml)"
      />
      <PickField
        :label="t('ui.dress.sour-inside')"
        :choices="YES_NO"
        :chosen="way.acid ? 'yes' : 'no'"
        @choose="(v) => bench.say({ acid: v === 'yes' })"
      />
    </template>
    <template v-else-if="kind === 'SALT_CRUST'">
      <PickField
        :label="t('ui.dress.school')"
        class="asked"
        :choices="schools"
        :chosen="way.school ?? 'WET_SAND'"
        :refusal="bench.refusal('kind')"
        @choose="setSchool"
      />
      <p class="what">{{ t(`school.${way.school ?? 'WET_SAND'}.what`) }}</p>
      <AmountField
        :label="t('ui.dress.how-thick')"
        kind="length"
        :usual="school?.usualCoatMm"
        :model-value="way.coatMm ?? null"
        :refusal="bench.refusal('coatMm')"
        @update:model-value="(mm) => number('coatMm', mm)"
      />
      <PickField
        :label="t('ui.dress.salt')"
        :choices="choices(labels.SALTS)"
        :chosen="way.salt ?? 'COARSE'"
        @choose="(salt) => bench.say({ salt })"
      />
      <PickField
        v-if="school?.eggs"
        :label="t('ui.dress.eggs')"
        class="small"
        :choices="choices(labels.EGGS)"
        :chosen="way.eggs ?? 'MEDIUM'"
        @choose="(eggs) => bench.say({ eggs })"
      />
      <PickField
        :label="t('ui.dress.head-and-tail')"
        :choices="[
          { value: 'yes', words: t('ui.dress.covered') },
          { value: 'no', words: t('ui.dress.bare') },
        ]"
        :chosen="(way.headAndTail ?? school?.buries) ? 'yes' : 'no'"
        @choose="(v) => bench.say({ headAndTail: v === 'yes' })"
      />
      <PickField
        :label="t('ui.dress.scales-on')"
        class="small"
        :choices="YES_NO"
        :chosen="way.scalesOn === false ? 'no' : 'yes'"
        @choose="(v) => bench.say({ scalesOn: v === 'yes' })"
      />
    </template>
    <template v-else>
      <SeveralField
        :label="t('ui.dress.base-of')"
        :none="t('vegetable.POTATO')"
        :choices="vegetables"
        :chosen="way.vegetables ?? []"
        :most="5"
        :refusal="bench.refusal('vegetables')"
        @choose="(vegetables: Vegetable[]) => bench.say({ vegetables })"
      />
      <PickField
        :label="t('ui.dress.cut-in')"
        :choices="choices(labels.CUTTINGS)"
        :chosen="way.cutting ?? 'SLICES'"
        @choose="(cutting) => bench.say({ cutting })"
      />
      <AmountField
        :label="t('ui.dress.how-deep')"
        kind="length"
        :usual="usuals?.baseMm"
        :model-value="way.depthMm ?? null"
        :refusal="bench.refusal('depthMm')"
        @update:model-value="(mm) => number('depthMm', mm)"
      />
      <SeveralField
        :label="t('ui.dress.join-for-the-last-5')"
        :none="t('ui.dress.nothing')"
        :choices="quick"
        :chosen="way.sides ?? []"
        :most="3"
        :refusal="bench.refusal('sides')"
        @choose="(sides: Vegetable[]) => bench.say({ sides })"
      />
    </template>
    <PickField
      :label="t('ui.dress.inside-it')"
      :choices="choices(labels.FILLINGS)"
      :chosen="bench.on.filling"
      :refusal="bench.refusal('filling')"
      @choose="(filling) => bench.change({ filling })"
    />
    <PickField
      v-if="bench.stands"
      :label="t('ui.dress.it-lies')"
      :choices="choices(labels.STANCES)"
      :chosen="bench.on.stance"
      @choose="(stance) => bench.change({ stance })"
    />
    <div class="pieces">
      <span class="label">{{ t('ui.dress.pieces') }}</span>
      <span class="stepper">
        <button
          :aria-label="t('ui.dress.one-piece-less')"
          :disabled="bench.on.pieces <= 1"
          @click="bench.change({ pieces: bench.on.pieces - 1 })"
        >
          −
        </button>
        <output :aria-label="t('ui.dress.pieces')">{{ bench.on.pieces }}</output>
        <button
          :aria-label="t('ui.dress.one-piece-more')"
          :disabled="bench.on.pieces >= (bench.limits?.mostPieces ?? 1)"
          @click="bench.change({ pieces: bench.on.pieces + 1 })"
        >
          +
        </button>
      </span>
    </div>
    <button
      v-if="kind === 'SALT_CRUST'"
      class="quiet-action"
      :aria-expanded="counted"
      :disabled="given"
      @click="counting = !counting"
    >
      {{ t('ui.dress.what-there-is') }}
    </button>
    <template v-if="counted">
      <AmountField
        :label="t('ui.dress.salt-there-is')"
        kind="mass"
        :model-value="way.saltThereG ?? null"
        :refusal="bench.refusal('saltThereG')"
        @update:model-value="(g) => number('saltThereG', g)"
      />
      <AmountField
        :label="t('ui.dress.a-bag-holds')"
        kind="mass"
        :usual="usuals?.bagG"
        :model-value="way.bagG ?? null"
        :refusal="bench.refusal('bagG')"
        @update:model-value="(g) => number('bagG', g)"
      />
      <AmountField
        :label="t('ui.dress.tray-long')"
        kind="length"
        :model-value="way.trayLengthMm ?? null"
        :refusal="bench.refusal('trayLengthMm')"
        @update:model-value="(mm) => number('trayLengthMm', mm)"
      />
      <AmountField
        :label="t('ui.dress.and-wide')"
        kind="length"
        :model-value="way.trayWidthMm ?? null"
        :refusal="bench.refusal('trayWidthMm')"
        @update:model-value="(mm) => number('trayWidthMm', mm)"
      />
    </template>
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
.what {
  align-self: end;
  max-width: 30ch;
  margin: 0 0 6px;
  color: var(--ink-soft);
  font-size: 14px;
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
.quiet-action {
  align-self: end;
}
.label {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
.stepper {
  display: grid;
  grid-template-columns: 40px 34px 40px;
  align-items: center;
}
.stepper button {
  height: 44px;
  border: 1px solid var(--el-border-color);
  border-radius: 4px;
  background: none;
  font-size: 18px;
}
.stepper output {
  font: 700 18px var(--figures);
  text-align: center;
}
</style>
