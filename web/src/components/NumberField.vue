<script setup lang="ts">
import { t } from '../messages/say'
import { computed, ref, useId } from 'vue'
import FigureInput from './FigureInput.vue'
import type { Kind } from '../messages/units'
import { useUnits } from '../messages/units'

/** An amount under its name; held in SI where it has a kind, typed in the kitchen's units, empty where nobody said. */
const props = defineProps<{
  label: string
  kind?: Kind
  /** What stands beside it where it has no kind. */
  sign?: string
  modelValue: number | null
  /** One place more than the kitchen's units usually have. */
  fine?: boolean
  /** What is usual, or reckoned, where nobody said. */
  usual?: number | undefined
  refusal?: string | undefined
  /** Ruled off on a line of its own, as what was measured; with how it came about beneath its name. */
  line?: boolean
  note?: string
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
  const shown = props.kind ? units.show(props.kind, props.usual) : String(props.usual)
  return props.line ? `≈ ${shown}` : shown
})
</script>

<template>
  <div :class="line ? 'measure' : 'amount'" :data-of="label">
    <label :for="id">
      {{ label }} <small v-if="note">{{ note }}</small>
    </label>
    <span class="field">
      <FigureInput
        :id="id"
        :model-value="modelValue"
        :kind="kind"
        :fine="fine ?? false"
        :placeholder="usually"
        :invalid="Boolean(wrong)"
        :describedby="wrong ? `${id}-wrong` : undefined"
        @update:model-value="(value) => $emit('update:modelValue', value)"
        @unread="(text) => (unread = text)"
      />
      <span class="sign">{{ kind ? units.unit(kind).sign : sign }}</span>
    </span>
    <p v-if="wrong" :id="`${id}-wrong`" class="wrong" role="alert">{{ wrong }}</p>
    <slot />
  </div>
</template>

<style scoped>
small {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
.field {
  display: flex;
  align-items: center;
  gap: 4px;
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
}
.wrong {
  color: var(--danger);
}
.amount {
  min-width: 84px;
  flex: 1 1 84px;
}
.amount label {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
.amount :deep(.el-input) {
  width: 100%;
}
.amount .sign {
  font-size: 13px;
}
.amount .wrong {
  margin: 2px 0 0;
  font-size: 13px;
}
.measure {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  min-height: 48px;
  padding: 2px 0;
  border-bottom: 1px solid var(--rule);
}
.measure label {
  line-height: 1.2;
}
.measure .field {
  gap: 6px;
}
.measure .field :deep(.el-input) {
  width: 84px;
}
.measure .field :deep(.el-input__wrapper) {
  padding: 1px 11px;
  background: transparent;
  box-shadow: none;
}
.measure .field :deep(.el-input__wrapper:hover) {
  box-shadow: 0 0 0 1px var(--el-border-color) inset;
}
.measure .field :deep(.el-input__wrapper.is-focus) {
  background: #fff;
  box-shadow: 0 0 0 2px var(--brine) inset;
}
.measure .field :deep(.el-input__inner) {
  color: var(--ink);
  font-size: 18px;
}
.measure .sign {
  min-width: 26px;
}
.measure .wrong {
  grid-column: 1 / 3;
  margin: 0 0 6px;
  padding-left: 8px;
  border-left: 3px solid var(--danger);
  font-size: 14px;
}
</style>
