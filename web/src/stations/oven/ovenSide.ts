import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Bake, Cue, Doneness, HowItWas } from '../../api/types'
import { TAPS } from '../../messages/labels'
import { t } from '../../messages/say'
import { clock, runningClock } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useRunning } from '../../stores/running'

/** So early it can still wait outside, s. */
const COLD_S = 180

/**
 * What the Oven side is at: which bake it shows, in which phase that is and what can be done about it. The phases themselves
 * come from the kitchen computer (`moments` of a bake); here is what a screen adds: somebody looks, judges or types.
 *
 * @param id the bake that was asked for; without one the first, until it is known which that is
 */
export function useOvenSide(id: () => string | undefined) {
  const router = useRouter()
  const running = useRunning()
  const units = useUnits()
  /** Somebody looks before the screen asks. */
  const looking = ref(false)
  /** What is asked is how it was. */
  const judging = ref(false)
  /** Somebody is typing how it was: nothing takes that away from under their fingers. */
  const answering = ref(false)

  const all = computed(() => [...running.bakes, ...running.leftOver])
  /** What was said of its leftovers here stays on the screen, with its undo, until somebody goes on. */
  const cleared = ref<Bake>()
  watch(
    () => running.logged.find((b) => b.id === id() && b.leftovers?.cleared),
    (now) => now && (cleared.value = now),
    { flush: 'sync' },
  )
  /** The bake that was asked for and no other: what is tapped must never be another fish's. */
  const bake = computed(() =>
    id() === undefined
      ? all.value[0]
      : [...all.value, ...(cleared.value ? [cleared.value] : [])].find((b) => b.id === id()),
  )
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
  /** How many pieces are still in the oven. */
  const stillIn = computed(() => {
    const b = bake.value
    return (b?.card.question.pieces ?? 1) - (b?.apart ?? []).reduce((out, some) => out + some.number, 0)
  })
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
    if (bake.value?.held)
      return bake.value.air?.hotInMin ? runningClock(60 * bake.value.air.hotInMin) : '–:––'
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
          ? t('ui.oven.in-likely-in', { clock: runningClock(toLikely) })
          : t('ui.oven.in-next', { clock: runningClock(toNext.value ?? 0), next: moment.value.next })
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
  const takeOneOut = () =>
    bake.value && running.tap(bake.value, 'SOME_OUT', t('ui.tap.some-out'), { number: 1 })
  const stepDone = () =>
    bake.value && running.tap(bake.value, 'STEP', t('ui.tap.done'), { number: moment.value!.step })
  const goIn = () => bake.value && running.tap(bake.value, 'IN', TAPS.IN)
  const crack = () => bake.value && running.tap(bake.value, 'CRACKED', t('ui.tap.cracked'))
  const goBack = (cue?: Cue) =>
    bake.value && running.tap(bake.value, 'BACK', t('ui.oven.back-in'), cue ? { cue } : {})
  const lower = (doneness: Doneness) =>
    bake.value && running.tap(bake.value, 'TARGET', t('ui.oven.a-lower-target'), { doneness })
  async function close() {
    if (!bake.value) return
    const { title } = bake.value
    const gone = running.tap(bake.value, 'FORGOTTEN', t('ui.oven.closed-as-forgotten'))
    await router.push('/oven')
    await gone
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
  /** Somebody wants to look, before the screen asks. */
  const look = () => (looking.value = true)
  /** Asks how it was, or no longer. */
  const judge = (whether: boolean) => (judging.value = whether)
  /** Somebody has begun to say how it was, or has let it be. */
  const type = (whether: boolean) => (answering.value = whether)
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

  return reactive({
    all,
    bake,
    moment,
    phase,
    layout,
    seconds,
    looking,
    judging,
    answering,
    isOut,
    checking,
    carves,
    cautions,
    suspected,
    suspicion,
    big,
    beside,
    coldOven,
    lastTap,
    agree,
    notSo,
    undo,
    takeOut,
    takeOneOut,
    stillIn,
    stepDone,
    goIn,
    crack,
    goBack,
    lower,
    close,
    main,
    look,
    judge,
    type,
    carve,
    log,
    away,
  })
}

export type OvenSide = ReturnType<typeof useOvenSide>

/** The same once it is known that something is in the oven, on the board or on the plate. */
export type Busy = OvenSide & { bake: Bake; moment: NonNullable<OvenSide['moment']> }
