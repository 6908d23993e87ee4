<script setup lang="ts">
import { t } from '../messages/say'
import { computed, ref, useId } from 'vue'
import FigureInput from './FigureInput.vue'
import type { Kind } from '../messages/units'
import { useUnits } from '../messages/units'

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
defineEmits<{ 'update:modelValue': [value: number | null] }>()

const id = useId()
const units = useUnits()
const unread = ref<string | null>(null)
const wrong = computed(() =>
  unread.value === null ? props.refusal : t('ui.amount-field.is-no-figure', { value: unread.value }),
)
const usually = computed(() => {
  if (props.usual === undefined) return ''
  return props.kind ? units.show(props.kind, props.usual) : String(props.usual)
})
</script>

<template>
  <div class="amount" :data-of="label">
    <label :for="id">{{ label }}</label>
    <span class="field">
      <FigureInput
        :id="id"
        :model-value="modelValue"
        :kind="kind"
        :fine="fine ?? false"
        :placeholder="usually"
        :invalid="Boolean(wrong)"
        @update:model-value="(value) => $emit('update:modelValue', value)"
        @unread="(text) => (unread = text)"
      />
      <span class="sign">{{ kind ? units.unit(kind).sign : sign }}</span>
    </span>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
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
.field :deep(.el-input) {
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
