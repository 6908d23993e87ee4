<script setup lang="ts">
import { t } from '../../messages/say'
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../../api/client'
import type { Bake, LogLine } from '../../api/types'
import { latest } from '../../composables/latest'
import { useBench } from '../../stores/bench'
import { useRunning } from '../../stores/running'
import LogEntry from './LogEntry.vue'

/** What happened: predicted and actual side by side. */
const router = useRouter()
const bench = useBench()
const running = useRunning()
const stored = ref<LogLine[] | null>(null)
const trouble = ref<string | null>(null)

const ask = latest(
  async (signal) => {
    stored.value = await api.logged(signal)
    trouble.value = null
  },
  (refusal) => (trouble.value = refusal.message),
)
onMounted(() => void bench.open())
/** The log follows what is told of the bakes, on this screen or any other. */
watch(
  () => running.logTurn,
  () => void ask(),
  { immediate: true },
)

function line(bake: Bake): LogLine {
  return { ...bake, loggedAt: bake.loggedAt!, question: bake.card.question }
}
/** As the kitchen computer has it, and over it what was tapped here, whatever is still on its way. */
const bakes = computed<LogLine[] | null>(() => {
  const tapped = new Map(running.logged.map((b) => [b.id, line(b)]))
  if (!stored.value && !tapped.size) return stored.value
  const known = (stored.value ?? []).filter((l) => !running.reopened.has(l.id) && !tapped.has(l.id))
  return [...known, ...tapped.values()].sort((a, b) => b.startedAt.localeCompare(a.startedAt))
})

const longest = computed(() =>
  Math.max(10, ...(bakes.value ?? []).map((b) => Math.max(b.noLaterThanMin, b.actualMin ?? 0))),
)
/** Nobody knew what became of it; perhaps somebody does now. */
async function reopen(bake: LogLine) {
  await running.reopen(bake)
  await router.push(`/oven/${bake.id}`)
}
async function lay(bake: LogLine) {
  bench.lay(bake.question, bake.ovenId)
  await router.push('/bench')
}
</script>

<template>
  <main class="log">
    <header>
      <h1>{{ t('ui.log.log') }}</h1>
      <p v-if="bakes?.length">
        {{
          t('ui.log.newest-first-the-bar-is', {
            count: bakes.length,
          })
        }}
      </p>
    </header>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div v-if="bakes && !bakes.length" class="none">
      <h2>{{ t('ui.log.no-bake-yet') }}</h2>
      <p>{{ t('ui.log.every-fish-that-comes-out') }}</p>
    </div>
    <ol v-if="bakes?.length">
      <LogEntry
        v-for="bake in bakes"
        :key="bake.id"
        :bake="bake"
        :longest="longest * 1.05"
        @lay="lay(bake)"
        @reopen="reopen(bake)"
      />
    </ol>
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
.trouble {
  padding: 8px 14px;
  border-left: 6px solid var(--danger);
  background: #fff;
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
@media (max-width: 900px) {
  .log {
    padding: 10px 14px 30px;
  }
}
</style>
