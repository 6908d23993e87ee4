<script setup lang="ts">
import { t } from '../../messages/say'
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, Problem } from '../../api/client'
import type { Bake, LogLine } from '../../api/types'
import { scale } from '../../drawing/scale'
import { VERDICTS } from '../../messages/labels'
import { latest } from '../../composables/latest'
import { clock, day, minutesInWords } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import { useRunning } from '../../stores/running'

/** What happened: predicted and actual side by side. */
const AXIS = 260

const router = useRouter()
const bench = useBench()
const running = useRunning()
const units = useUnits()
const stored = ref<LogLine[] | null>(null)
const trouble = ref<string | null>(null)

const ask = latest(async (signal) => {
  try {
    stored.value = await api.logged(signal)
    trouble.value = null
  } catch (failure) {
    if (!(failure instanceof Problem)) throw failure
    trouble.value = failure.message
  }
})
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
const x = computed(() => scale([0, longest.value * 1.05], [0, AXIS]))

function fish(bake: LogLine) {
  const { species } = bake.question.piece
  return bench.catalogue?.species.find((s) => s.key === species)?.marketName ?? species
}
function said(bake: LogLine) {
  const late = (bake.actualMin ?? 0) - bake.likelyMin
  if (Math.abs(late) < 0.5) return t('ui.log.as-likely-said')
  return t('ui.log.min', { late: minutesInWords(Math.abs(late)), later: late > 0 })
}
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
      <li v-for="bake in bakes" :key="bake.id">
        <p class="when">
          <b>{{ day(new Date(bake.startedAt)) }}</b>
          {{ clock(new Date(bake.startedAt)) }}
        </p>
        <div class="what">
          <h2>{{ bake.title }}</h2>
          <p>
            {{
              t('ui.log.at', {
                bake: fish(bake),
                thickness: units.amount('length', bake.thicknessMm),
                ovenName: bake.ovenName,
                dial: units.dial(bake.dialC),
              })
            }}
          </p>
          <p v-if="bake.note" class="note">“{{ bake.note }}”</p>
          <img
            v-if="bake.hasPhoto"
            :src="api.photo(bake.id)"
            :alt="t('ui.log.as-it-was-served', { title: bake.title })"
          />
        </div>
        <figure v-if="bake.actualMin !== undefined">
          <svg
            :viewBox="`0 0 ${AXIS} 40`"
            role="img"
            :aria-label="
              t('ui.log.predicted-to-minutes-came-out', {
                checkFrom: minutesInWords(bake.checkFromMin),
                noLaterThan: minutesInWords(bake.noLaterThanMin),
                value: minutesInWords(bake.actualMin ?? 0),
              })
            "
          >
            <line x1="0" :x2="AXIS" y1="30" y2="30" class="axis" />
            <rect
              :x="x(bake.checkFromMin)"
              y="20"
              :width="x(bake.noLaterThanMin) - x(bake.checkFromMin)"
              height="10"
              class="window"
            />
            <line :x1="x(bake.likelyMin)" :x2="x(bake.likelyMin)" y1="20" y2="30" class="likely" />
            <g
              :transform="`translate(${x(bake.actualMin ?? 0)} 0)`"
              :class="bake.verdict?.toLowerCase()"
              class="pin"
            >
              <line y1="12" y2="34" />
              <circle cy="8" r="6" />
            </g>
          </svg>
          <figcaption>
            {{ t('ui.log.likely-out-at', { likely: minutesInWords(bake.likelyMin) }) }}
            <b>{{ t('ui.min', { n: minutesInWords(bake.actualMin ?? 0) }) }}</b>, {{ said(bake) }}
          </figcaption>
        </figure>
        <p v-else class="unknown">{{ t('ui.log.nobody-knows-when-it-came') }}</p>
        <p class="verdict" :class="bake.verdict?.toLowerCase()">
          <b>{{ bake.verdict ? VERDICTS[bake.verdict] : t('ui.log.forgotten') }}</b>
          <span v-if="bake.probeC !== undefined">{{
            t('ui.log.probe', { probe: units.degrees(bake.probeC) })
          }}</span>
        </p>
        <p class="doing">
          <button class="quiet-action" @click="lay(bake)">{{ t('ui.log.see-it-on-the-bench') }}</button>
          <button v-if="!bake.verdict" class="quiet-action" @click="reopen(bake)">
            {{ t('ui.log.open-it-again') }}
          </button>
        </p>
      </li>
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
li {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr) 280px 104px 150px;
  align-items: center;
  gap: 0 18px;
  padding: 11px 0;
  border-top: 1px solid var(--rule);
}
.when {
  margin: 0;
  color: var(--ink-soft);
  font-size: 15px;
}
.when b {
  display: block;
  color: var(--ink);
}
h2 {
  margin: 0;
  font-size: 18px;
}
.what p {
  margin: 1px 0 0;
  color: var(--ink-soft);
  font-size: 15px;
}
.what .note {
  color: var(--ink);
}
.what img {
  display: block;
  width: 120px;
  height: 80px;
  margin-top: 6px;
  object-fit: cover;
}
figure {
  margin: 0;
}
svg {
  display: block;
  width: 100%;
}
figcaption {
  color: var(--ink-soft);
  font-size: 14px;
}
figcaption b {
  color: var(--ink);
}
.axis {
  stroke: #a9a695;
}
.window {
  fill: #9fbdb2;
}
.likely {
  stroke: var(--kelp);
  stroke-width: 2.5;
}
.pin line {
  stroke: currentColor;
  stroke-width: 2;
}
.pin circle {
  fill: currentColor;
}
.right {
  color: var(--kelp);
}
.under {
  color: var(--brine);
}
.over {
  color: var(--ember-text);
}
.verdict,
.unknown,
.doing {
  margin: 0;
}
.unknown {
  color: var(--ink-soft);
}
.verdict b {
  display: block;
  font-size: 17px;
}
.verdict span {
  color: var(--ink-soft);
  font-size: 15px;
}
.quiet-action {
  padding: 0;
  text-align: left;
}
@media (max-width: 900px) {
  .log {
    padding: 10px 14px 30px;
  }
  li {
    grid-template-columns: 1fr auto;
    gap: 4px 14px;
  }
  .when b {
    display: inline;
  }
  .when,
  .what,
  figure {
    grid-column: 1 / 3;
  }
}
</style>
