<script setup lang="ts">
import { t } from '../../messages/say'
import { useTitle, useWakeLock, whenever } from '@vueuse/core'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import type { Bake, Cue, Doneness, HowItWas } from '../../api/types'
import { TAPS, TARGETS } from '../../messages/labels'
import { useKeys } from '../../composables/keys'
import { clock, minutesInWords, runningClock } from '../../messages/time'
import { useUnits } from '../../messages/units'
import CautionList from '../../components/CautionList.vue'
import AfterPanel from './AfterPanel.vue'
import BakeBar from './BakeBar.vue'
import CarvingSteps from './CarvingSteps.vue'
import CourseChart from './CourseChart.vue'
import LookPanel from './LookPanel.vue'
import OvenDialog from './OvenDialog.vue'
import ProbeDialog from './ProbeDialog.vue'
import ProbeLine from './ProbeLine.vue'
import RestingCut from './RestingCut.vue'
import { useRunning } from '../../stores/running'
import VerdictForm from './VerdictForm.vue'

/** The bake as it runs: what to do now, and how long until the next thing. */
const props = defineProps<{ id?: string }>()

/** So early it can still wait outside, s. */
const COLD_S = 180

const running = useRunning()
const units = useUnits()
/** Somebody looks before the screen asks. */
const looking = ref(false)
const judging = ref(false)
/** Somebody is typing how it was: nothing takes that away from under their fingers. */
const answering = ref(false)
const ovenOpen = ref(false)
const probeOpen = ref(false)

const all = computed(() => [...running.bakes, ...running.leftOver])
const bake = computed(() => all.value.find((b) => b.id === props.id) ?? all.value[0])
const moment = computed(() => (bake.value ? running.moment(bake.value) : null))
const phase = computed(() => (bake.value?.loggedAt ? 'AFTER' : moment.value?.phase))
/** The rest was over while somebody typed: the screen stays laid out as it was until they are done. */
const restHeld = ref(false)
const layout = computed(() =>
  phase.value === 'SERVE' && restHeld.value && answering.value ? 'REST' : phase.value,
)
const seconds = computed(() => (bake.value ? running.secondsIn(bake.value) : 0))
const toNext = computed(() => (bake.value ? running.left(bake.value) : null))
const over = computed(() =>
  toNext.value === null && moment.value ? seconds.value - moment.value.fromSeconds : 0,
)
const isOut = computed(() => Boolean(bake.value?.outAt))
/** The check is asked for, or somebody looks of their own accord. */
const checking = computed(
  () =>
    !isOut.value &&
    !bake.value?.held &&
    phase.value !== 'FORGOTTEN' &&
    (phase.value === 'CHECK' || phase.value === 'TAKE_OUT' || looking.value || Boolean(bake.value?.look)),
)
const carves = computed(() => (bake.value?.card.carving.length ?? 0) > 1)
/** What can hurt somebody just now: the grill when it is next or on, opening and leftovers once it is out and done. */
const cautions = computed(() =>
  (bake.value?.card.cautions ?? []).filter((c) => {
    if (phase.value === 'PUT_BACK' || phase.value === 'FORGOTTEN') return false
    if (isOut.value) return c.when === 'OPENING' || c.when === 'REST'
    return c.when === 'GRILL' && phase.value !== 'SHUT' && phase.value !== 'WAIT'
  }),
)
/** What the oven's thermometer seems to tell; the first one that nobody has answered. */
const suspected = computed(() => (isOut.value ? undefined : bake.value?.asked[0]))
const suspicion = computed(() => {
  const asked = suspected.value
  if (!asked) return ''
  const at = clock(new Date(asked.at))
  return asked.kind === 'DOOR'
    ? t('ui.oven.was-the-door-open-at', { at })
    : t('ui.oven.was-the-dial-turned-to', { celsius: units.dial(asked.celsius!), at })
})
function agree() {
  const { kind, at, number, celsius } = suspected.value!
  return running.tap(
    bake.value!,
    kind,
    kind === 'DOOR' ? t('ui.oven.door-open') : t('ui.oven.dial-turned'),
    { ...(number === undefined ? {} : { number }), ...(celsius === undefined ? {} : { celsius }) },
    at,
  )
}
const notSo = () => running.tap(bake.value!, 'NOT_SO', t('ui.oven.not-so'), {}, suspected.value!.at)
/** At the check what counts is how long it has been in; otherwise the time to the next thing. */
const big = computed(() => {
  if (!moment.value) return ''
  if (moment.value.phase === 'CHECK') return runningClock(seconds.value)
  if (bake.value?.held) return bake.value.air?.hotInMin ? runningClock(60 * bake.value.air.hotInMin) : '–:––'
  return toNext.value === null ? runningClock(over.value) : runningClock(toNext.value)
})
const beside = computed(() => {
  const b = bake.value
  switch (moment.value?.phase) {
    case 'WAIT':
      return b!.air
        ? b!.air.hotInMin
          ? t('ui.oven.until-it-is-hot-it', { celsius: units.degrees(b!.air.celsius) })
          : t('ui.oven.it-is-hot', { celsius: units.degrees(b!.air.celsius) })
        : t('ui.oven.no-thermometer-hangs-in-it')
    case 'CHECK': {
      const toLikely = b!.window.likelyMin * 60 - seconds.value
      return toLikely > 0
        ? t('ui.oven.in-likely-in', { toLikely: runningClock(toLikely) })
        : t('ui.oven.in-in', {
            trim: moment.value.next.replace(t('ui.oven.until'), '').trim(),
            runningClock: runningClock(toNext.value ?? 0),
          })
    }
    case 'STEP':
      return toNext.value === null ? t('ui.oven.waiting-for-your-tap') : t('ui.oven.and-then-on-without-it')
    case 'PUT_BACK':
      return t('ui.oven.since-it-came-out')
    case 'FORGOTTEN':
      return t('ui.oven.too-long')
    case 'TAKE_OUT':
      return b!.look?.advice === 'PAST' ? t('ui.oven.past-it') : t('ui.oven.since-it-was-due')
    case 'CRACK':
      return t('ui.oven.since-it-was-due')
    case 'SERVE':
      return t('ui.oven.on-the-plate')
    default:
      return moment.value?.next
  }
})
/** The oven's own thermometer says that it is not hot, and nobody has yet. */
const coldOven = computed(
  () =>
    !isOut.value &&
    !bake.value?.held &&
    seconds.value < COLD_S &&
    (bake.value?.air?.hotInMin ?? 0) > 1 &&
    !bake.value?.taps.some((t) => t.kind === 'NOT_HOT' || t.kind === 'IN'),
)
const lastTap = computed(() => {
  const last = bake.value?.taps[0]
  return last ? TAPS[last.kind] : null
})

async function undo() {
  if (!bake.value) return
  if (bake.value.loggedAt) await running.reopen(bake.value)
  else await running.undo(bake.value)
}
const takeOut = () =>
  bake.value && !isOut.value && !bake.value.held && running.tap(bake.value, 'OUT', t('ui.tap.out'))
const stepDone = () =>
  bake.value && running.tap(bake.value, 'STEP', t('ui.tap.done'), { number: moment.value!.step })
const goIn = () => bake.value && running.tap(bake.value, 'IN', 'in')
const crack = () => bake.value && running.tap(bake.value, 'CRACKED', t('ui.tap.cracked'))
const goBack = (cue?: Cue) =>
  bake.value && running.tap(bake.value, 'BACK', t('ui.oven.back-in'), cue ? { cue } : {})
const lower = (doneness: Doneness) =>
  bake.value && running.tap(bake.value, 'TARGET', t('ui.oven.a-lower-target'), { doneness })
async function close() {
  if (!bake.value) return
  const { title } = bake.value
  await running.tap(bake.value, 'FORGOTTEN', t('ui.oven.closed-as-forgotten'))
  running.notice = t('ui.oven.is-closed-it-stands-in', { title })
}

/** The one thing that Enter does now. */
function main() {
  if (phase.value === 'STEP') return stepDone()
  if (phase.value === 'WAIT') return goIn()
  if (phase.value === 'CRACK') return crack()
  if (phase.value === 'PUT_BACK') return goBack()
  if (phase.value === 'FORGOTTEN') return isOut.value ? undefined : close()
  return takeOut()
}
function carve() {
  answering.value = false
  judging.value = false
}
async function log(how: HowItWas) {
  if (bake.value) await running.log(bake.value, how)
  judging.value = false
  answering.value = false
}
const away = (other: Bake) =>
  other.loggedAt
    ? t('ui.oven.what-is-left')
    : `${other.ovenName} · ${running.moment(other).say.toLowerCase()}`

useKeys({ Enter: main, z: () => void undo(), l: () => (looking.value = !looking.value) })

const title = useTitle()
watch([big, moment], () => (title.value = bake.value ? `${big.value} ${moment.value!.say}` : 'Olla'), {
  immediate: true,
})
watch(
  [() => bake.value?.id, phase],
  ([id], [before, phaseBefore]) => {
    looking.value = false
    restHeld.value = answering.value && phaseBefore === 'REST' && phase.value === 'SERVE'
    if (id !== before || phase.value === 'AFTER') answering.value = false
    if (!answering.value) judging.value = !carves.value && phase.value !== 'PUT_BACK'
  },
  { immediate: true },
)

const awake = useWakeLock()
whenever(
  () => Boolean(bake.value) && awake.isSupported.value,
  () => void awake.request('screen').catch(() => undefined),
  { immediate: true },
)
onMounted(() => void running.refresh())
onBeforeUnmount(() => {
  title.value = 'Olla'
  void awake.release()
})
</script>

<template>
  <main class="oven-side">
    <p v-if="running.unreachable" class="trouble" role="alert">
      {{
        running.stored ? t('ui.oven.the-kitchen-computer-does-not') : t('ui.oven.the-log-cannot-be-reached')
      }}
      <b v-if="running.waiting.length">{{
        t('ui.oven.waiting', { join: running.waiting.map((p) => p.words).join(', ') })
      }}</b>
    </p>
    <p v-if="running.roomMb !== null" class="trouble" role="status">
      {{ t('ui.oven.the-kitchen-computers-disk-is', { roomMb: running.roomMb }) }}
    </p>
    <p v-if="running.trouble" class="trouble" role="alert">
      {{ running.trouble }}
      <button class="quiet-action" @click="running.trouble = null">{{ t('ui.oven.all-right') }}</button>
    </p>
    <p v-if="running.notice" class="done" role="status">
      {{ running.notice }}
      <button class="quiet-action" @click="running.notice = null">{{ t('ui.oven.all-right') }}</button>
    </p>

    <div v-if="running.loaded && !bake" class="idle">
      <h1>{{ t('ui.oven.nothing-is-in-the-oven') }}</h1>
      <p>{{ t('ui.oven.set-a-fish-on-the') }}</p>
      <RouterLink class="to-bench" to="/bench">{{ t('ui.oven.to-the-bench') }}</RouterLink>
    </div>

    <template v-if="bake && moment">
      <nav v-if="all.length > 1" class="tabs" :aria-label="t('ui.oven.running-bakes')">
        <RouterLink
          v-for="other in all"
          :key="other.id"
          :to="`/oven/${other.id}`"
          :class="{ shown: other.id === bake.id }"
          :aria-current="other.id === bake.id ? 'true' : undefined"
        >
          <b>{{ other.title }}</b>
          <span>{{ away(other) }}</span>
        </RouterLink>
      </nav>

      <AfterPanel
        v-if="phase === 'AFTER'"
        :key="bake.id"
        :bake="bake"
        :now="running.now"
        @tap="(kind, words) => running.tap(bake!, kind, words)"
        @undo="running.undo(bake)"
        @reopen="running.reopen(bake)"
      />

      <template v-else-if="layout === 'SERVE'">
        <header class="serving">
          <div>
            <p class="what">
              {{ t('ui.oven.out-at', { title: bake.title, outAt: clock(new Date(bake.outAt!)) }) }}
            </p>
            <h1 aria-live="assertive">{{ judging || !carves ? moment.say : t('ui.oven.carve-it') }}</h1>
          </div>
          <div v-if="carves" class="choose" role="group" :aria-label="t('ui.oven.carve-or-judge')">
            <button :aria-pressed="!judging" :class="{ on: !judging }" @click="judging = false">
              {{ t('ui.oven.carve') }}
            </button>
            <button :aria-pressed="judging" :class="{ on: judging }" @click="judging = true">
              {{ t('ui.oven.how-was-it') }}
            </button>
          </div>
        </header>
        <div class="plate">
          <CautionList
            v-if="cautions.length"
            class="care"
            :cautions="cautions"
            :aria-label="t('ui.oven.take-care')"
          />
          <CarvingSteps
            v-if="!judging && carves"
            :key="bake.id"
            :bake="bake"
            @lifted="(count) => running.tap(bake!, 'PORTIONS', t('ui.tap.helpings'), { number: count })"
          />
          <VerdictForm
            v-else
            :key="bake.id"
            :bake-id="bake.id"
            :busy="false"
            :target-c="bake.targetC"
            @log="log"
            @begun="(whether) => (answering = whether)"
          />
          <div class="more">
            <button class="quiet-action" @click="undo">
              {{ t('ui.oven.undo', { lastTap }) }} <kbd>z</kbd>
            </button>
            <button class="quiet-action" @click="goBack('GLASSY')">
              {{ t('ui.oven.it-is-raw-inside-back') }}
            </button>
          </div>
        </div>
      </template>

      <template v-else>
        <div class="now" :class="{ checking }">
          <section class="doing" :class="moment.phase.toLowerCase()">
            <p class="what">
              {{
                t('ui.oven.at', {
                  title: bake.title,
                  ovenName: bake.ovenName,
                  dial: units.dial(bake.dialC),
                  value: bake.held
                    ? t('ui.oven.waits-outside')
                    : t('ui.oven.in', { startedAt: clock(new Date(bake.startedAt)) }),
                })
              }}
            </p>
            <h1 aria-live="assertive">{{ moment.say }}</h1>
            <p class="hint">{{ moment.hint }}</p>
            <p v-if="suspected" class="cold" role="status">
              <b>{{ suspicion }}</b>
              <button class="plain" @click="agree">{{ t('ui.oven.yes') }}</button>
              <button class="plain" @click="notSo">{{ t('ui.oven.no') }}</button>
            </p>
            <p v-if="coldOven" class="cold" role="status">
              <b>{{ t('ui.oven.the-oven-is-at-only', { celsius: units.degrees(bake.air!.celsius) }) }}</b>
              <button class="plain" @click="running.tap(bake, 'HELD', t('ui.oven.waits-outside'))">
                {{ t('ui.oven.it-waits-outside') }}
              </button>
              <button
                class="plain"
                @click="running.tap(bake, 'NOT_HOT', t('ui.tap.not-hot'), { celsius: bake.air!.celsius })"
              >
                {{ t('ui.oven.it-is-in-re-time') }}
              </button>
            </p>
            <p class="clock">
              <span class="big" role="timer">{{ big }}</span>
              <span class="beside">{{ beside }}</span>
            </p>
            <BakeBar v-if="!bake.held" :bake="bake" :seconds="seconds" />
            <CautionList
              v-if="cautions.length"
              class="care"
              :cautions="cautions"
              :aria-label="t('ui.oven.take-care')"
            />
          </section>
          <section class="inside" :aria-label="t('ui.oven.what-goes-on-inside')">
            <p v-if="bake.revision < 0" class="coming">{{ t('ui.oven.on-its-way-to-the') }}</p>
            <template v-else>
              <ProbeLine :bake="bake" :now="running.now" @open="probeOpen = true" />
              <RestingCut v-if="isOut" :key="`rest-${bake.id}`" :bake="bake" :seconds="seconds" />
              <CourseChart v-else-if="!bake.held" :key="bake.id" :bake="bake" :seconds="seconds" />
            </template>
          </section>
        </div>

        <section class="taps" :class="[{ checking }, moment.phase.toLowerCase()]">
          <div class="first" :class="{ out: isOut }">
            <button v-if="phase === 'WAIT'" class="main-action knuckle" @click="goIn">
              {{ t('ui.oven.it-goes-in-now') }} <kbd>{{ t('ui.oven.enter') }}</kbd>
            </button>
            <button v-else-if="phase === 'STEP'" class="main-action knuckle" @click="stepDone">
              {{ t('ui.oven.done') }} <kbd>{{ t('ui.oven.enter') }}</kbd>
            </button>
            <button v-else-if="phase === 'CRACK'" class="main-action knuckle" @click="crack">
              {{ t('ui.oven.it-is-cracked') }} <kbd>{{ t('ui.oven.enter') }}</kbd>
            </button>
            <template v-else-if="phase === 'PUT_BACK'">
              <button class="main-action knuckle" @click="goBack()">
                {{ t('ui.oven.it-is-back-in') }} <kbd>{{ t('ui.oven.enter') }}</kbd>
              </button>
              <button
                v-for="target in bake.lacks?.lower"
                :key="target"
                class="plain knuckle"
                @click="lower(target)"
              >
                {{ t('ui.oven.serve-it', { value: TARGETS[target] }) }}
              </button>
            </template>
            <button v-else-if="phase === 'FORGOTTEN'" class="main-action knuckle" @click="close">
              {{ t('ui.oven.close-it-forgotten') }} <kbd v-if="!isOut">{{ t('ui.oven.enter') }}</kbd>
            </button>
            <button
              v-if="!isOut && phase !== 'WAIT'"
              class="main-action knuckle"
              :class="{ second: phase === 'STEP' || phase === 'FORGOTTEN' }"
              @click="takeOut"
            >
              {{ t('moment.take-out') }}
              <kbd v-if="phase !== 'STEP' && phase !== 'FORGOTTEN'">{{ t('ui.oven.enter') }}</kbd>
            </button>
            <button
              v-if="phase === 'REST' && bake.moments.some((m) => m.phase === 'CRACK')"
              class="plain knuckle"
              @click="crack"
            >
              {{ t('ui.oven.crack-it-already') }}
            </button>
            <button v-if="layout === 'REST'" class="plain knuckle" @click="goBack('GLASSY')">
              {{ t('ui.oven.it-is-raw-back-in') }}
            </button>
            <button v-if="phase === 'SERVE' && carves" class="plain knuckle" @click="carve">
              {{ t('ui.oven.carve-it') }}
            </button>
            <button v-if="phase === 'REST' && !judging" class="plain knuckle" @click="judging = true">
              {{ t('ui.oven.how-was-it') }}
            </button>
            <div class="more">
              <button v-if="!isOut && !bake.held && !checking" class="plain" @click="looking = true">
                {{ t('ui.oven.look-now') }} <kbd>l</kbd>
              </button>
              <button v-if="!isOut && !bake.held" class="plain" @click="ovenOpen = true">
                {{ t('ui.oven.the-oven') }}
              </button>
              <button v-if="phase === 'PUT_BACK'" class="plain" @click="judging = !judging">
                {{ judging ? t('ui.oven.what-do-you-see') : t('ui.oven.it-stays-out') }}
              </button>
              <button class="quiet-action" @click="undo">
                {{ lastTap ? t('ui.oven.undo', { lastTap }) : t('ui.oven.it-never-went-in-undo') }}
                <kbd>z</kbd>
              </button>
            </div>
          </div>
          <LookPanel
            v-if="checking || (phase === 'PUT_BACK' && !judging)"
            :bake="bake"
            @seen="(cue) => running.tap(bake!, 'CUE', t('label.tap.CUE'), { cue })"
            @read="(celsius) => running.tap(bake!, 'READ', t('ui.tap.reading'), { celsius })"
          />
          <VerdictForm
            v-else-if="
              ((layout === 'REST' || layout === 'PUT_BACK') && judging) || (phase === 'FORGOTTEN' && isOut)
            "
            :key="bake.id"
            :bake-id="bake.id"
            :busy="false"
            :target-c="bake.targetC"
            @log="log"
            @begun="(whether) => (answering = whether)"
          />
          <p v-else-if="!isOut && !bake.held && phase !== 'FORGOTTEN'" class="advice">
            {{
              t('ui.oven.check-from-min-an-early', { checkFrom: minutesInWords(bake.window.checkFromMin) })
            }}
          </p>
        </section>
      </template>
      <p v-if="running.chimes.silentYet && !running.chimes.muted" class="sound">
        {{ t('ui.oven.tap-anywhere-once-or-the') }}
      </p>
    </template>
    <OvenDialog
      v-if="bake && ovenOpen"
      v-model="ovenOpen"
      :bake="bake"
      :minute="seconds / 60"
      @tap="(kind, words, detail) => running.tap(bake!, kind, words, detail)"
    />
    <ProbeDialog v-if="bake && probeOpen" v-model="probeOpen" :bake="bake" @changed="running.take" />
  </main>
</template>

<style scoped>
.oven-side {
  flex: 1;
  display: flex;
  flex-direction: column;
}
.trouble,
.done {
  margin: 0;
  padding: 4px 24px;
  background: #fff;
  border-left: 6px solid var(--danger);
}
.done {
  border-color: var(--kelp);
}
.idle {
  margin: auto;
  padding: 24px;
  text-align: center;
}
.idle h1 {
  margin: 0;
  font-size: 40px;
}
.to-bench {
  display: inline-block;
  margin-top: 8px;
  padding: 14px 28px;
  border-radius: 4px;
  background: var(--clay);
  color: #fff;
  font-weight: 700;
  text-decoration: none;
}
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 0 28px;
  padding: 0 24px;
  border-bottom: 1px solid var(--rule);
}
.tabs a {
  display: flex;
  flex-direction: column;
  justify-content: center;
  min-height: 72px;
  border-bottom: 5px solid transparent;
  color: var(--ink-soft);
  text-decoration: none;
}
.tabs span {
  font-size: 14px;
}
.tabs .shown {
  border-color: var(--clay);
  color: var(--ink);
}
.now {
  flex: 1;
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
}
.now.checking .big {
  font-size: 112px;
}
.now.checking .inside :deep(svg) {
  max-height: 270px;
}
.doing {
  display: flex;
  flex-direction: column;
  justify-content: center;
  padding: 12px 24px;
}
.inside {
  display: flex;
  flex-direction: column;
  justify-content: center;
  padding: 12px 24px 12px 12px;
  border-left: 1px solid var(--rule);
}
.what {
  margin: 0;
  color: var(--ink-soft);
}
h1 {
  margin: 2px 0 0;
  font-size: 50px;
  line-height: 1.1;
}
.hint {
  margin: 6px 0 0;
  font-size: 20px;
  color: var(--ink-soft);
}
.cold {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  margin: 6px 0 0;
  padding-left: 12px;
  border-left: 6px solid var(--ember);
  font-size: 20px;
}
.care {
  margin: 8px 0 0;
  font-size: 16px;
}
.clock {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 16px;
  margin: 6px 0 10px;
}
.big {
  font: 700 132px/1.05 var(--figures);
  letter-spacing: -0.04em;
}
.check .big,
.take_out .big,
.take_out h1 {
  color: var(--clay);
}
.put_back h1,
.put_back .big,
.put_back .hint,
.forgotten h1 {
  color: var(--danger);
}
.beside {
  font-size: 22px;
  font-weight: 700;
  color: var(--ink-soft);
}
.taps {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  align-items: start;
  gap: 6px 24px;
  padding: 12px 24px 16px;
  border-top: 1px solid var(--rule);
}
.taps.checking,
.taps.put_back {
  grid-template-columns: 320px minmax(0, 1fr);
}
.first {
  display: grid;
  gap: 8px;
}
.knuckle {
  min-height: 84px;
  font-size: 24px;
}
.second {
  min-height: 72px;
  background: none;
  border: 2px solid var(--clay);
  color: var(--clay);
}
.second:hover {
  color: #fff;
}
.first.out {
  grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
}
.first.out .main-action {
  grid-column: 1 / -1;
}
.more {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.plain {
  min-height: 72px;
  padding: 0 18px;
  border: 2px solid #a9a695;
  border-radius: 6px;
  background: #fff;
  font-size: 18px;
  font-weight: 700;
}
.more .quiet-action,
.trouble .quiet-action,
.done .quiet-action {
  min-height: 72px;
}
.serving {
  display: flex;
  justify-content: space-between;
  align-items: end;
  gap: 8px 24px;
  padding: 12px 24px 0;
}
.choose {
  display: flex;
}
.choose button {
  min-height: 72px;
  padding: 0 24px;
  border: 2px solid var(--ink);
  background: none;
  font-size: 20px;
  font-weight: 700;
}
.choose button:last-child {
  border-left: 0;
}
.choose .on {
  background: var(--ink);
  color: #fff;
}
.plate {
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 10px 24px 16px;
}
.plate > .more {
  align-self: start;
  margin-top: auto;
}
.sound {
  margin: auto 0 0;
  padding: 6px 24px;
  background: #efe6d4;
}
.coming,
.advice {
  margin: 0;
  color: var(--ink-soft);
}
.main-action kbd {
  border-color: #d79c8a;
  background: none;
  color: #fff;
}
@media (max-width: 900px) {
  .now,
  .taps,
  .taps.checking,
  .taps.put_back {
    grid-template-columns: minmax(0, 1fr);
  }
  .serving {
    flex-direction: column;
    align-items: stretch;
  }
  .choose button {
    flex: 1;
  }
  .now {
    grid-template-rows: auto 1fr;
  }
  .inside {
    padding-left: 24px;
    border: 0;
  }
  .inside :deep(svg) {
    max-height: 330px;
  }
  h1 {
    font-size: 60px;
  }
  .big {
    font-size: 176px;
  }
}
@media (max-width: 600px) {
  /* The cues come before the curve: hands are wet and the door is open. */
  .now.checking {
    display: contents;
  }
  .now.checking .inside {
    order: 1;
  }
  .taps.checking:not(.take_out) .first {
    order: 1;
  }
  .doing,
  .inside,
  .serving,
  .plate,
  .taps {
    padding: 10px 14px;
  }
  h1 {
    font-size: 38px;
  }
  .big,
  .now.checking .big {
    font-size: 104px;
  }
  .tabs {
    padding: 0 14px;
  }
}
</style>
