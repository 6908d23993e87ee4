<script setup lang="ts">
import { t } from '../../messages/say'
import { ElOption, ElSelect } from 'element-plus'
import 'element-plus/es/components/option/style/css'
import 'element-plus/es/components/select/style/css'
import { computed, nextTick, ref } from 'vue'
import type { Cut, Doneness, Oven, Parasites } from '../../api/types'
import DressGlyph from '../../drawing/DressGlyph.vue'
import { fleshColour } from '../../drawing/flesh'
import { CUTS, DRESS_BUTTONS, DRESSES, OVEN_KINDS, TARGETS } from '../../messages/labels'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import AlternativesDialog from './AlternativesDialog.vue'
import ChoiceRow from '../../components/ChoiceRow.vue'
import FireDialog from './FireDialog.vue'
import FishSelect from './FishSelect.vue'
import MeasureField from '../../components/MeasureField.vue'
import OvenForm from './OvenForm.vue'
import RecipeBook from './RecipeBook.vue'
import SlipLine from './SlipLine.vue'

const bench = useBench()
const units = useUnits()
const book = ref(false)
const oven = ref(false)
const firing = ref(false)
const list = ref<InstanceType<typeof ElSelect>>()

/** The list closes before the leaf for another oven opens. */
function another() {
  list.value?.blur()
  oven.value = true
}

/** Whether somebody feeds it. */
const fired = (one: Oven) => one.kind === 'WOOD' || one.kind === 'CLOSED_BARBECUE'
const fireWords = computed(() => {
  const falls = bench.oven?.truth.fallsCPerHour
  if (falls === undefined) return t('ui.piece.its-fire-as-usual')
  return falls === 0
    ? t('ui.piece.its-fire-is-kept-up')
    : t('ui.piece.its-fire-falls-an-hour', { falls: units.rise(falls) })
})

const cuts = Object.entries(CUTS).map(([value, words]) => ({ value: value as Cut, words }))
const dresses = DRESS_BUTTONS.map((value) => ({ value, words: DRESSES[value] }))
const targets = Object.entries(TARGETS).map(([value, words]) => ({ value: value as Doneness, words }))

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

const comparing = ref(false)
const asked = ref<Doneness | null>(null)
const unknown = ref(false)
const question = ref<HTMLFieldSetElement>()
const entry = (doneness: Doneness) => bench.catalogue?.targets.find((t) => t.doneness === doneness)

/** Under-done fish is offered once it is said what was done about parasites. */
function aim(doneness: Doneness) {
  unknown.value = false
  asked.value = bench.offered(doneness) ? null : doneness
  if (!asked.value) bench.change({ doneness })
  else void nextTick(() => question.value?.scrollIntoView({ block: 'nearest' }))
}
function vouch(parasites: Parasites) {
  unknown.value = parasites === 'UNKNOWN'
  if (unknown.value || !asked.value) return
  bench.change({ parasites, doneness: asked.value })
  asked.value = null
}

const target = computed(() => bench.catalogue?.targets.find((t) => t.doneness === bench.on.doneness))
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
  <section class="side" :aria-label="t('ui.piece.the-piece')">
    <FishSelect />
    <p class="about">
      <i>{{ bench.species?.scientificName }}</i> · {{ bench.species?.flesh }}
    </p>

    <ChoiceRow
      :name="t('ui.piece.how-it-is-cut')"
      :choices="cuts"
      :chosen="bench.on.cut"
      @choose="(cut) => bench.setCut(cut as Cut)"
    />

    <MeasureField
      :label="t('ui.piece.thickest')"
      kind="length"
      :note="sure"
      :model-value="bench.on.thicknessMm"
      :reckoned="bench.answer?.piece.thicknessMm"
      :refusal="bench.refusal('thicknessMm')"
      @update:model-value="(thicknessMm) => bench.measure({ thicknessMm })"
    >
      <SlipLine field="thicknessMm" />
    </MeasureField>
    <MeasureField
      :label="t('ui.piece.weighs')"
      kind="mass"
      :note="t('ui.counter.each-raw')"
      :model-value="bench.on.massG"
      :reckoned="bench.answer?.piece.massG"
      :refusal="bench.refusal('massG')"
      @update:model-value="(massG) => bench.measure({ massG })"
    >
      <SlipLine field="massG" />
    </MeasureField>

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
    <div class="dresses" role="radiogroup" :aria-label="t('ui.piece.how-it-is-dressed')">
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

    <h2>{{ t('ui.piece.oven') }} <kbd>-</kbd> <kbd>=</kbd></h2>
    <div class="oven">
      <ElSelect
        ref="list"
        :model-value="bench.oven?.id"
        :aria-label="t('ui.piece.which-oven')"
        @update:model-value="(ovenId: number) => bench.change({ ovenId })"
      >
        <ElOption
          v-for="one in bench.ovens"
          :key="one.id"
          :value="one.id"
          :label="`${one.name}, ${OVEN_KINDS[one.kind]}`"
        />
        <template #footer>
          <button class="quiet-action" @click="another">{{ t('ui.piece.another-oven-or-one-away') }}</button>
        </template>
      </ElSelect>
      <div class="dial">
        <button :aria-label="t('ui.piece.cooler')" @click="bench.hotter(-1)">−</button>
        <output :aria-label="t('ui.piece.dial')">{{ units.dial(bench.on.tempC) }}</output>
        <button :aria-label="t('ui.piece.hotter')" @click="bench.hotter(1)">+</button>
      </div>
      <button v-if="bench.oven && fired(bench.oven)" class="quiet-action fire" @click="firing = true">
        {{ fireWords }}
      </button>
      <p v-if="bench.oven?.lessons" class="known">{{ bench.oven.words }}</p>
      <p v-if="bench.refusal('tempC')" class="wrong" role="alert">{{ bench.refusal('tempC') }}</p>
    </div>

    <h2 class="dressed">
      <span>
        {{ t('ui.piece.done') }}
        <template v-if="target">{{ target.words.toLowerCase() }}, {{ units.degrees(target.peakC) }}</template>
      </span>
      <button class="quiet-action" @click="comparing = true">{{ t('ui.piece.compare') }}</button>
    </h2>
    <div class="targets" role="radiogroup" :aria-label="t('ui.piece.done-means')">
      <button
        v-for="choice in targets"
        :key="choice.value"
        role="radio"
        :aria-checked="bench.on.doneness === choice.value"
        :disabled="bench.on.atRisk && entry(choice.value)?.belowOfficial"
        :style="{ background: fleshColour(entry(choice.value)?.peakC ?? 50) }"
        @click="aim(choice.value)"
      >
        {{ choice.words }}
      </button>
    </div>
    <fieldset v-if="asked" ref="question" class="asked">
      <legend>{{ t('ui.piece.before-it-is-served-what', { value: TARGETS[asked] }) }}</legend>
      <button
        v-for="answer in bench.catalogue?.parasites"
        :key="answer.parasites"
        @click="vouch(answer.parasites)"
      >
        {{ answer.words }}
      </button>
      <p v-if="unknown" role="status">{{ t('ui.piece.then-not-below-flakes') }}</p>
    </fieldset>
    <p v-if="bench.refusal('parasites') || bench.refusal('doneness')" class="wrong" role="alert">
      {{ bench.refusal('parasites') ?? bench.refusal('doneness') }}
    </p>
    <label class="risk">
      <input
        type="checkbox"
        :checked="bench.on.atRisk"
        @change="bench.setAtRisk(($event.target as HTMLInputElement).checked)"
      />
      <span
        >{{ t('ui.piece.guests-at-risk') }}
        <small>{{ t('ui.piece.pregnant-very-young-old-ill') }}</small></span
      >
    </label>
    <AlternativesDialog v-if="comparing" v-model="comparing" />
    <RecipeBook v-if="book" v-model="book" />
    <FireDialog v-if="firing" v-model="firing" />
    <OvenForm v-if="oven" v-model="oven" />
  </section>
</template>

<style scoped>
.side {
  padding: 14px 20px 16px;
}
.about {
  margin: 0 0 8px;
  color: var(--ink-soft);
  font-size: 14px;
}
h2 {
  margin: 8px 0 4px;
  font-size: 14px;
  font-weight: 400;
  color: var(--ink-soft);
}
.dressed {
  display: flex;
  align-items: center;
  justify-content: space-between;
  margin: 0;
}
.dressed button {
  padding-right: 0;
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
.known {
  margin: 2px 0 0;
  color: var(--ink-soft);
  font-size: 14px;
}
.oven :deep(.el-select__wrapper) {
  min-height: 44px;
}
.starts {
  margin-top: 4px;
}
.oven {
  display: grid;
  gap: 6px;
}
.dial {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  align-items: center;
}
.dial button {
  height: 44px;
  border: 1px solid var(--el-border-color);
  border-radius: 4px;
  background: none;
  font-size: 18px;
}
.dial output {
  font: 700 20px var(--figures);
  text-align: center;
}
.wrong {
  margin: 0;
  padding-left: 8px;
  border-left: 3px solid var(--danger);
  color: var(--danger);
  font-size: 14px;
}
.targets {
  display: grid;
  grid-template-columns: repeat(5, auto);
  border-radius: 4px;
  overflow: hidden;
}
.targets button {
  min-height: 44px;
  padding: 0;
  border: 3px solid transparent;
  color: var(--ink);
  font-size: 13px;
}
.targets button:disabled {
  color: #6b6f6c;
  text-decoration: line-through;
}
.asked {
  margin: 6px 0 0;
  padding: 6px 0 0 8px;
  border: 0;
  border-left: 3px solid var(--ember);
  font-size: 14px;
}
.asked legend {
  float: left;
  margin-bottom: 4px;
}
.asked button {
  clear: left;
  display: block;
  width: 100%;
  min-height: 44px;
  margin-bottom: 4px;
  border: 1px solid var(--el-border-color);
  border-radius: 4px;
  background: #fff;
  text-align: left;
}
.asked p {
  margin: 0;
}
.risk {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  line-height: 1.15;
}
.risk input {
  width: 20px;
  height: 20px;
  accent-color: var(--clay);
}
.risk small {
  display: block;
  color: var(--ink-soft);
}
.targets button[aria-checked='true'] {
  border-color: var(--clay);
  font-weight: 700;
}
</style>
