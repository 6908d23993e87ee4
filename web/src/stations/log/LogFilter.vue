<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { LogChoices } from '../../api/types'
import { without } from '../../api/without'
import ChoiceField from '../../components/ChoiceField.vue'
import { DRESSES, VERDICTS } from '../../messages/labels'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { fishName } from './bakeFacts'
import { everything, type Looked, ORDERS, SAID } from './logAsked'

/** What the log is searched and sorted by; only what is in it can be chosen. */
const props = defineProps<{ looked: Looked; choices: LogChoices }>()
const emit = defineEmits<{ look: [looked: Looked] }>()

/** How long a word is typed at before it is looked for, ms. */
const TYPING_MS = 300

const bench = useBench()
/** On a phone the rest is shown when somebody asks for it. */
const open = ref(false)
const words = ref(props.looked.words ?? '')
watch(
  () => props.looked.words,
  (now) => {
    if ((now ?? '') !== words.value.trim()) words.value = now ?? ''
  },
)

/** Something else is looked for: from its first page on. */
function set<K extends keyof Looked>(name: K, value: Looked[K] | '') {
  const next: Looked = without(props.looked, 'page')
  if (value) next[name] = value as NonNullable<Looked[K]>
  else delete next[name]
  emit('look', next)
}
const typed = useDebounceFn(() => set('words', words.value.trim()), TYPING_MS)

const any = (label: string) => ({ value: '', words: label })
const counted = (words: string, bakes: number) => t('ui.log.choice', { words, bakes })
const fish = computed(() => [
  any(t('ui.log.any-fish')),
  ...props.choices.fish.map((c) => ({
    value: c.value,
    words: counted(fishName(c.value, bench.catalogue), c.bakes),
  })),
])
const dresses = computed(() => [
  any(t('ui.log.any-dish')),
  ...props.choices.dresses.map((c) => ({
    value: c.value,
    words: counted(DRESSES[c.value as keyof typeof DRESSES] ?? c.value, c.bakes),
  })),
])
const ovens = computed(() => [
  any(t('ui.log.any-oven')),
  ...props.choices.ovens.map((c) => ({ value: String(c.id), words: counted(c.name, c.bakes) })),
])
const cooks = computed(() => [
  any(t('ui.log.anybody')),
  ...props.choices.cooks.map((c) => ({ value: c.id, words: c.name ?? t('ui.log.somebody') })),
])
const said = computed(() => [
  any(t('ui.log.any-verdict')),
  ...SAID.map((value) => ({
    value: value as string,
    words: value === 'NOTHING' ? t('ui.log.forgotten') : VERDICTS[value],
  })),
])
const ORDER_WORDS: Record<(typeof ORDERS)[number], string> = {
  NEWEST: t('ui.log.order-newest'),
  OLDEST: t('ui.log.order-oldest'),
  FURTHEST: t('ui.log.order-furthest'),
  TITLE: t('ui.log.order-title'),
}
const orders = ORDERS.map((value) => ({ value: value as string, words: ORDER_WORDS[value] }))
const narrowed = computed(() => !everything(without(props.looked, 'order', 'page')))
function all() {
  words.value = ''
  emit('look', props.looked.order ? { order: props.looked.order } : {})
}
</script>

<template>
  <form role="search" :class="{ open }" @submit.prevent="set('words', words.trim())">
    <label class="words">
      <span>{{ t('ui.log.words') }}</span>
      <input v-model="words" type="search" maxlength="120" @input="typed" />
    </label>
    <button type="button" class="quiet-action more" :aria-expanded="open" @click="open = !open">
      {{ t('ui.log.more') }}
    </button>
    <ChoiceField
      :label="t('ui.log.fish')"
      :none="t('ui.log.any-fish')"
      :choices="fish"
      :chosen="looked.fish ?? ''"
      @choose="(v) => set('fish', v)"
    />
    <ChoiceField
      :label="t('ui.log.dish')"
      :none="t('ui.log.any-dish')"
      :choices="dresses"
      :chosen="looked.dress ?? ''"
      @choose="(v) => set('dress', v)"
    />
    <ChoiceField
      v-if="choices.ovens.length > 1"
      :label="t('ui.log.oven')"
      :none="t('ui.log.any-oven')"
      :choices="ovens"
      :chosen="looked.oven ?? ''"
      @choose="(v) => set('oven', v)"
    />
    <ChoiceField
      v-if="choices.cooks.length"
      :label="t('ui.log.cook')"
      :none="t('ui.log.anybody')"
      :choices="cooks"
      :chosen="looked.cook ?? ''"
      @choose="(v) => set('cook', v)"
    />
    <ChoiceField
      :label="t('ui.log.how-it-was')"
      :none="t('ui.log.any-verdict')"
      :choices="said"
      :chosen="looked.said ?? ''"
      @choose="(v) => set('said', v as Looked['said'])"
    />
    <label>
      <span>{{ t('ui.log.from') }}</span>
      <input
        type="date"
        :value="looked.from"
        @change="set('from', ($event.target as HTMLInputElement).value)"
      />
    </label>
    <label>
      <span>{{ t('ui.log.until') }}</span>
      <input
        type="date"
        :value="looked.until"
        @change="set('until', ($event.target as HTMLInputElement).value)"
      />
    </label>
    <ChoiceField
      :label="t('ui.log.order')"
      :choices="orders"
      :chosen="looked.order ?? 'NEWEST'"
      @choose="(v) => set('order', v === 'NEWEST' ? '' : (v as Looked['order']))"
    />
    <button v-if="narrowed" type="button" class="quiet-action" @click="all">{{ t('ui.log.all') }}</button>
  </form>
</template>

<style scoped>
form {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 6px 10px;
  padding: 8px 0 12px;
}
label span {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
.words {
  flex: 2 1 170px;
}
input {
  width: 100%;
  min-height: 44px;
  padding: 0 8px;
  border: 1px solid var(--el-border-color);
  border-radius: 4px;
  background: #fff;
  color: var(--ink);
  font-size: 16px;
}
.quiet-action {
  padding: 0 4px;
}
.more {
  display: none;
}
@media (max-width: 600px) {
  .more {
    display: block;
  }
  form:not(.open) > :not(.words, .more) {
    display: none;
  }
}
</style>
