<script setup lang="ts">
import StepButtons from './StepButtons.vue'

/** Something that is counted or moved in steps, beside its name. */
defineProps<{
  label: string
  value: string | number
  /** What the two buttons are called aloud. */
  less: string
  more: string
  /** Nothing less, or nothing more, can be. */
  least?: boolean
  most?: boolean
}>()
defineEmits<{ step: [by: -1 | 1] }>()
</script>

<template>
  <div class="count">
    <span>{{ label }}</span>
    <StepButtons
      :value="value"
      :names="{ value: label, less, more }"
      :least="least"
      :most="most"
      @step="(by) => $emit('step', by)"
    />
  </div>
</template>

<style scoped>
.count {
  display: grid;
  align-items: center;
  grid-template-columns: minmax(0, 1fr) 148px;
  gap: 8px;
  min-height: 48px;
}
.count :deep(output) {
  font-size: 17px;
}
</style>
