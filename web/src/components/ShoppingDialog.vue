<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { Problem } from '../api/client'
import type { ShoppingList } from '../api/types'
import { saveText } from '../composables/save'
import { t } from '../messages/say'
import SideDialog from './SideDialog.vue'

/** A list for the shop: to read, to copy, to save. */
const shown = defineModel<boolean>({ required: true })
const { ask } = defineProps<{ ask: () => Promise<ShoppingList> }>()

const list = ref<ShoppingList | null>(null)
const problem = ref<string | null>(null)
const copied = ref(false)

async function copy() {
  await navigator.clipboard.writeText(list.value?.text ?? '')
  copied.value = true
}

onMounted(async () => {
  try {
    list.value = await ask()
  } catch (failure) {
    if (!(failure instanceof Problem)) throw failure
    problem.value = failure.message
  }
})
</script>

<template>
  <SideDialog v-model="shown" :title="t('ui.shopping-dialog.shopping-list')" :widest="440">
    <p v-if="problem" role="alert" class="wrong">{{ problem }}</p>
    <template v-if="list">
      <ul>
        <li v-for="line in list.text.split('\n')" :key="line">{{ line }}</li>
      </ul>
      <div class="actions">
        <button class="quiet-action" @click="copy">
          {{ copied ? t('ui.shopping-dialog.copied') : t('ui.shopping-dialog.copy') }}
        </button>
        <button class="quiet-action" @click="saveText('shopping.txt', 'text/plain', list.text)">
          {{ t('ui.shopping-dialog.save-as-text') }}
        </button>
        <button class="quiet-action" @click="saveText('shopping.csv', 'text/csv', list.csv)">
          {{ t('ui.shopping-dialog.save-as-csv') }}
        </button>
      </div>
    </template>
  </SideDialog>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  padding: 6px 0;
  border-bottom: 1px dashed #a9a695;
  font-family: var(--figures);
}
.wrong {
  color: var(--danger);
}
</style>
