<script setup lang="ts">
/** A value between a button for less and one for more. */
defineProps<{
  /** What is shown between them. */
  value: string | number
  /** What each is called aloud. */
  names: { value: string; less: string; more: string }
  /** Nothing less, or nothing more, can be. */
  least?: boolean
  most?: boolean
}>()
defineEmits<{ step: [by: -1 | 1] }>()
</script>

<template>
  <div class="steps">
    <button :aria-label="names.less" :disabled="least" @click="$emit('step', -1)">−</button>
    <output :aria-label="names.value">{{ value }}</output>
    <button :aria-label="names.more" :disabled="most" @click="$emit('step', 1)">+</button>
  </div>
</template>

<style scoped>
.steps {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  align-items: center;
}
button {
  height: 44px;
  border: 1px solid var(--el-border-color);
  border-radius: 4px;
  background: none;
  font-size: 18px;
}
output {
  font: 700 20px var(--figures);
  text-align: center;
}
</style>
