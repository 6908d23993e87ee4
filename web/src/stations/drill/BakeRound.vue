<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { api } from '../../api/client'
import type { Round, RoundMove } from '../../api/types'
import ChoiceRow from '../../components/ChoiceRow.vue'
import { strike } from '../../composables/chime'
import { useTried } from '../../composables/tried'
import { t } from '../../messages/say'
import { runningClock } from '../../messages/time'
import { useUnits } from '../../messages/units'
import HiddenDish from './HiddenDish.vue'
import RoundTicket from './RoundTicket.vue'
import RoundTruth from './RoundTruth.vue'
import { SPEEDS, useRoundClock, usualSpeed } from './roundClock'

/** A round in a hidden kitchen: the clock, the ticket, what can be looked at, and the truth once all is served. */
const props = defineProps<{ round: Round }>()
const emit = defineEmits<{ gone: [round: Round]; next: []; again: [] }>()

/** The kitchen's ring, Hz: from when to check, and when it should be out. */
const CHECK = [660]
const OUT = [660, 880]
const units = useUnits()
const dish = ref(0)
const { problem, tried } = useTried()
const lastMove = computed(() => props.round.seen[props.round.seen.length - 1])
const time = useRoundClock(lastMove.value?.minute ?? 0, usualSpeed(props.round))
const speeds = SPEEDS.map((speed) => ({ value: String(speed), words: t('ui.drill.times', { speed }) }))

const did = (kind: RoundMove, of = dish.value) =>
  props.round.seen.some((seen) => seen.kind === kind && seen.dish === of)
const isOut = computed(() => did('OUT'))
const isServed = computed(() => did('SERVE'))
const dishes = computed(() =>
  props.round.slips.map((slip, i) => ({
    value: String(i),
    words: t('ui.drill.dish', {
      number: i + 1,
      fish: slip.fish,
      thick: units.amount('length', slip.thicknessMm),
    }),
  })),
)
/** What was last seen of the dish at hand. */
const seen = computed(() => [...props.round.seen].reverse().find((one) => one.dish === dish.value))
const slip = computed(() => props.round.slips[dish.value]!)
const NAMES: Record<RoundMove, string> = {
  LOOK: t('ui.drill.look'),
  KNIFE: t('ui.drill.knife'),
  FORK: t('ui.drill.fork'),
  TOUCH: t('ui.drill.touch'),
  PROBE: t('ui.drill.probe'),
  OUT: t('ui.drill.out'),
  SERVE: t('ui.drill.serve'),
}

onMounted(() => {
  if (!props.round.truth) time.start()
})
watch(
  () => props.round.truth,
  (truth) => truth && time.stop(),
)
/* The ticket rings for each dish that is still in. */
watch(time.minute, (now, before) => {
  props.round.slips.forEach((one, i) => {
    if (did('OUT', i)) return
    const passed = (minute: number) => before < minute && now >= minute
    if (passed(one.window.checkFromMin)) strike(CHECK)
    if (passed(one.window.noLaterThanMin)) strike(OUT)
  })
})

async function does(kind: RoundMove) {
  if (time.stands.value) return
  time.stands.value = true
  await tried(async () => {
    const number = props.round.seen.length
    const went = await api.move(props.round.id, number, kind, dish.value, time.minute.value)
    emit('gone', went)
    // While a hand is in the oven the clock goes on.
    time.minute.value += went.hands.find((hand) => hand.kind === kind)!.doorS / 60
    if (kind === 'SERVE') {
      const open = went.slips.findIndex(
        (_, i) => !went.seen.some((one) => one.kind === 'SERVE' && one.dish === i),
      )
      if (open >= 0) dish.value = open
    }
  })
  time.stands.value = false
}
</script>

<template>
  <RoundTruth v-if="round.truth" :round="round" @next="emit('next')" @again="emit('again')" />
  <div v-else class="round">
    <section class="oven" :aria-label="t('ui.drill.kitchen')">
      <div class="time">
        <output role="timer" :aria-label="t('ui.drill.clock')">{{
          runningClock(time.minute.value * 60)
        }}</output>
        <ChoiceRow
          :name="t('ui.drill.speed')"
          :choices="speeds"
          :chosen="String(time.speed.value)"
          @choose="time.speed.value = Number($event)"
        />
        <button class="quiet-action" @click="time.goes.value ? time.stop() : time.start()">
          {{ time.goes.value ? t('ui.drill.pause') : t('ui.drill.go-on') }}
        </button>
      </div>
      <ChoiceRow
        v-if="round.slips.length > 1"
        :name="t('ui.drill.which')"
        :choices="dishes"
        :chosen="String(dish)"
        @choose="dish = Number($event)"
      />
      <HiddenDish :seen="seen" :slip="slip" :out="isOut" />
      <p class="says" role="status">
        {{
          seen
            ? t('ui.drill.at', { minute: runningClock(seen.minute * 60), words: seen.words })
            : t('ui.drill.shut')
        }}
      </p>
      <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
      <div v-if="!isServed" class="moves">
        <button v-for="kind in round.looks" :key="kind" class="plain" @click="does(kind)">
          {{ NAMES[kind] }}
        </button>
        <button class="main-action" @click="does(isOut ? 'SERVE' : 'OUT')">
          {{ isOut ? NAMES.SERVE : NAMES.OUT }}
        </button>
      </div>
    </section>
    <RoundTicket :slip="slip" />
  </div>
</template>

<style scoped>
.round {
  display: grid;
  grid-template-columns: 1fr 300px;
  align-items: start;
  gap: 24px;
}
.time {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 20px;
}
.time output {
  min-width: 4.5ch;
  font: 700 52px/1 var(--figures);
}
.time :deep(.row) {
  flex: 1 1 240px;
  max-width: 340px;
}
.says {
  min-height: 28px;
  margin: 8px 0;
  font-size: 20px;
  font-weight: 700;
}
.wrong {
  color: var(--danger);
}
.moves {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.plain {
  flex: 1 1 120px;
  min-height: 64px;
  border: 2px solid #a9a695;
  border-radius: 6px;
  background: #fff;
  font-size: 18px;
  font-weight: 700;
}
.main-action {
  flex: 2 1 200px;
  min-height: 64px;
  width: auto;
}
@media (max-width: 800px) {
  .round {
    grid-template-columns: 1fr;
    gap: 10px;
  }
}
</style>
