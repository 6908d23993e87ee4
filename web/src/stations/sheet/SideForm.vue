<script setup lang="ts">
import { computed, ref } from 'vue'
import type { EveningSide } from '../../api/types'
import ChoiceField from '../../components/ChoiceField.vue'
import NumberField from '../../components/NumberField.vue'
import SideDialog from '../../components/SideDialog.vue'
import TitleField from '../../components/TitleField.vue'
import { t } from '../../messages/say'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import CourseField from './CourseField.vue'

/** A side or another task: where it cooks and for how long, how much work it is, how long it can wait. */
const props = defineProps<{ side: EveningSide }>()
const emit = defineEmits<{ keep: [side: EveningSide]; close: [] }>()
const mine = ref<EveningSide>({ ...props.side })
const shown = computed({ get: () => true, set: () => emit('close') })

const WHERE: { value: EveningSide['where']; words: string }[] = [
  { value: 'HOB', words: t('ui.sheet.on-the-hob') },
  { value: 'OVEN', words: t('ui.sheet.in-the-oven') },
  { value: 'COLD', words: t('ui.sheet.cold') },
]
const bench = useBench()
const units = useUnits()
const usual = computed(() => bench.catalogue!.evening.side)
function where(value: EveningSide['where']) {
  const cookMin = value === 'COLD' ? 0 : mine.value.cookMin || usual.value.cookMin
  mine.value = { ...mine.value, where: value, cookMin }
  if (value === 'OVEN') mine.value.dialC ??= usual.value.dialC
}
const set = (part: Partial<EveningSide>) => (mine.value = { ...mine.value, ...part })
</script>

<template>
  <SideDialog v-model="shown" :title="t('ui.sheet.a-side')" :widest="420">
    <TitleField v-model="mine.title" />
    <div class="fields">
      <ChoiceField :label="t('ui.sheet.where')" :choices="WHERE" :chosen="mine.where" @choose="where" />
      <NumberField
        :label="t('ui.sheet.prepare-min')"
        :sign="t('ui.sheet.min')"
        :model-value="mine.prepareMin"
        @update:model-value="(v) => set({ prepareMin: v ?? 0 })"
      />
      <NumberField
        v-if="mine.where !== 'COLD'"
        :label="t('ui.sheet.cook-min')"
        :sign="t('ui.sheet.min')"
        :model-value="mine.cookMin"
        @update:model-value="(v) => set({ cookMin: v ?? 0 })"
      />
      <NumberField
        v-if="mine.where === 'OVEN'"
        :label="t('ui.sheet.dial')"
        kind="heat"
        :model-value="mine.dialC ?? null"
        @update:model-value="(v) => set({ dialC: v ?? usual.dialC })"
      />
      <NumberField
        v-if="mine.where === 'OVEN'"
        :label="t('ui.sheet.dial-give')"
        :sign="units.unit('heat').sign"
        :model-value="units.risen(mine.giveC ?? usual.giveC)"
        @update:model-value="(v) => set({ giveC: v === null ? usual.giveC : units.fromRisen(v) })"
      />
      <NumberField
        v-if="mine.where === 'OVEN'"
        :label="t('ui.sheet.trays')"
        :model-value="mine.shelves ?? 1"
        @update:model-value="(v) => set({ shelves: Math.max(1, Math.round(v ?? 1)) })"
      />
      <NumberField
        :label="t('ui.sheet.finish-min')"
        :sign="t('ui.sheet.min')"
        :model-value="mine.finishMin"
        @update:model-value="(v) => set({ finishMin: v ?? 0 })"
      />
      <NumberField
        :label="t('ui.sheet.waits-min')"
        :sign="t('ui.sheet.min')"
        :model-value="mine.waitsMin"
        @update:model-value="(v) => set({ waitsMin: v ?? 0 })"
      />
      <NumberField
        :label="t('ui.sheet.ahead')"
        :sign="t('ui.sheet.hours-short')"
        :model-value="mine.aheadH ?? null"
        @update:model-value="(v) => set({ aheadH: v ?? 0 })"
      />
      <CourseField :course="mine.course ?? 0" @choose="(course) => set({ course })" />
    </div>
    <button class="main-action" :disabled="!mine.title.trim()" @click="emit('keep', mine)">
      {{ t('ui.sheet.keep') }}
    </button>
  </SideDialog>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
  margin: 12px 0;
}
</style>
