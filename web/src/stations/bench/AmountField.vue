<script setup lang="ts">
import { ElInputNumber } from 'element-plus'
import 'element-plus/es/components/input-number/style/css'
import { computed, useId } from 'vue'
import type { Kind } from '../../words/units'
import { useUnits } from '../../words/units'

/** A small amount under its name; held in SI where it has a kind, empty where nobody said. */
const props = defineProps<{
  label: string
  kind?: Kind
  /** What stands beside it where it has no kind. */
  sign?: string
  modelValue: number | null
  /** One place more than the kitchen's units usually have. */
  fine?: boolean
  /** What is usual where nobody said. */
  usual?: number | undefined
  refusal?: string | undefined
}>()
const emit = defineEmits<{ 'update:modelValue': [value: number | null] }>()

const id = useId()
const units = useUnits()
const unit = computed(() => (props.kind ? units.unit(props.kind) : null))
const places = computed(() => (unit.value?.places ?? 0) + (props.fine ? 1 : 0))
const show = (si: number) => +(unit.value?.from(si) ?? si).toFixed(places.value)
const shown = computed({
  get: () => (props.modelValue === null ? null : show(props.modelValue)),
  set: (value) =>
    emit(
      'update:modelValue',
      value === null || value === undefined ? null : (unit.value?.to(value) ?? value),
    ),
})
</script>

<template>
  <div class="amount" :data-of="label">
    <label :for="id">{{ label }}</label>
    <span class="field">
      <ElInputNumber
        :id="id"
        v-model="shown"
        :controls="false"
        :precision="places"
        :placeholder="usual === undefined ? '' : String(show(usual))"
        :aria-invalid="Boolean(refusal)"
        inputmode="decimal"
      />
      <span class="sign">{{ unit?.sign ?? sign }}</span>
    </span>
    <p v-if="refusal" class="wrong" role="alert">{{ refusal }}</p>
  </div>
</template>

<style scoped>
.amount {
  min-width: 84px;
  flex: 1 1 84px;
}
label {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
.field {
  display: flex;
  align-items: center;
  gap: 4px;
}
.field :deep(.el-input-number) {
  width: 100%;
}
.field :deep(.el-input__wrapper) {
  min-height: 44px;
  padding: 0 8px;
}
.field :deep(.el-input__inner) {
  font-weight: 700;
  text-align: right;
}
.sign {
  color: var(--ink-soft);
  font-size: 13px;
}
.wrong {
  margin: 2px 0 0;
  color: var(--danger);
  font-size: 13px;
}
</style>
