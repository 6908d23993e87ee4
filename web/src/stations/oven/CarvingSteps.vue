<script setup lang="ts">
import { t } from '../../messages/say'
import { useSessionStorage } from '@vueuse/core'
import { computed } from 'vue'
import type { Bake } from '../../api/types'
import CarvingDrawing from './CarvingDrawing.vue'

/** From the board to the plates, one drawn step after the other; a knuckle turns the page. */
const props = defineProps<{ bake: Bake }>()
const emit = defineEmits<{ lifted: [count: number] }>()

const step = useSessionStorage(`olla.carving.${props.bake.id}`, 0)
const steps = computed(() => props.bake.card.carving)
const at = computed(() => steps.value[Math.min(step.value, steps.value.length - 1)]!)
const expected = computed(() => props.bake.card.expectedPortions)
const lifted = computed(() => props.bake.portions ?? 0)
</script>

<template>
  <section class="carving" :aria-label="t('ui.carving-steps.carving')">
    <figure><CarvingDrawing :picture="at.picture" /></figure>
    <div class="words" aria-live="polite">
      <p class="count">
        {{ t('ui.carving-steps.of', { step: Math.min(step, steps.length - 1) + 1, count: steps.length }) }}
      </p>
      <h2>{{ at.say }}</h2>
      <p>{{ at.hint }}</p>
    </div>
    <div v-if="steps.length > 1" class="pages">
      <button type="button" :disabled="step === 0" @click="step--">{{ t('ui.carving-steps.back') }}</button>
      <button type="button" class="on" :disabled="step >= steps.length - 1" @click="step++">
        {{ t('ui.carving-steps.next-step') }}
      </button>
    </div>
    <div class="yield">
      <button
        type="button"
        :aria-label="t('ui.carving-steps.one-helping-fewer')"
        :disabled="!lifted"
        @click="emit('lifted', lifted - 1)"
      >
        −
      </button>
      <p role="status">
        <b>{{ lifted }}</b>
        {{ t('ui.carving-steps.of-lifted', { expected }) }}
      </p>
      <button
        type="button"
        :aria-label="t('ui.carving-steps.one-helping-more')"
        @click="emit('lifted', lifted + 1)"
      >
        +
      </button>
    </div>
  </section>
</template>

<style scoped>
.carving {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  align-items: center;
  gap: 4px 24px;
}
figure {
  grid-row: 1 / 3;
  margin: 0;
  max-width: 520px;
}
.count {
  margin: 0;
  color: var(--ink-soft);
  font-family: var(--figures);
}
h2 {
  margin: 0;
  font-size: 32px;
  line-height: 1.1;
}
.words p:last-child {
  margin: 4px 0 0;
  font-size: 19px;
  color: var(--ink-soft);
}
.pages,
.yield {
  display: flex;
  align-items: center;
  gap: 12px;
}
.yield {
  grid-column: 2;
}
button {
  min-width: 76px;
  min-height: 72px;
  padding: 0 18px;
  border: 2px solid #a9a695;
  border-radius: 6px;
  background: #fff;
  font-size: 20px;
  font-weight: 700;
}
button.on {
  flex: 1;
  border-color: var(--clay);
  background: var(--clay);
  color: #fff;
}
button:disabled {
  border-color: var(--rule);
  background: none;
  color: #6d7376;
  cursor: default;
}
.yield p {
  flex: 1;
  margin: 0;
  font-size: 18px;
  text-align: center;
}
.yield b {
  font-size: 26px;
}
@media (max-width: 700px) {
  .carving {
    grid-template-columns: minmax(0, 1fr);
  }
  figure {
    grid-row: auto;
  }
  .yield {
    grid-column: 1;
  }
  h2 {
    font-size: 26px;
  }
}
</style>
