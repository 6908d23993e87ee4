<script setup lang="ts">
import { computed } from 'vue'
import ChoiceRow from '../../components/ChoiceRow.vue'
import { t } from '../../messages/say'
import { minutesInWords } from '../../messages/time'
import { useBench } from '../../stores/bench'

/** When it is served: at once, which is a bake of its own length, or after a rest. */
const bench = useBench()

/** As its dress wants it. */
const USUAL = 'usual'
const usual = computed(() => bench.answer?.usualRestMinutes ?? null)
const after = (minutes: number) => t('ui.rest.after', { n: minutesInWords(minutes) })

/** At once, as usual, twice as long, and what the cook has set otherwise. */
const choices = computed(() => {
  const others = [usual.value && 2 * usual.value, bench.rest].filter(
    (m) => m && m !== usual.value,
  ) as number[]
  return [
    { value: '0', words: t('ui.stages.at-once') },
    { value: USUAL, words: usual.value === null ? t('ui.rest.as-usual') : after(usual.value) },
    ...[...new Set(others)].sort((a, b) => a - b).map((m) => ({ value: String(m), words: after(m) })),
  ]
})
const chosen = computed(() =>
  bench.rest === null || bench.rest === usual.value ? USUAL : String(bench.rest),
)
</script>

<template>
  <div>
    <h2>{{ t('ui.rest.served') }}</h2>
    <ChoiceRow
      :name="t('ui.rest.when-it-is-served')"
      :choices="choices"
      :chosen="chosen"
      @choose="(value) => bench.setRest(value === USUAL ? null : Number(value))"
    />
  </div>
</template>
