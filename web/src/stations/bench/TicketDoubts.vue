<script setup lang="ts">
import { computed } from 'vue'
import { t } from '../../messages/say'
import { minutesInWords } from '../../messages/time'
import { useBench } from '../../stores/bench'

/** What makes the window wide, widest first, and what would narrow it. */
const bench = useBench()
const doubts = computed(() => bench.certainty?.doubts ?? bench.answer?.doubts ?? [])
const widest = computed(() => doubts.value[0])
const wide = computed(() =>
  bench.checkWindow ? bench.checkWindow.noLaterThanMin - bench.checkWindow.checkFromMin : 0,
)
</script>

<template>
  <details v-if="widest" class="why">
    <summary>
      {{
        t('ui.ticket.widest-doubt-min', {
          what: widest.what,
          minutes: minutesInWords(Math.max(0.5, widest.minutes)),
        })
      }}
      <template v-if="widest.remedy">
        {{
          t('ui.ticket.would-narrow-the-window-from', {
            remedy: `${widest.remedy[0]?.toUpperCase()}${widest.remedy.slice(1)}`,
            wide: minutesInWords(wide),
            narrow: minutesInWords(widest.narrowsToMin),
          })
        }}
      </template>
    </summary>
    <ol>
      <li v-for="doubt in doubts.slice(1)" :key="doubt.what">
        {{ t('ui.ticket.min', { what: doubt.what, minutes: minutesInWords(Math.max(0.5, doubt.minutes)) })
        }}<template v-if="doubt.remedy">{{ t('ui.ticket.would-help', { remedy: doubt.remedy }) }}</template>
      </li>
    </ol>
  </details>
</template>

<style scoped>
.why {
  margin: 0;
  padding-bottom: 6px;
  border-bottom: 1px dashed #a9a695;
  color: var(--ink-soft);
  font-size: 13px;
}
.why summary {
  cursor: pointer;
}
.why ol {
  margin: 4px 0 0;
  padding-left: 18px;
}
</style>
