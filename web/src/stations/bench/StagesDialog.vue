<script setup lang="ts">
import { computed, ref } from 'vue'
import type { StageInput } from '../../api/types'
import { without } from '../../api/without'
import NoteInput from '../../components/NoteInput.vue'
import NumberField from '../../components/NumberField.vue'
import SideDialog from '../../components/SideDialog.vue'
import { t } from '../../messages/say'
import { asked, useBench } from '../../stores/bench'
import { ADDED } from '../../messages/labels'
import { stageWords } from './stageWords'

/**
 * The programme as a list: each stage with its dial and its minutes, taken out, moved, and new ones put in. What is done here is
 * done on the bench at once, and can be undone there.
 */
const shown = defineModel<boolean>({ required: true })

const bench = useBench()

const stages = computed<StageInput[]>(() => bench.on.stages ?? bench.answer?.programme.map(asked) ?? [])
const rests = (stage: StageInput | undefined) => stage?.stage === 'REST'
/** Without its rest, which stands last and stays there. */
const before = computed(() => stages.value.filter((s) => !rests(s)))
const rest = computed(() => stages.value.find(rests))
/** How long the answer has what is left to be solved, min. */
const solved = (at: number) => {
  const span = bench.answer?.programme[at]
  return span && span.stage === stages.value[at]?.stage
    ? Math.round(2 * (span.toMin - span.fromMin)) / 2
    : undefined
}
const wrong = computed(() => bench.problem?.errors.filter((e) => e.field.startsWith('programme')) ?? [])

/** The dial of the bench is that of the first bake. */
function keep(next: StageInput[], end = rest.value) {
  const tempC = next.find((s) => s.tempC !== undefined)?.tempC
  bench.change({ stages: [...next, ...(end ? [end] : [])], ...(tempC === undefined ? {} : { tempC }) })
}
const set = (at: number, stage: StageInput) => keep(before.value.map((s, i) => (i === at ? stage : s)))
function setMinutes(at: number, minutes: number | null) {
  const stage = without(before.value[at]!, 'minutes', 'share', 'untilC')
  set(at, minutes === null ? stage : { ...stage, minutes })
}
/** The stage whose words somebody wants to write. */
const opened = ref<number | null>(null)
/** What goes on is told in the cook's words more often than not; the rest of it on demand. */
const wordy = (stage: StageInput, at: number) =>
  stage.stage === 'ADD' || Boolean(stage.note) || opened.value === at
/** With what the cook says of it, or without a word. */
const noted = (stage: StageInput, note: string): StageInput =>
  note ? { ...stage, note } : without(stage, 'note')
/** So far under the grill, or as is usual. */
const placed = (stage: StageInput, underMm: number | null): StageInput =>
  underMm === null ? without(stage, 'underMm') : { ...stage, underMm }
/** Until its middle is so warm, or so many minutes: not both. */
function setUntil(at: number, untilC: number | null) {
  const stage = without(before.value[at]!, 'minutes', 'share', 'untilC')
  set(at, untilC === null ? stage : { ...stage, untilC })
}
function move(at: number, by: number) {
  const next = [...before.value]
  ;[next[at], next[at + by]] = [next[at + by]!, next[at]!]
  keep(next)
}
const dial = () => before.value.filter((s) => s.tempC !== undefined).at(-1)?.tempC ?? bench.on.tempC

/** What takes its minutes. */
const LASTING: StageInput['stage'][] = ['BAKE', 'GRILL', 'HOB']
/** What is put in lasts so long until somebody says otherwise, min. */
const LASTS_MIN = 5
/** What can be put in, and as what. */
const MORE: [string, () => StageInput][] = [
  [t('ui.stages.bake'), () => ({ stage: 'BAKE', tempC: dial(), minutes: LASTS_MIN })],
  [t('ui.stages.grill'), () => ({ stage: 'GRILL', minutes: bench.catalogue?.usuals.grillMin ?? LASTS_MIN })],
  [t('ui.stages.turn'), () => ({ stage: 'TURN' })],
  [t('ui.stages.topping'), () => ({ stage: 'ADD', what: 'TOPPING' })],
  [t('ui.stages.uncover'), () => ({ stage: 'UNCOVER' })],
  [t('ui.stages.baste'), () => ({ stage: 'ADD', what: 'BASTE' })],
  [t('ui.stages.lemon'), () => ({ stage: 'ADD', what: 'LEMON' })],
  [ADDED.GLAZE.toLowerCase(), () => ({ stage: 'ADD', what: 'GLAZE' })],
  [ADDED.SIDES.toLowerCase(), () => ({ stage: 'ADD', what: 'SIDES' })],
  [ADDED.FISH.toLowerCase(), () => ({ stage: 'ADD', what: 'FISH' })],
]
/** What stands first stands before what is there. */
const FIRST: [string, () => StageInput][] = [
  [t('ui.stages.hob'), () => ({ stage: 'HOB', minutes: LASTS_MIN })],
]
</script>

<template>
  <SideDialog v-model="shown" :title="t('ui.stages.title')" :widest="780">
    <ol class="stages" :aria-label="t('ui.stages.title')">
      <li v-for="(stage, i) in before" :key="i">
        <b>{{ i + 1 }} {{ stageWords(stage) }}</b>
        <NumberField
          v-if="stage.stage === 'BAKE'"
          :label="t('ui.stages.dial', { n: i + 1 })"
          kind="heat"
          :model-value="stage.tempC ?? null"
          @update:model-value="(tempC) => tempC !== null && set(i, { ...stage, tempC })"
        />
        <NumberField
          v-if="LASTING.includes(stage.stage)"
          :label="t('ui.stages.minutes', { n: i + 1 })"
          :sign="stage.minutes === undefined ? t('ui.stages.until-done') : t('ui.stages.min')"
          :usual="solved(i)"
          :model-value="stage.minutes ?? null"
          @update:model-value="
            (minutes) => (stage.stage === 'BAKE' || minutes !== null) && setMinutes(i, minutes)
          "
        />
        <NumberField
          v-if="stage.stage === 'GRILL'"
          :label="t('ui.stages.under', { n: i + 1 })"
          kind="length"
          :usual="bench.catalogue?.usuals.grillUnderMm"
          :model-value="stage.underMm ?? null"
          @update:model-value="(underMm) => set(i, placed(stage, underMm))"
        />
        <NumberField
          v-if="stage.stage === 'BAKE'"
          :label="t('ui.stages.until-middle', { n: i + 1 })"
          kind="heat"
          :model-value="stage.untilC ?? null"
          @update:model-value="(untilC) => setUntil(i, untilC)"
        />
        <NoteInput
          v-if="wordy(stage, i)"
          class="note"
          :label="t('ui.stages.note', { n: i + 1 })"
          :longest="bench.limits?.longest.recipeLine"
          :model-value="stage.note ?? ''"
          @update:model-value="(note) => set(i, noted(stage, note))"
        />
        <span class="by">
          <button
            v-if="!wordy(stage, i)"
            class="quiet-action"
            :aria-label="t('ui.stages.words-of', { n: i + 1 })"
            @click="opened = i"
          >
            {{ t('ui.stages.words') }}
          </button>
          <button
            class="quiet-action"
            :disabled="i === 0"
            :aria-label="t('ui.stages.earlier', { n: i + 1 })"
            @click="move(i, -1)"
          >
            ↑
          </button>
          <button
            class="quiet-action"
            :disabled="i === before.length - 1"
            :aria-label="t('ui.stages.later', { n: i + 1 })"
            @click="move(i, 1)"
          >
            ↓
          </button>
          <button
            class="quiet-action"
            :disabled="before.length === 1"
            :aria-label="t('ui.stages.take-out', { n: i + 1 })"
            @click="keep(before.filter((_, other) => other !== i))"
          >
            ×
          </button>
        </span>
      </li>
      <li>
        <b>{{ t('ui.stages.rest') }}</b>
        <NumberField
          :label="t('ui.stages.rest-minutes')"
          :sign="bench.rest === 0 ? t('ui.stages.at-once') : t('ui.stages.min')"
          :usual="bench.answer?.usualRestMinutes"
          :model-value="bench.rest"
          @update:model-value="bench.setRest"
        />
        <button
          v-if="!wordy(rest ?? { stage: 'REST' }, before.length)"
          class="quiet-action"
          :aria-label="t('ui.stages.words-of-rest')"
          @click="opened = before.length"
        >
          {{ t('ui.stages.words') }}
        </button>
        <NoteInput
          v-else
          class="note"
          :label="t('ui.stages.rest-note')"
          :longest="bench.limits?.longest.recipeLine"
          :model-value="rest?.note ?? ''"
          @update:model-value="(note) => keep(before, noted(rest ?? { stage: 'REST' }, note))"
        />
      </li>
    </ol>
    <p v-for="one in wrong" :key="one.message" class="wrong" role="alert">{{ one.message }}</p>
    <p class="more">
      {{ t('ui.stages.put-in') }}
      <button
        v-for="[name, make] in FIRST"
        :key="name"
        class="quiet-action"
        @click="keep([make(), ...before])"
      >
        + {{ name }}
      </button>
      <button
        v-for="[name, make] in MORE"
        :key="name"
        class="quiet-action"
        @click="keep([...before, make()])"
      >
        + {{ name }}
      </button>
    </p>
    <p class="more">
      <button
        class="quiet-action"
        :disabled="bench.on.stages === null"
        @click="bench.change({ stages: null })"
      >
        {{ t('ui.stages.as-usual') }}
      </button>
      <button class="quiet-action" @click="bench.undo()">{{ t('ui.undo') }}</button>
    </p>
  </SideDialog>
</template>

<style scoped>
.stages {
  margin: 0;
  padding: 0;
  list-style: none;
}
.stages li {
  display: grid;
  grid-template-columns: minmax(90px, 1fr) 110px 150px 150px auto;
  align-items: end;
  justify-items: start;
  gap: 4px 12px;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
.stages li:last-child {
  grid-template-columns: minmax(90px, 1fr) 380px auto;
}
.stages b {
  align-self: center;
}
.note {
  grid-column: 2 / 5;
  justify-self: stretch;
}
.by {
  grid-column: 5;
  display: flex;
}
.by button,
.more button {
  min-width: 40px;
  min-height: 44px;
}
.more {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 14px;
  margin: 8px 0 0;
}
.wrong {
  margin: 8px 0 0;
  padding: 8px 12px;
  border-left: 4px solid var(--danger);
}
@media (max-width: 600px) {
  .stages li,
  .stages li:last-child {
    grid-template-columns: 1fr 1fr;
  }
  .by {
    grid-column: 1 / 3;
  }
}
</style>
