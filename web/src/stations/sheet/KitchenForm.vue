<script setup lang="ts">
import { computed, ref } from 'vue'
import type { EveningHands, EveningInput, EveningOven } from '../../api/types'
import { without } from '../../api/without'
import NumberField from '../../components/NumberField.vue'
import SideDialog from '../../components/SideDialog.vue'
import CountRow from '../../components/CountRow.vue'
import { t } from '../../messages/say'
import { clock } from '../../messages/time'
import { useBench } from '../../stores/bench'
import { useEvenings } from '../../stores/evenings'
import { minuteOf } from './hands'

/** The kitchen of one evening: which ovens, how large their trays are, burners, and when which hands are there. */
const emit = defineEmits<{ close: [] }>()
const evenings = useEvenings()
const bench = useBench()
const shown = computed({ get: () => true, set: () => emit('close') })
const now = evenings.view!.evening
const ovens = ref<EveningOven[]>(now.ovens.map((o) => ({ ...o })))
const burners = ref(now.burners)
const hands = ref<EveningHands[]>(now.hands.map((h) => ({ ...h })))
const limits = computed(() => bench.catalogue?.evening)

/** Ovens that were put away stay where an evening has them already. */
const all = computed(() =>
  bench.allOvens.filter(
    (o) => bench.ovens.some((b) => b.id === o.id) || now.ovens.some((e) => e.ovenId === o.id),
  ),
)
const uses = (id: number) => ovens.value.find((o) => o.ovenId === id)
function use(id: number, it: boolean) {
  ovens.value = it
    ? [...ovens.value, { ovenId: id, shelves: limits.value?.shelves ?? 1 }]
    : ovens.value.filter((o) => o.ovenId !== id)
}
function tray(id: number, side: 'trayLengthMm' | 'trayWidthMm', mm: number | null) {
  ovens.value = ovens.value.map((o) =>
    o.ovenId !== id ? o : mm === null ? without(o, side) : { ...o, [side]: mm },
  )
}
function hour(i: number, end: 'fromMin' | 'untilMin', typed: string) {
  const minute = minuteOf(typed, evenings.moment(0))
  hands.value = hands.value.map((h, k) =>
    k !== i ? h : minute === undefined ? without(h, end) : { ...h, [end]: minute },
  )
}
const named = (i: number, name: string) =>
  (hands.value = hands.value.map((h, k) => (k === i ? { ...h, name } : h)))
const at = (minute?: number) => (minute === undefined ? '' : clock(evenings.moment(minute)))
async function keep() {
  const kitchen: Partial<EveningInput> = {
    ovens: ovens.value,
    burners: burners.value,
    hands: hands.value,
  }
  await evenings.change(kitchen)
  if (!evenings.trouble) emit('close')
}
</script>

<template>
  <SideDialog v-model="shown" :title="t('ui.sheet.kitchen-tonight')" :widest="520">
    <fieldset v-for="oven in all" :key="oven.id">
      <label class="tick">
        <input
          type="checkbox"
          :checked="Boolean(uses(oven.id))"
          @change="use(oven.id, ($event.target as HTMLInputElement).checked)"
        />
        <span data-typed>{{ oven.name }}</span>
      </label>
      <div v-if="uses(oven.id)" class="row">
        <NumberField
          :label="t('ui.sheet.tray-length')"
          kind="length"
          :model-value="uses(oven.id)!.trayLengthMm ?? null"
          @update:model-value="(mm) => tray(oven.id, 'trayLengthMm', mm)"
        />
        <NumberField
          :label="t('ui.sheet.tray-width')"
          kind="length"
          :model-value="uses(oven.id)!.trayWidthMm ?? null"
          @update:model-value="(mm) => tray(oven.id, 'trayWidthMm', mm)"
        />
      </div>
    </fieldset>
    <p class="how">{{ t('ui.sheet.trays-how') }}</p>
    <CountRow
      :label="t('ui.sheet.burners')"
      :value="burners"
      :less="t('ui.sheet.burner-less')"
      :more="t('ui.sheet.burner-more')"
      :least="burners <= 0"
      :most="burners >= (limits?.mostBurners ?? 0)"
      @step="(by) => (burners += by)"
    />
    <h3>{{ t('ui.sheet.hours') }}</h3>
    <div v-for="(one, i) in hands" :key="i" class="row hands">
      <label>
        {{ t('ui.sheet.who') }}
        <input
          :value="one.name"
          maxlength="40"
          @change="named(i, ($event.target as HTMLInputElement).value)"
        />
      </label>
      <label>
        {{ t('ui.sheet.hands-from') }}
        <input
          type="time"
          :value="at(one.fromMin)"
          @change="hour(i, 'fromMin', ($event.target as HTMLInputElement).value)"
        />
      </label>
      <label>
        {{ t('ui.sheet.hands-until') }}
        <input
          type="time"
          :value="at(one.untilMin)"
          @change="hour(i, 'untilMin', ($event.target as HTMLInputElement).value)"
        />
      </label>
    </div>
    <p class="how">{{ t('ui.sheet.hours-how') }}</p>
    <p v-if="evenings.trouble" class="wrong" role="alert">
      {{ Object.values(evenings.refused).join(' ') || evenings.trouble }}
    </p>
    <button class="main-action" @click="keep">{{ t('ui.sheet.keep') }}</button>
  </SideDialog>
</template>

<style scoped>
fieldset {
  margin: 0;
  padding: 2px 0 8px;
  border: 0;
  border-bottom: 1px solid var(--rule);
}
.tick {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.row {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
}
.row.hands {
  grid-template-columns: minmax(0, 1fr) 110px 110px;
  margin-bottom: 8px;
}
.hands label {
  color: var(--ink-soft);
  font-size: 13px;
}
.hands input {
  display: block;
  width: 100%;
  min-height: 44px;
  padding: 0 8px;
  border: 1px solid #a9a695;
  border-radius: 4px;
  background: #fff;
  color: var(--ink);
  font-size: 15px;
}
h3 {
  margin: 12px 0 2px;
  font-size: 14px;
  font-weight: 400;
}
.how {
  margin: 6px 0;
  color: var(--ink-soft);
  font-size: 14px;
}
.wrong {
  padding-left: 8px;
  border-left: 3px solid var(--danger);
  color: var(--danger);
}
</style>
