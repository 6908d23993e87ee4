<script setup lang="ts">
import { useBench } from '../../stores/bench'
import { t } from '../../messages/say'
import { computed, ref } from 'vue'
import type { Bake, Cue } from '../../api/types'
import CueSwatch from '../../drawing/CueSwatch.vue'
import { CUES } from '../../messages/labels'
import { minutesInWords } from '../../messages/time'
import { useUnits } from '../../messages/units'

/** The check: what do you see? One tap, and the window narrows. */
const props = defineProps<{ bake: Bake }>()
const emit = defineEmits<{ seen: [cue: Cue]; read: [celsius: number] }>()

const bench = useBench()
const units = useUnits()
const typed = ref('')
const checking = computed(() => props.bake.checking)
const celsius = computed(() => {
  const number = Number(typed.value.trim().replace(',', '.'))
  return typed.value.trim() === '' || Number.isNaN(number) ? null : units.unit('heat').to(number)
})
const wrong = computed(() => {
  const { coldestReadC: least, hottestReadC: most } = bench.limits ?? {}
  if (celsius.value === null || least === undefined || most === undefined) return null
  return celsius.value < least || celsius.value > most
    ? t('ui.look-panel.a-thermometer-in-fish-reads', {
        least: units.degrees(least),
        most: units.degrees(most),
      })
    : null
})

function read() {
  if (celsius.value === null || wrong.value) return
  emit('read', celsius.value)
  typed.value = ''
}

/** What the last look came to, plainly. */
const verdict = computed(() => {
  const look = props.bake.look
  if (!look) return null
  const other = look.surprising ? t('ui.look-panel.that-is-far-from-what') : ''
  if (look.advice === 'TAKE_OUT')
    return look.then
      ? { word: `${look.then}.`, why: t('ui.look-panel.it-has-had-its-bake', { other }) }
      : { word: t('ui.look-panel.take-it-out'), why: t('ui.look-panel.it-has-what-it-needs', { other }) }
  if (look.advice === 'PAST') {
    const to = units.degrees(look.peakIfOutC)
    return {
      word: t('ui.look-panel.it-is-past-out-at'),
      why: t('ui.look-panel.its-middle-goes-to-no', { peak: to, other }),
    }
  }
  const gained = look.widthBeforeMin - look.widthAfterMin
  const early = look.early ? t('ui.look-panel.a-good-early-look') : t('ui.look-panel.a-good-look')
  const narrowed =
    gained > 0.25
      ? t('ui.look-panel.the-window-is-min-narrower', { early, gained: minutesInWords(gained) })
      : `${early}.`
  const then = look.then ? `, ${look.then}` : ''
  const give = minutesInWords(Math.max(0.5, look.giveItMin))
  return {
    word: t('ui.look-panel.give-it-more', { give, minutes: look.giveItMin, then }),
    why: narrowed + other,
  }
})
</script>

<template>
  <section class="look" :aria-label="t('ui.look-panel.the-check')">
    <p v-if="verdict" class="verdict" :class="bake.look!.advice.toLowerCase()" role="status">
      <b>{{ verdict.word }}</b> {{ verdict.why }}
    </p>
    <p class="where">
      <b>{{ t('ui.look-panel.where') }}</b> {{ checking.where }}
    </p>
    <div class="cues">
      <button v-for="cue in checking.cues" :key="cue" type="button" @click="emit('seen', cue)">
        <span class="patch"><CueSwatch :cue="cue" /></span>
        <b>{{ CUES[cue].name }}</b>
        <span>{{ CUES[cue].look }}</span>
      </button>
      <form @submit.prevent="read">
        <label>
          <span class="says">{{ t('ui.look-panel.a-thermometer-says') }}</span>
          <span>
            <input v-model="typed" inputmode="decimal" :aria-label="t('ui.look-panel.a-thermometer-says')" />
            {{ units.unit('heat').sign }}
          </span>
        </label>
        <button :disabled="celsius === null || Boolean(wrong)">{{ t('ui.look-panel.note-it') }}</button>
        <p v-if="wrong" role="alert">{{ wrong }}</p>
      </form>
    </div>
  </section>
</template>

<style scoped>
.look {
  display: grid;
  gap: 8px;
}
.verdict {
  margin: 0;
  padding: 6px 14px;
  border-left: 6px solid var(--kelp);
  background: #fff;
  font-size: 18px;
}
.verdict.past {
  border-color: var(--danger);
}
.verdict.take_out {
  border-color: var(--clay);
}
.where {
  margin: 0;
  color: var(--ink-soft);
}
.where b {
  color: var(--ink);
}
.cues {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(158px, 1fr));
  gap: 10px;
}
.cues > button {
  display: grid;
  grid-template-columns: 52px 1fr;
  grid-template-rows: auto auto;
  align-content: center;
  column-gap: 10px;
  min-height: 76px;
  padding: 0 8px 0 0;
  overflow: hidden;
  border: 2px solid #a9a695;
  border-radius: 6px;
  background: #fff;
  text-align: left;
  line-height: 1.15;
}
.cues > button:hover {
  border-color: var(--kelp);
}
.patch {
  grid-row: 1 / 3;
  height: 72px;
}
.cues b {
  align-self: end;
  font-size: 16px;
}
.cues > button > span:last-child {
  color: var(--ink-soft);
  font-size: 14px;
}
form {
  grid-column: span 2;
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: stretch;
  min-height: 76px;
  padding-left: 12px;
  border: 2px solid #a9a695;
  border-radius: 6px;
  background: #fff;
}
form label,
form label span {
  display: flex;
  align-items: center;
  gap: 6px;
}
.says {
  flex: 1;
  line-height: 1.15;
}
form input {
  width: 84px;
  min-height: 60px;
  border: 1px solid #a9a695;
  border-radius: 4px;
  font-size: 22px;
  text-align: right;
}
form button {
  min-height: 72px;
  margin-left: 12px;
  padding: 0 14px;
  border: 0;
  background: #efebdf;
  font-weight: 700;
}
form p {
  grid-column: 1 / 3;
  margin: 0;
  color: var(--danger);
}
@media (max-width: 600px) {
  .cues {
    grid-template-columns: 1fr 1fr;
    gap: 8px;
  }
  .cues > button {
    grid-template-columns: 44px 1fr;
  }
}
</style>
