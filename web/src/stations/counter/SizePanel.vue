<script setup lang="ts">
import { ElInputNumber } from 'element-plus'
import 'element-plus/es/components/input-number/style/css'
import { computed, ref } from 'vue'
import { t } from '../../messages/say'
import { minutesInWords } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import { useCounter } from '../../stores/counter'
import ScaleDrawing from './ScaleDrawing.vue'

/** How big it is, drawn to scale on its tray; how even; in which order unlike pieces come out. */
const bench = useBench()
const counter = useCounter()
const units = useUnits()
const answer = computed(() => counter.answer!)

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
</script>

<template>
  <div class="size">
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
</template>

<style scoped>
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
.even ul {
  margin: 4px 0 0;
  padding-left: 18px;
  font-size: 14px;
}
</style>
