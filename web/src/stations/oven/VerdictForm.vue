<script setup lang="ts">
import { useBench } from '../../stores/bench'
import { t } from '../../messages/say'
import { ElInput } from 'element-plus'
import 'element-plus/es/components/input/style/css'
import { computed } from 'vue'
import type { HowItWas, Verdict } from '../../api/types'
import { fleshColour } from '../../drawing/flesh'
import { VERDICT_ORDER, VERDICTS } from '../../messages/labels'
import { useUnits } from '../../messages/units'
import { draftOf, dropDraft } from '../../composables/drafts'

/** How was it? One tap is enough; a probe reading and a note are for whoever has a hand free. */
const props = defineProps<{ bakeId: string; busy: boolean; targetC: number }>()
const emit = defineEmits<{
  log: [how: HowItWas]
  /** Somebody is at it; or has left it with nothing in it. */
  begun: [whether: boolean]
}>()

const bench = useBench()
const units = useUnits()
/* What is typed stays, whatever the screen has to show meanwhile. */
const draft = draftOf(props.bakeId)

/** What the flesh looked like when it was so, °C against the target. */
const LOOKS: Record<Verdict, { shift: number; words: string }> = {
  UNDER: { shift: -14, words: t('ui.verdict-form.glassy-held-together') },
  RIGHT: { shift: 0, words: t('ui.verdict-form.as-it-should-be') },
  OVER: { shift: 18, words: t('ui.verdict-form.dry-white-beads') },
}

const probeC = computed(() => {
  const typed = draft.probe.trim().replace(',', '.')
  return typed === '' ? undefined : units.unit('heat').to(Number(typed))
})
const wrong = computed(() => {
  if (probeC.value === undefined) return null
  if (Number.isNaN(probeC.value)) return t('ui.verdict-form.is-no-temperature', { probe: draft.probe })
  const { coldestServedC: least, hottestReadC: most } = bench.limits ?? {}
  if (least === undefined || most === undefined) return null
  return probeC.value < least || probeC.value > most
    ? t('ui.verdict-form.a-probe-in-fish-reads', { least: units.degrees(least), most: units.degrees(most) })
    : null
})

function say(verdict: Verdict) {
  if (wrong.value) return
  emit('log', {
    verdict,
    ...(probeC.value === undefined ? {} : { probeC: probeC.value }),
    ...(draft.note.trim() ? { note: draft.note.trim() } : {}),
  })
  dropDraft(props.bakeId)
}

function left(event: FocusEvent) {
  const within = (event.currentTarget as HTMLElement).contains(event.relatedTarget as Node | null)
  if (!within && !draft.probe && !draft.note) emit('begun', false)
}
</script>

<template>
  <form class="verdict" @submit.prevent @focusin="emit('begun', true)" @focusout="left">
    <h2>{{ t('ui.verdict-form.how-was-it') }}</h2>
    <div class="extras">
      <label>
        {{ t('ui.verdict-form.probe-at-the-middle-if') }}
        <span class="probe">
          <ElInput
            v-model="draft.probe"
            inputmode="decimal"
            :aria-label="t('ui.verdict-form.probe-at-the-middle')"
          />
          {{ units.unit('heat').sign }}
        </span>
      </label>
      <label class="note">
        {{ t('ui.verdict-form.for-next-time') }}
        <ElInput
          v-model="draft.note"
          :maxlength="bench.limits?.longest.note"
          :placeholder="t('ui.verdict-form.e-g-the-left-end')"
          :aria-label="t('ui.verdict-form.note')"
        />
      </label>
    </div>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <div class="choices">
      <button
        v-for="verdict in VERDICT_ORDER"
        :key="verdict"
        type="button"
        :disabled="busy || Boolean(wrong)"
        @click="say(verdict)"
      >
        <svg viewBox="0 0 120 30" preserveAspectRatio="none" aria-hidden="true">
          <rect width="120" height="30" :fill="fleshColour(props.targetC + LOOKS[verdict].shift)" />
          <path
            v-for="i in 7"
            :key="i"
            :d="`M${i * 16 - 6} 0q6 15 0 30`"
            fill="none"
            stroke="#6b5b3e"
            :stroke-width="verdict === 'OVER' ? 3 : 1.2"
            :opacity="verdict === 'UNDER' ? 0.15 : 0.45"
          />
        </svg>
        <b>{{ VERDICTS[verdict] }}</b>
        <span>{{ LOOKS[verdict].words }}</span>
      </button>
    </div>
  </form>
</template>

<style scoped>
.verdict {
  display: grid;
  grid-template-columns: auto 1fr;
  align-items: center;
  gap: 8px 24px;
  width: 100%;
}
h2 {
  margin: 0;
  font-size: 24px;
}
.extras {
  display: flex;
  flex-wrap: wrap;
  justify-content: end;
  gap: 8px 24px;
}
label {
  display: flex;
  align-items: center;
  gap: 10px;
  font-size: 15px;
}
.probe {
  display: flex;
  align-items: center;
  gap: 6px;
  width: 110px;
}
.note {
  flex: 1;
  max-width: 460px;
}
.note :deep(.el-input),
.probe :deep(.el-input) {
  flex: 1;
  --el-input-height: 44px;
  font-size: 16px;
}
.choices {
  grid-column: 1 / 3;
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 14px;
}
.choices button {
  display: flex;
  flex-direction: column;
  min-height: 112px;
  padding: 0 0 8px;
  overflow: hidden;
  border: 2px solid #a9a695;
  border-radius: 6px;
  background: #fff;
  text-align: left;
}
.choices button:hover:not(:disabled) {
  border-color: var(--kelp);
}
.choices svg {
  width: 100%;
  height: 48px;
  flex: none;
}
.choices b {
  padding: 6px 14px 0;
  font-size: 20px;
}
.choices span {
  padding: 0 14px;
  color: var(--ink-soft);
}
.wrong {
  grid-column: 1 / 3;
  margin: 0;
  color: var(--danger);
}
@media (max-width: 760px) {
  .verdict {
    grid-template-columns: minmax(0, 1fr);
  }
  .choices,
  .wrong {
    grid-column: 1;
  }
  .choices {
    grid-template-columns: 1fr;
    gap: 8px;
  }
  .choices button {
    min-height: 84px;
  }
  .choices svg {
    height: 26px;
  }
  label {
    flex-wrap: wrap;
    width: 100%;
  }
}
</style>
