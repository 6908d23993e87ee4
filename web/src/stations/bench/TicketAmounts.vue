<script setup lang="ts">
import { ref } from 'vue'
import type { Answer } from '../../api/types'
import { BITES } from '../../messages/labels'
import { t } from '../../messages/say'
import { useUnits } from '../../messages/units'
import { useBook } from '../../stores/book'
import FoldingSteps from './FoldingSteps.vue'

/** How much of everything, the sheet it is folded in, and how much juice it loses. */
defineProps<{ answer: Answer }>()

const units = useUnits()
const book = useBook()
const folding = ref(false)
</script>

<template>
  <dl class="quantities">
    <div v-for="a in book.amounts" :key="a.what">
      <dt class="thing">{{ a.what }}</dt>
      <dd>{{ a.value === 0 ? '' : a.said }}</dd>
    </div>
    <div v-if="answer.quantities.sheet">
      <dt class="thing">
        {{ t('ui.ticket.each-sheet') }}
        <button class="fold" @click="folding = true">{{ t('ui.ticket.how-to-fold-it') }}</button>
      </dt>
      <dd>
        {{ units.show('length', answer.quantities.sheet.acrossMm) }} ×
        {{ units.amount('length', answer.quantities.sheet.alongMm) }}
      </dd>
    </div>
    <div>
      <dt class="thing">{{ t('ui.ticket.loses') }}</dt>
      <dd>{{ units.amount('mass', answer.juice.lostG) }}, {{ BITES[answer.juice.bite] }}</dd>
    </div>
    <div v-if="answer.juice.liquorG !== undefined">
      <dt class="thing">{{ t('ui.ticket.juice-around-it') }}</dt>
      <dd>{{ units.amount('mass', answer.juice.liquorG) }}</dd>
    </div>
  </dl>
  <FoldingSteps v-if="folding" v-model="folding" />
</template>

<style scoped>
.quantities {
  padding-bottom: 0;
  border: 0;
}
.quantities dd {
  flex: none;
  margin-left: 10px;
  font-size: 15px;
  font-weight: 400;
}
.quantities .thing {
  text-transform: none;
}
.fold {
  display: block;
  min-height: 24px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink-soft);
  font: 13px var(--text);
  text-decoration: underline;
}
</style>
