<script setup lang="ts" generic="T extends string, C extends T | T[]">
import { ElOption, ElSelect } from 'element-plus'
import 'element-plus/es/components/option/style/css'
import 'element-plus/es/components/select/style/css'
import { computed } from 'vue'

/** One of a few under its name, or some of many where what is chosen is a list. */
const props = defineProps<{
  label: string
  choices: { value: T; words: string }[]
  chosen: C
  refusal?: string | undefined
  /** Of some: what stands there where none is chosen. */
  none?: string
  /** Of some: how many at most. */
  most?: number
}>()
defineEmits<{ choose: [value: C] }>()

const several = computed(() => Array.isArray(props.chosen))
</script>

<template>
  <div class="choice" :class="{ several }" :data-of="label">
    <span class="label">{{ label }}</span>
    <ElSelect
      :multiple="several"
      :collapse-tags="several"
      :max-collapse-tags="2"
      :multiple-limit="most ?? 0"
      :model-value="chosen"
      :placeholder="none ?? ''"
      :aria-label="label"
      @update:model-value="(v: C) => $emit('choose', v)"
    >
      <ElOption v-for="c in choices" :key="c.value" :value="c.value" :label="c.words" />
    </ElSelect>
    <p v-if="refusal" class="wrong" role="alert">{{ refusal }}</p>
  </div>
</template>

<style scoped>
.choice {
  min-width: 96px;
  flex: 1 1 96px;
}
.choice.several {
  min-width: 170px;
  flex: 2 1 170px;
}
.choice.several :deep(.el-select__selection.is-near) {
  margin-left: 0;
}
.label {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
.choice :deep(.el-select__wrapper) {
  min-height: 44px;
  padding: 4px 8px;
}
.choice :deep(.el-select__placeholder.is-transparent) {
  color: var(--ink-soft);
}
.choice :deep(.el-tag) {
  border-color: var(--rule);
  background: var(--salt);
  color: var(--ink);
  font-size: 14px;
}
.wrong {
  margin: 2px 0 0;
  color: var(--danger);
  font-size: 13px;
}
</style>
