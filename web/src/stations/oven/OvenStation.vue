<script setup lang="ts">
import { useTitle, useWakeLock, whenever } from '@vueuse/core'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, Problem } from '../../api/client'
import type { Bake, HowItWas } from '../../api/types'
import { useKeys } from '../../words/keys'
import { clock, minutesInWords, runningClock } from '../../words/time'
import CautionList from '../bench/CautionList.vue'
import BakeBar from './BakeBar.vue'
import { chime } from './chime'
import CourseChart from './CourseChart.vue'
import { useRunning } from './running'
import VerdictForm from './VerdictForm.vue'

/** The bake as it runs: what to do now, and how long until the next thing. */
const props = defineProps<{ id?: string }>()

/** In longer than this, nobody is waiting for it any more, s. */
const FORGOTTEN_S = 6 * 3600

const router = useRouter()
const running = useRunning()
const trouble = ref<string | null>(null)
const busy = ref(false)
/** The bake that was logged last, so that a slip can be undone. */
const justLogged = ref<Bake | null>(null)

const bake = computed(() => running.bakes.find((b) => b.id === props.id) ?? running.bakes[0])
const moment = computed(() => (bake.value ? running.moment(bake.value) : null))
const seconds = computed(() => (bake.value ? running.secondsIn(bake.value) : 0))
const toNext = computed(() =>
  moment.value?.untilSeconds === undefined ? null : moment.value.untilSeconds - seconds.value,
)
const over = computed(() =>
  toNext.value === null && moment.value ? seconds.value - moment.value.fromSeconds : 0,
)
const isOut = computed(() => Boolean(bake.value?.outAt))
const forgotten = computed(() => over.value > FORGOTTEN_S)
/** What can hurt somebody just now: the grill while it is in, opening and leftovers once it is out. */
const cautions = computed(() =>
  (bake.value?.cautions ?? []).filter((c) =>
    isOut.value ? c.when === 'OPENING' || c.when === 'REST' : c.when === 'GRILL',
  ),
)
/** At the check what counts is how long it has been in; otherwise the time to the next thing. */
const big = computed(() => {
  if (!moment.value) return ''
  if (moment.value.phase === 'CHECK') return runningClock(seconds.value)
  return toNext.value === null ? runningClock(over.value) : runningClock(toNext.value)
})
const beside = computed(() => {
  const b = bake.value
  switch (moment.value?.phase) {
    case 'CHECK': {
      const toLikely = b!.likelyMin * 60 - seconds.value
      return toLikely > 0
        ? `in · likely in ${runningClock(toLikely)}`
        : `in · must be out in ${runningClock(toNext.value ?? 0)}`
    }
    case 'TAKE_OUT':
      return 'past the latest'
    case 'SERVE':
      return 'on the plate'
    default:
      return moment.value?.next
  }
})

async function attempt(action: () => Promise<Bake | void>) {
  if (busy.value) return
  busy.value = true
  trouble.value = null
  try {
    const result = await action()
    if (result) running.take(result)
    return result
  } catch (failure) {
    if (!(failure instanceof Problem)) throw failure
    trouble.value = failure.message
  } finally {
    busy.value = false
  }
}

const takeOut = () => bake.value && attempt(() => api.takeOut(bake.value!.id))
async function undo() {
  const b = bake.value
  if (justLogged.value) {
    const again = await attempt(() => api.reopen(justLogged.value!.id))
    if (again) justLogged.value = null
  } else if (b?.outAt) await attempt(() => api.putBack(b.id))
  else if (b) {
    await attempt(() => api.forget(b.id))
    if (!trouble.value) {
      await running.refresh()
      await router.push('/bench')
    }
  }
}
async function log(how: HowItWas) {
  const logged = await attempt(() => api.log(bake.value!.id, how))
  if (logged) justLogged.value = logged
}

useKeys({ Enter: () => (isOut.value ? undefined : takeOut()), z: undo })

const title = useTitle()
watch([big, moment], () => (title.value = bake.value ? `${big.value} ${moment.value?.say}` : 'Olla'), {
  immediate: true,
})
watch(
  () => [bake.value?.id, moment.value?.phase] as const,
  ([id, phase], [lastId, lastPhase]) => {
    if (id && id === lastId && lastPhase && phase !== lastPhase) chime()
  },
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
      The kitchen computer does not answer. The clock runs on; what you tap has to wait.
    </p>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-if="justLogged" class="done" role="status">
      {{ justLogged.title }} is in the log.
      <RouterLink to="/log">See it there</RouterLink>
      <button class="quiet-action" @click="undo">Undo <kbd>z</kbd></button>
    </p>

    <div v-if="running.loaded && !bake" class="idle">
      <h1>Nothing is in the oven</h1>
      <p>Set a fish on the Bench and put it in; its clock comes here.</p>
      <RouterLink class="to-bench" to="/bench">To the Bench</RouterLink>
    </div>

    <template v-if="bake && moment">
      <nav v-if="running.bakes.length > 1" class="tabs" aria-label="Running bakes">
        <RouterLink
          v-for="other in running.bakes"
          :key="other.id"
          :to="`/oven/${other.id}`"
          :class="{ shown: other.id === bake.id }"
          :aria-current="other.id === bake.id ? 'true' : undefined"
        >
          <b>{{ other.title }}</b>
          <span>{{ other.ovenName }} · {{ running.moment(other).say.toLowerCase() }}</span>
        </RouterLink>
      </nav>

      <div class="now">
        <section class="doing" :class="moment.phase.toLowerCase()">
          <p class="what">
            {{ bake.title }} · {{ bake.ovenName }} · in {{ clock(new Date(bake.startedAt)) }}
          </p>
          <h1 aria-live="assertive">{{ moment.say }}</h1>
          <p class="hint">
            {{ forgotten ? 'This has been going for hours. Say how it was, or undo it.' : moment.hint }}
          </p>
          <p class="clock">
            <span class="big" role="timer">{{ big }}</span>
            <span class="beside">{{ beside }}</span>
          </p>
          <BakeBar :bake="bake" :seconds="seconds" />
          <CautionList v-if="cautions.length" class="care" :cautions="cautions" aria-label="Take care" />
        </section>
        <section class="inside" aria-label="What the middle should be doing">
          <CourseChart :key="bake.id" :bake="bake" :seconds="seconds" />
        </section>
      </div>

      <section v-if="!isOut" class="taps">
        <button class="main-action knuckle" :disabled="busy" @click="takeOut">
          Take it out <kbd>Enter</kbd>
        </button>
        <button class="quiet-action knuckle" :disabled="busy" @click="undo">
          It never went in: undo <kbd>z</kbd>
        </button>
        <p class="advice">
          Check from {{ minutesInWords(bake.checkFromMin) }} min. Looking early costs little; nothing undoes
          overcooking.
        </p>
      </section>
      <section v-else class="taps out">
        <VerdictForm :key="bake.id" :busy="busy" :target-c="bake.targetC" @log="log" />
        <button class="quiet-action knuckle" :disabled="busy" @click="undo">
          It is still in the oven: undo <kbd>z</kbd>
        </button>
      </section>
    </template>
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
  padding: 8px 24px;
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
  min-height: 60px;
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
.doing {
  display: flex;
  flex-direction: column;
  justify-content: center;
  padding: 12px 24px;
}
.inside {
  display: flex;
  align-items: center;
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
.beside {
  font-size: 22px;
  font-weight: 700;
  color: var(--ink-soft);
}
.taps {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  align-items: center;
  gap: 6px 24px;
  padding: 16px 24px 20px;
  border-top: 1px solid var(--rule);
}
.taps.out {
  grid-template-columns: 1fr;
  justify-items: start;
}
.knuckle {
  min-height: 84px;
  font-size: 24px;
}
.quiet-action.knuckle {
  min-height: 72px;
  justify-self: start;
  font-size: 17px;
}
.taps.out .quiet-action {
  min-height: 44px;
}
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
  .taps {
    grid-template-columns: minmax(0, 1fr);
  }
  .now {
    grid-template-rows: auto 1fr;
  }
  .inside {
    border: 0;
  }
  h1 {
    font-size: 60px;
  }
  .big {
    font-size: 176px;
  }
}
@media (max-width: 600px) {
  .doing,
  .inside,
  .taps {
    padding: 10px 14px;
  }
  h1 {
    font-size: 38px;
  }
  .big {
    font-size: 104px;
  }
  .tabs {
    padding: 0 14px;
  }
}
</style>
