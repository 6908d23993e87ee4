<script setup lang="ts">
import { t } from '../messages/say'

/** What something of an evening is called. */
const title = defineModel<string>({ required: true })
</script>

<template>
  <label>
    {{ t('ui.sheet.called') }}
    <input v-model="title" maxlength="120" />
  </label>
</template>

<style scoped>
input {
  display: block;
  width: 100%;
  min-height: 44px;
  padding: 0 8px;
  border: 1px solid #a9a695;
  border-radius: 4px;
}
</style>
