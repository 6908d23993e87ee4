<script setup lang="ts">
import { ElInput } from 'element-plus'
import 'element-plus/es/components/input/style/css'
import { ref, watch } from 'vue'

/** Words under a name; said when the field is left, and not with every letter. */
const props = defineProps<{ label: string; modelValue: string; longest: number | undefined }>()
defineEmits<{ 'update:modelValue': [text: string] }>()

const text = ref(props.modelValue)
watch(
  () => props.modelValue,
  (now) => (text.value = now),
)
</script>

<template>
  <label>
    {{ label }}
    <ElInput v-model="text" :maxlength="longest" @change="$emit('update:modelValue', text.trim())" />
  </label>
</template>

<style scoped>
label {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
label :deep(.el-input__wrapper) {
  min-height: 44px;
}
</style>
