<script setup lang="ts" generic="T extends string">
import { ElOption, ElSelect } from 'element-plus'
import 'element-plus/es/components/option/style/css'
import 'element-plus/es/components/select/style/css'

/** Some of many, under their name. */
defineProps<{
  label: string
  none: string
  choices: { value: T; words: string }[]
  chosen: T[]
  most: number
  refusal?: string | undefined
}>()
defineEmits<{ choose: [values: T[]] }>()
</script>

<template>
  <div class="several" :data-of="label">
    <span class="label">{{ label }}</span>
    <ElSelect
      multiple
      collapse-tags
      :max-collapse-tags="2"
      :multiple-limit="most"
      :model-value="chosen"
      :placeholder="none"
      :aria-label="label"
      @update:model-value="(v: T[]) => $emit('choose', v)"
    >
      <ElOption v-for="c in choices" :key="c.value" :value="c.value" :label="c.words" />
    </ElSelect>
    <p v-if="refusal" class="wrong" role="alert">{{ refusal }}</p>
  </div>
</template>

<style scoped>
.several {
  min-width: 170px;
  flex: 2 1 170px;
}
.label {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
.several :deep(.el-select__wrapper) {
  min-height: 44px;
  padding: 4px 8px;
}
.several :deep(.el-tag) {
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
