<script setup lang="ts">
import EmphasisedText from '../../components/EmphasisedText'
import { t } from '../../messages/say'
import { computed, ref } from 'vue'
import { api, Problem } from '../../api/client'
import type { Bake, TapKind } from '../../api/types'
import { VERDICTS } from '../../messages/labels'
import { clock, day, minutesInWords, runningClock } from '../../messages/time'
import { useUnits } from '../../messages/units'
import HowItWent from './HowItWent.vue'

/** After the plates are out: what is left, a photo, the line in the log, and what the oven turned out to be. */
const props = defineProps<{ bake: Bake; now: number }>()
/** What became of the leftovers, before the kitchen computer has said until when they keep. */
const BECAME: Record<string, string> = {
  CHILLED: t('ui.after-panel.in-the-fridge'),
  NONE_LEFT: t('ui.after-panel.nothing-is-left-2'),
  BINNED: t('ui.after-panel.what-was-left-is-thrown'),
}
const emit = defineEmits<{ tap: [kind: TapKind, words: string]; undo: []; reopen: [] }>()

const HOUR_S = 3600

const units = useUnits()
const problem = ref<string | null>(null)
const busy = ref(false)
const stamp = ref(0)
const left = computed(() => props.bake.leftovers)
const toFridge = computed(() => (left.value ? (Date.parse(left.value.fridgeBy) - props.now) / 1000 : 0))
const shown = computed(() => `${api.photo(props.bake.id)}?${props.bake.revision}.${stamp.value}`)

async function attempt(action: () => Promise<unknown>) {
  busy.value = true
  problem.value = null
  try {
    await action()
    stamp.value++
  } catch (failure) {
    if (!(failure instanceof Problem)) throw failure
    problem.value = failure.message
  } finally {
    busy.value = false
  }
}
function taken(event: Event) {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  field.value = ''
  if (file) void attempt(() => api.keepPhoto(props.bake.id, file))
}
</script>

<template>
  <section class="after" :aria-label="t('ui.after-panel.afterwards')">
    <div v-if="left && !left.cleared" class="left" :class="{ late: toFridge < HOUR_S / 4 }">
      <p class="clock">
        <span role="timer">{{ toFridge > 0 ? runningClock(toFridge) : t('ui.after-panel.over') }}</span>
        {{
          toFridge > 0
            ? t('ui.after-panel.until-what-is-left-must', { fridgeBy: clock(new Date(left.fridgeBy)) })
            : t('ui.after-panel.two-hours-are-over-throw')
        }}
      </p>
      <p class="rule">{{ left.words }}</p>
      <div class="choices">
        <button v-if="toFridge > 0" class="main-action" @click="emit('tap', 'CHILLED', t('ui.tap.fridge'))">
          {{ t('ui.after-panel.in-the-fridge') }}
        </button>
        <button @click="emit('tap', 'NONE_LEFT', t('ui.tap.none-left'))">
          {{ t('ui.after-panel.nothing-is-left') }}
        </button>
        <button @click="emit('tap', 'BINNED', t('ui.tap.thrown-out'))">
          {{ t('ui.after-panel.thrown-out') }}
        </button>
      </div>
    </div>
    <div v-else-if="left?.cleared" class="left done" role="status">
      <p v-if="left.useBy">
        <EmphasisedText
          :said="t('ui.after-panel.in-the-fridge-eat-it', { day: day(new Date(left.useBy)) })"
        />
        {{ left.words }}
      </p>
      <p v-else>
        {{ BECAME[left.cleared] }}
      </p>
      <button class="quiet-action" @click="emit('undo')">{{ t('ui.after-panel.undo') }}</button>
    </div>

    <div class="line">
      <h1>{{ bake.title }}: {{ bake.verdict ? VERDICTS[bake.verdict].toLowerCase() : '' }}</h1>
      <p>
        {{
          t('ui.after-panel.min-at-likely-said', {
            minutes: minutesInWords(bake.actualMin ?? 0),
            dial: units.dial(bake.dialC),
            likely: minutesInWords(bake.likelyMin),
          })
        }}<template v-if="bake.probeC !== undefined">{{
          t('ui.after-panel.probe', { probe: units.degrees(bake.probeC) })
        }}</template
        ><template v-if="bake.portions">, {{ t('ui.helpings', { n: bake.portions }) }}</template
        >.
      </p>
      <p v-if="bake.note" class="note">“{{ bake.note }}”</p>
      <p v-if="bake.lesson" class="lesson">{{ bake.lesson }}</p>
      <p v-else class="lesson pending">
        {{ t('ui.after-panel.working-out-what-this-says', { ovenName: bake.ovenName }) }}
      </p>
      <RouterLink to="/log">{{ t('ui.after-panel.see-it-in-the-log') }}</RouterLink>
      <button class="quiet-action" @click="emit('reopen')">
        {{ t('ui.after-panel.say-it-again') }} <kbd>z</kbd>
      </button>
    </div>

    <figure>
      <img
        v-if="bake.hasPhoto"
        :src="shown"
        :alt="t('ui.after-panel.as-it-was-served', { title: bake.title })"
      />
      <label class="photo" :class="{ small: bake.hasPhoto }">
        <input type="file" accept="image/jpeg,image/png" :disabled="busy" @change="taken" />
        {{
          busy
            ? t('ui.after-panel.keeping-it')
            : bake.hasPhoto
              ? t('ui.after-panel.another-photo')
              : t('ui.after-panel.add-a-photo')
        }}
      </label>
      <button
        v-if="bake.hasPhoto"
        class="quiet-action"
        :disabled="busy"
        @click="attempt(() => api.dropPhoto(bake.id))"
      >
        {{ t('ui.after-panel.remove-it') }}
      </button>
      <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    </figure>

    <HowItWent v-if="bake.actualMin !== undefined && bake.revision >= 0" class="went" :bake="bake" />
  </section>
</template>

<style scoped>
.after {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr) minmax(0, 0.9fr);
  align-items: start;
  gap: 24px;
  padding: 16px 24px;
}
.clock {
  margin: 0;
  font-size: 20px;
}
.clock span {
  display: block;
  font: 700 96px/1 var(--figures);
  letter-spacing: -0.04em;
}
.late .clock span {
  color: var(--danger);
}
.rule {
  color: var(--ink-soft);
}
.choices {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.choices .main-action {
  grid-column: 1 / 3;
  min-height: 84px;
  font-size: 24px;
}
.choices button:not(.main-action) {
  min-height: 72px;
  border: 2px solid #a9a695;
  border-radius: 6px;
  background: #fff;
  font-size: 18px;
}
.done p {
  margin: 0;
  font-size: 22px;
}
h1 {
  margin: 0;
  font-size: 24px;
}
.went {
  grid-column: 1 / 3;
}
.line p {
  margin: 4px 0;
}
.lesson {
  padding-left: 10px;
  border-left: 5px solid var(--brine);
  font-size: 18px;
}
.pending {
  border-color: var(--rule);
  color: var(--ink-soft);
}
.line a {
  display: inline-flex;
  align-items: center;
  margin-right: 12px;
  color: var(--ink);
}
.line a,
.quiet-action {
  min-height: 72px;
}
figure {
  grid-row: 1 / 3;
  grid-column: 3;
  margin: 0;
}
img {
  display: block;
  width: 100%;
  max-height: 300px;
  object-fit: cover;
}
.photo {
  display: grid;
  place-items: center;
  min-height: 150px;
  border: 2px dashed #a9a695;
  border-radius: 6px;
  font-size: 18px;
  cursor: pointer;
}
.photo.small {
  min-height: 72px;
  margin-top: 8px;
}
.photo:focus-within {
  outline: 3px solid var(--brine);
}
.photo input {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
.wrong {
  color: var(--danger);
}
@media (max-width: 900px) {
  .after {
    grid-template-columns: minmax(0, 1fr);
    padding: 12px 14px;
  }
  .went,
  figure {
    grid-row: auto;
    grid-column: 1;
  }
}
</style>
