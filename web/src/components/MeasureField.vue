<script setup lang="ts">
import { t } from '../messages/say'
import { computed, ref, useId } from 'vue'
import FigureInput from './FigureInput.vue'
import type { Kind } from '../messages/units'
import { useUnits } from '../messages/units'

/** A measured amount, held in SI, typed in the kitchen's units. Empty where nobody has measured it. */
const props = defineProps<{
  label: string
  kind: Kind
  /** SI, or null where it is not measured. */
  modelValue: number | null
  /** What it is reckoned to be where it is not measured, SI. */
  reckoned?: number | undefined
  note: string
  refusal?: string | undefined
}>()
defineEmits<{ 'update:modelValue': [value: number | null] }>()

const id = useId()
const units = useUnits()
const unread = ref<string | null>(null)
const wrong = computed(() =>
  unread.value === null ? props.refusal : t('ui.amount-field.is-no-figure', { value: unread.value }),
)
</script>

<template>
  <div class="measure" :data-of="label">
    <label :for="id">
      {{ label }} <small>{{ note }}</small>
    </label>
    <span class="field">
      <FigureInput
        :id="id"
        :model-value="modelValue"
        :kind="kind"
        :placeholder="reckoned === undefined ? '' : `≈ ${units.show(kind, reckoned)}`"
        :invalid="Boolean(wrong)"
        :describedby="wrong ? `${id}-wrong` : undefined"
        @update:model-value="(value) => $emit('update:modelValue', value)"
        @unread="(text) => (unread = text)"
      />
      <span class="unit">{{ units.unit(kind).sign }}</span>
    </span>
    <p v-if="wrong" :id="`${id}-wrong`" class="wrong" role="alert">{{ wrong }}</p>
    <slot />
  </div>
</template>

<style scoped>
.measure {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  min-height: 48px;
  padding: 2px 0;
  border-bottom: 1px solid var(--rule);
}
label {
  line-height: 1.2;
}
small {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
.field {
  display: flex;
  align-items: center;
  gap: 6px;
}
.field :deep(.el-input) {
  width: 84px;
}
.field :deep(.el-input__wrapper) {
  min-height: 44px;
  background: transparent;
  box-shadow: none;
}
.field :deep(.el-input__wrapper:hover) {
  box-shadow: 0 0 0 1px var(--el-border-color) inset;
}
.field :deep(.el-input__wrapper.is-focus) {
  background: #fff;
  box-shadow: 0 0 0 2px var(--brine) inset;
}
.field :deep(.el-input__inner) {
  color: var(--ink);
  font-size: 18px;
  font-weight: 700;
  text-align: right;
}
.unit {
  min-width: 26px;
  color: var(--ink-soft);
}
.wrong {
  grid-column: 1 / 3;
  margin: 0 0 6px;
  padding-left: 8px;
  border-left: 3px solid var(--danger);
  color: var(--danger);
  font-size: 14px;
}
</style>
