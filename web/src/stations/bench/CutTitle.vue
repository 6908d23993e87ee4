<script setup lang="ts">
import { computed } from 'vue'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { useCutReadings } from './cutReadings'

/** What is drawn, of which minute, and what can be done with it. */
defineProps<{
  title: string
  playing: boolean
  /** The way to the other drawing, where there is one; it takes the room of a reminder of keys. */
  turn?: string
}>()
defineEmits<{ play: []; stages: []; turn: [] }>()

const bench = useBench()
const { colour } = useCutReadings()
/** Two moments that are the same but for their rounding. */
const SAME_MIN = 0.01
const where = computed(() =>
  t(bench.minute > bench.answer!.bakeMinutes + SAME_MIN ? 'ui.cut.on-the-board' : 'ui.cut.in-the-oven'),
)
</script>

<template>
  <h1>
    {{ title }}
    <small
      >{{ where
      }}<template v-if="colour"
        >, <span :class="{ burnt: colour.burnt }">{{ colour.word }}</span></template
      ></small
    >
    <span class="keys">
      <button v-if="turn" class="quiet-action" @click="$emit('turn')">{{ turn }}</button>
      <button class="quiet-action" @click="$emit('play')">
        {{ playing ? t('ui.cut.stop') : t('ui.cut.play') }} <kbd>{{ t('ui.cut.space') }}</kbd>
      </button>
      <button class="quiet-action" @click="$emit('stages')">{{ t('ui.stages.open') }}</button>
      <span v-if="!turn" class="key-hint"><kbd>,</kbd><kbd>.</kbd> {{ t('ui.cut.minute') }}</span>
    </span>
  </h1>
</template>

<style scoped>
h1 {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 10px;
  margin: 0;
  font-size: 18px;
}
small {
  color: var(--ink-soft);
  font-size: 15px;
  font-weight: 400;
}
.keys {
  margin-left: auto;
  font-size: 14px;
  font-weight: 400;
}
.key-hint kbd {
  margin-right: 2px;
}
.burnt {
  color: var(--danger);
  font-weight: 700;
}
</style>
