<script setup lang="ts">
import { ElInputNumber } from 'element-plus'
import 'element-plus/es/components/input-number/style/css'
import { computed } from 'vue'
import type { Cut, Keeping } from '../../api/types'
import ChoiceRow from '../../components/ChoiceRow.vue'
import NumberField from '../../components/NumberField.vue'
import { CUTS } from '../../messages/labels'
import { t } from '../../messages/say'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import { useCounter } from '../../stores/counter'
import FishSelect from '../bench/FishSelect.vue'

/** What it is, how large, how it was kept, and the tray it is for. */
const bench = useBench()
const counter = useCounter()
const units = useUnits()
const answer = computed(() => counter.answer)

const cuts = Object.entries(CUTS).map(([value, words]) => ({ value: value as Cut, words }))
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
</script>

<template>
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
    <NumberField
      line
      :label="t('ui.counter.thickest')"
      kind="length"
      :note="t('ui.counter.ruler-or-skewer')"
      :model-value="bench.on.thicknessMm"
      :usual="answer?.size.thicknessMm"
      :refusal="bench.refusal('thicknessMm')"
      @update:model-value="(thicknessMm) => bench.measure({ thicknessMm })"
    />
    <NumberField
      v-if="!counter.whole"
      line
      :label="t('ui.counter.thinnest')"
      kind="length"
      :note="t('ui.counter.where-it-tapers')"
      :model-value="counter.found.thinMm"
      :refusal="counter.refusal('thinMm')"
      @update:model-value="(thinMm) => (counter.found.thinMm = thinMm)"
    />
    <NumberField
      line
      :label="t('ui.counter.weighs')"
      kind="mass"
      :note="t('ui.counter.each-raw')"
      :model-value="bench.on.massG"
      :usual="answer?.size.massG"
      :refusal="bench.refusal('massG')"
      @update:model-value="(massG) => bench.measure({ massG })"
    />
    <NumberField
      v-if="counter.whole"
      line
      :label="t('ui.counter.long')"
      kind="length"
      :note="t('ui.counter.nose-to-tail')"
      :model-value="bench.on.lengthMm"
      :usual="answer?.size.lengthMm"
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
</template>

<style scoped>
.side {
  padding: 14px 20px 16px;
  border-right: 1px solid var(--rule);
}
.about {
  margin: 0 0 8px;
  color: var(--ink-soft);
  font-size: 14px;
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
@media (max-width: 760px) {
  .side {
    border: 0;
  }
}
</style>
