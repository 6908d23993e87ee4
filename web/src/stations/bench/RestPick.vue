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
const after = (minutes: number) =>
  minutes === 0 ? t('ui.rest.at-once') : t('ui.rest.after', { n: minutesInWords(minutes) })

const choices = computed(() => {
  const plain = usual.value === null ? t('ui.rest.as-usual') : after(usual.value)
  const longer = usual.value === null ? null : 2 * usual.value
  const own = bench.rest === usual.value ? null : bench.rest
  const minutes = [longer, own].filter((m): m is number => m !== null && m !== 0 && m !== usual.value)
  return [
    { value: '0', words: t('ui.rest.at-once') },
    { value: USUAL, words: plain },
    ...[...new Set(minutes)].sort((a, b) => a - b).map((m) => ({ value: String(m), words: after(m) })),
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
