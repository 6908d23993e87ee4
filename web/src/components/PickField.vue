<script setup lang="ts" generic="T extends string">
import { ElOption, ElSelect } from 'element-plus'
import 'element-plus/es/components/option/style/css'
import 'element-plus/es/components/select/style/css'

/** One of a few, under its name. */
defineProps<{
  label: string
  choices: { value: T; words: string }[]
  chosen: T
  refusal?: string | undefined
}>()
defineEmits<{ choose: [value: T] }>()
</script>

<template>
  <div class="pick" :data-of="label">
    <span class="label">{{ label }}</span>
    <ElSelect :model-value="chosen" :aria-label="label" @update:model-value="(v: T) => $emit('choose', v)">
      <ElOption v-for="c in choices" :key="c.value" :value="c.value" :label="c.words" />
    </ElSelect>
    <p v-if="refusal" class="wrong" role="alert">{{ refusal }}</p>
  </div>
</template>

<style scoped>
.pick {
  min-width: 96px;
  flex: 1 1 96px;
}
.label {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
.pick :deep(.el-select__wrapper) {
  min-height: 44px;
  padding: 4px 8px;
}
.wrong {
  margin: 2px 0 0;
  color: var(--danger);
  font-size: 13px;
}
</style>
