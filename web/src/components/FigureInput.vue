<script setup lang="ts">
import { ElInput } from 'element-plus'
import 'element-plus/es/components/input/style/css'
import { computed, ref, watch } from 'vue'
import type { Kind } from '../messages/units'
import { parsed, useUnits } from '../messages/units'

/** A figure as somebody writes it in the kitchen's units: 26, 1⅛, 1 1/8, 5.8. Held in SI where it has a kind; empty for none. */
const props = defineProps<{
  id: string
  modelValue: number | null
  kind?: Kind | undefined
  /** Decimals beyond those that the kitchen's units usually have. */
  fine?: boolean
  /** What stands there where nothing was typed. */
  placeholder?: string
  invalid?: boolean
  describedby?: string | undefined
}>()
const emit = defineEmits<{ 'update:modelValue': [value: number | null]; unread: [text: string | null] }>()

const units = useUnits()
const unit = computed(() => (props.kind ? units.unit(props.kind) : null))
const written = computed(() => {
  if (props.modelValue === null) return ''
  if (props.kind === 'length' && units.imperial.value) return units.show('length', props.modelValue)
  const places = (unit.value?.places ?? 0) + (props.fine ? 1 : 0)
  return String(+(unit.value?.from(props.modelValue) ?? props.modelValue).toFixed(places))
})
/** What is being typed; it stays where it is no figure. */
const typed = ref<string | null>(null)
const shown = computed(() => typed.value ?? written.value)
watch(written, () => (typed.value = null))

function take(text: string) {
  const figure = parsed(text)
  const unread = text.trim() !== '' && figure === null
  emit('unread', unread ? text : null)
  if (unread) return
  typed.value = null
  if (text.trim() === written.value) return
  emit('update:modelValue', figure === null ? null : (unit.value?.to(figure) ?? figure))
}
</script>

<template>
  <ElInput
    :id="id"
    :model-value="shown"
    :placeholder="placeholder ?? ''"
    :aria-invalid="Boolean(invalid)"
    :aria-describedby="describedby"
    inputmode="decimal"
    autocomplete="off"
    @update:model-value="(text: string) => (typed = text)"
    @change="(text: string) => take(text)"
  />
</template>
