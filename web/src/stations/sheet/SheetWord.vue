<script setup lang="ts">
import { computed } from 'vue'
import { api } from '../../api/client'
import { t } from '../../messages/say'
import { clock } from '../../messages/time'
import { useEvenings } from '../../stores/evenings'

/** What is to be known of the sheet in a sentence or two: whether it can be, how likely it holds, what would help, what moved. */
const evenings = useEvenings()
const view = computed(() => evenings.view!)
const percent = (share: number) => Math.round(100 * share)
const late = computed(() => Math.round(view.value.sheet?.lateMin ?? 0))
const short = computed(() => {
  const missing = view.value.shortage
  if (!missing) return null
  const timed = missing.what !== 'TIME' && missing.untilMin > missing.fromMin
  const when = timed
    ? t('ui.sheet.from-to', {
        from: clock(evenings.moment(missing.fromMin)),
        to: clock(evenings.moment(missing.untilMin)),
      })
    : ''
  return { say: `${missing.say}${when}`, nearest: missing.nearest }
})
</script>

<template>
  <div class="word" aria-live="polite">
    <p v-if="view.making" class="making">
      {{ t('ui.sheet.making', { made: view.making.made, of: view.making.of }) }}
    </p>
    <p v-if="short" class="short" role="alert">
      <b>{{ short.say }}</b> {{ short.nearest }}
    </p>
    <p v-else-if="late >= 1" class="short">{{ t('ui.sheet.late', { minutes: late }) }}</p>
    <p v-if="view.advice">
      <b>{{ t('ui.sheet.chance', { percent: percent(view.advice.within3) }) }}</b>
      {{ ' ' }}{{ t('ui.sheet.chance-5', { percent: percent(view.advice.within5) }) }}
      <template v-if="view.advice.why">
        {{ view.advice.why }}
        <template v-if="view.advice.change"
          >{{ t('ui.sheet.would-help') }} {{ view.advice.change }}
          {{ t('ui.sheet.then', { percent: percent(view.advice.changedWithin3 ?? 0) }) }}</template
        >
      </template>
    </p>
    <p v-for="found in view.found" :key="found" class="found">{{ found }}</p>
    <p v-if="view.searching" class="searching">
      {{ t('ui.sheet.searching', { improved: view.improved }) }}
      <button class="quiet-action" @click="api.stopSearch(view.id)">{{ t('ui.sheet.stop') }}</button>
    </p>
    <details v-if="view.moved.length">
      <summary>{{ t('ui.sheet.moved', { count: view.moved.length, first: view.moved[0]!.say }) }}</summary>
      <ul>
        <li v-for="m in view.moved" :key="m.step">{{ m.say }}</li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
.word p {
  margin: 0 0 6px;
}
.short {
  padding: 6px 12px;
  border-left: 6px solid var(--danger);
  background: #fff;
}
.found {
  color: var(--ember-text);
}
.searching,
.making {
  color: var(--ink-soft);
  font-size: 14px;
}
summary {
  min-height: 32px;
  color: var(--ember-text);
  cursor: pointer;
}
ul {
  margin: 0 0 8px;
}
@media print {
  .searching,
  details {
    display: none;
  }
}
</style>
