<script setup lang="ts">
import { t } from '../../messages/say'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '../../api/client'
import type { Bake, LogChoices, LogLine, LogPage } from '../../api/types'
import { without } from '../../api/without'
import { latest } from '../../composables/latest'
import { useBench } from '../../stores/bench'
import { useRunning } from '../../stores/running'
import { asked, everything, type Looked, looked } from './logAsked'
import LogEntry from './LogEntry.vue'
import LogFilter from './LogFilter.vue'
import { useAgain } from './logged'

/** What happened, predicted and actual side by side; found again by what it was. What is looked for stands in the address. */
const route = useRoute()
const router = useRouter()
const bench = useBench()
const running = useRunning()
const { again, reopen } = useAgain()
const stored = ref<LogPage | null>(null)
const choices = ref<LogChoices | null>(null)
const trouble = ref<string | null>(null)

const looking = computed(() => looked(route.query))
/** A bake that another is to be laid beside. */
const beside = computed(() => (typeof route.query.beside === 'string' ? route.query.beside : null))
const besideTitle = computed(() => bakes.value?.find((b) => b.id === beside.value)?.title)

const ask = latest(
  async (signal) => {
    stored.value = await api.logged(asked(looking.value), signal)
    trouble.value = null
  },
  (refusal) => (trouble.value = refusal.message),
)
const askChoices = latest(async () => void (choices.value = await api.logChoices()))
onMounted(() => void bench.open())
/** The log follows what is told of the bakes, on this screen or any other. */
watch(
  () => running.logTurn,
  () => void askChoices(),
  { immediate: true },
)
watch([looking, () => running.logTurn], () => void ask(), { immediate: true })

function look(next: Looked) {
  void router.replace({ query: { ...next, ...(beside.value ? { beside: beside.value } : {}) } })
}
const turn = (by: number) => {
  const page = (stored.value?.page ?? 0) + by
  const rest = without(looking.value, 'page')
  look(page > 0 ? { ...rest, page: String(page) } : rest)
}

function line(bake: Bake): LogLine {
  return { ...bake, loggedAt: bake.loggedAt!, question: bake.card.question }
}
/** As the kitchen computer has it, and over all of it what was tapped here, whatever is still on its way. */
const bakes = computed<LogLine[] | null>(() => {
  const known = (stored.value?.lines ?? []).filter((l) => !running.reopened.has(l.id))
  if (!everything(looking.value)) return stored.value && known
  const tapped = new Map(running.logged.map((b) => [b.id, line(b)]))
  if (!stored.value && !tapped.size) return null
  return [...known.filter((l) => !tapped.has(l.id)), ...tapped.values()].sort((a, b) =>
    b.startedAt.localeCompare(a.startedAt),
  )
})
const count = computed(() => Math.max(stored.value?.found ?? 0, bakes.value?.length ?? 0))
const empty = computed(() => everything(looking.value) && bakes.value?.length === 0)

const longest = computed(() =>
  Math.max(10, ...(bakes.value ?? []).map((b) => Math.max(b.noLaterThanMin, b.actualMin ?? 0))),
)
</script>

<template>
  <main class="log">
    <header>
      <h1>{{ t('ui.log.log') }}</h1>
      <p v-if="bakes?.length">{{ t('ui.log.the-bar-is', { count }) }}</p>
      <div class="beyond">
        <RouterLink v-if="!empty" to="/log/taught">{{ t('ui.taught.link') }}</RouterLink>
        <RouterLink to="/log/files">{{ t('ui.files.title') }}</RouterLink>
      </div>
    </header>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-if="beside" class="choosing" role="status">
      {{ besideTitle ? t('ui.log.choose-beside', { title: besideTitle }) : t('ui.log.choose-beside-one') }}
      <button class="quiet-action" @click="router.replace({ query: { ...looking } })">
        {{ t('ui.log.choose-none') }}
      </button>
    </p>
    <div v-if="empty" class="none">
      <h2>{{ t('ui.log.no-bake-yet') }}</h2>
      <p>{{ t('ui.log.every-fish-that-comes-out') }}</p>
    </div>
    <LogFilter v-else-if="choices" :looked="looking" :choices="choices" @look="look" />
    <p v-if="bakes && !bakes.length && !empty" role="status">{{ t('ui.log.none-of-that') }}</p>
    <ol v-if="bakes?.length">
      <LogEntry
        v-for="bake in bakes"
        :key="bake.id"
        :bake="bake"
        :longest="longest * 1.05"
        :besides="beside !== null && beside !== bake.id"
        @again="again(bake)"
        @reopen="reopen(bake)"
        @beside="router.push(`/log/${beside}/beside/${bake.id}`)"
      />
    </ol>
    <nav v-if="stored && stored.pages > 1" :aria-label="t('ui.log.pages')">
      <button class="quiet-action" :disabled="stored.page === 0" @click="turn(-1)">
        {{ t('ui.log.page-before') }}
      </button>
      <span>{{ t('ui.log.page-of', { page: stored.page + 1, pages: stored.pages }) }}</span>
      <button class="quiet-action" :disabled="stored.page + 1 >= stored.pages" @click="turn(1)">
        {{ t('ui.log.page-after') }}
      </button>
    </nav>
  </main>
</template>

<style scoped>
.log {
  width: 100%;
  max-width: 1180px;
  margin: 0 auto;
  padding: 14px 24px 40px;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 18px;
}
h1 {
  margin: 0 0 4px;
  font-size: 26px;
}
header p {
  margin: 0;
  color: var(--ink-soft);
}
.beyond {
  display: flex;
  gap: 0 20px;
  margin: 0 0 0 auto;
}
header a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  color: inherit;
}
.trouble,
.choosing {
  padding: 8px 14px;
  border-left: 6px solid var(--danger);
  background: #fff;
}
.choosing {
  margin: 4px 0;
  border-color: var(--clay);
}
.none {
  margin-top: 18vh;
  text-align: center;
}
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}
nav {
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 14px;
  padding-top: 10px;
  border-top: 1px solid var(--rule);
}
nav button:disabled {
  visibility: hidden;
}
@media (max-width: 900px) {
  .log {
    padding: 10px 14px 30px;
  }
}
</style>
