<script setup lang="ts">
import { t } from '../../messages/say'
import { computed, ref } from 'vue'
import { Problem } from '../../api/client'
import FigureInput from '../../components/FigureInput.vue'
import { useUnits } from '../../messages/units'
import SideDialog from '../../components/SideDialog.vue'
import { useBench } from '../../stores/bench'

/** How an oven that is fed keeps its heat: kept up, or falling, and how fast. */
const shown = defineModel<boolean>({ required: true })

/** What a fire falls in the hour where nobody has measured it yet, °C. */
const GUESS_C = 50
const SAID_AT_C = 250

const bench = useBench()
const units = useUnits()
const falls = ref<number | null>(bench.oven?.calibration.fallsCPerHour || null)
const problem = ref<Problem | null>(null)
const perDegree = computed(() => (units.imperial.value ? 1.8 : 1))

async function say(fallsCPerHour: number | null) {
  try {
    await bench.describeFire(fallsCPerHour)
    shown.value = false
  } catch (failure) {
    if (!(failure instanceof Problem)) throw failure
    problem.value = failure
  }
}
</script>

<template>
  <SideDialog v-model="shown" :title="t('ui.fire-dialog.its-fire', { name: bench.oven?.name })" :widest="420">
    <div class="rows">
      <button @click="say(0)">
        <b>{{ t('ui.fire-dialog.kept-up') }}</b> {{ t('ui.fire-dialog.somebody-feeds-it') }}
      </button>
      <button @click="say(null)">
        <b>{{ t('ui.fire-dialog.as-usual') }}</b> {{ t('ui.fire-dialog.it-falls-from-when-the') }}
      </button>
      <form novalidate @submit.prevent="say(falls ?? GUESS_C)">
        <label for="fire-falls">
          <b>{{ t('ui.fire-dialog.it-falls') }}</b>
          {{ t('ui.fire-dialog.in-the-hour-from-by', { from: units.degrees(SAID_AT_C) }) }}
        </label>
        <FigureInput
          id="fire-falls"
          :model-value="falls === null ? null : Math.round(falls * perDegree)"
          :placeholder="String(Math.round(GUESS_C * perDegree))"
          @update:model-value="(value) => (falls = value === null ? null : value / perDegree)"
        />
        <span>{{ units.unit('heat').sign }}</span>
        <button>{{ t('ui.fire-dialog.so-it-is') }}</button>
      </form>
      <p v-if="problem" class="wrong" role="alert">{{ problem.message }}</p>
    </div>
  </SideDialog>
</template>

<style scoped>
.rows {
  display: grid;
  gap: 10px;
}
button {
  min-height: 56px;
  padding: 6px 14px;
  border: 2px solid #a9a695;
  border-radius: 6px;
  background: #fff;
  text-align: left;
}
b {
  display: block;
  font-size: 17px;
}
form {
  display: grid;
  grid-template-columns: 1fr 80px auto auto;
  align-items: center;
  gap: 10px;
}
.wrong {
  margin: 0;
  padding-left: 8px;
  border-left: 3px solid var(--danger);
  color: var(--danger);
}
</style>
