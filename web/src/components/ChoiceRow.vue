<script setup lang="ts">
import { vRadios } from '../composables/radios'

/** A row of words of which one is chosen. */
defineProps<{ name: string; choices: { value: string; words: string }[]; chosen: string }>()
defineEmits<{ choose: [value: string] }>()
</script>

<template>
  <div v-radios class="row" role="radiogroup" :aria-label="name">
    <button
      v-for="choice in choices"
      :key="choice.value"
      type="button"
      role="radio"
      :aria-checked="choice.value === chosen"
      @click="$emit('choose', choice.value)"
    >
      {{ choice.words }}
    </button>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
}
button {
  flex: 1 1 auto;
  min-height: 44px;
  padding: 0 6px;
  border: 0;
  border-bottom: 3px solid var(--rule);
  background: none;
  color: var(--ink);
  font-size: 15px;
}
button[aria-checked='true'] {
  border-color: var(--clay);
  font-weight: 700;
}
</style>
