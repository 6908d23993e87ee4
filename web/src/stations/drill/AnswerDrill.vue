<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '../../api/client'
import type { Round, Score } from '../../api/types'
import NumberField from '../../components/NumberField.vue'
import { useTried } from '../../composables/tried'
import { t } from '../../messages/say'
import SenseGlyph from '../counter/SenseGlyph.vue'
import PieceByEye from './PieceByEye.vue'

/** A drill of a minute: a fish to be graded, or a piece to be measured by eye. The first answer stands. */
const props = defineProps<{ round: Round }>()
const emit = defineEmits<{ gone: [round: Round]; next: []; again: [] }>()

const mm = ref<number | null>(null)
const { problem, tried } = useTried()
const GRADES: { value: Score; words: string }[] = [
  { value: 'EXTRA', words: t('score.EXTRA') },
  { value: 'A', words: t('score.A') },
  { value: 'B', words: t('score.B') },
  { value: 'REFUSED', words: t('score.REFUSED') },
]
const said = computed(() => props.round.said)

const answer = (body: { grade?: Score; mm?: number }) =>
  tried(async () => emit('gone', await api.answerRound(props.round.id, body)))
</script>

<template>
  <div class="answer">
    <section :aria-label="t('ui.drill.what-is-seen')">
      <table v-if="round.fish" class="lines">
        <caption>
          {{
            round.fish.whole ? t('ui.drill.whole-fish') : t('ui.drill.fillet')
          }}
        </caption>
        <tbody>
          <tr v-for="one in round.fish.looks" :key="one.sense">
            <td class="glyph"><SenseGlyph :sense="one.sense" :score="one.shows" /></td>
            <th scope="row">{{ one.name }}</th>
            <td>{{ one.look }}</td>
          </tr>
        </tbody>
      </table>
      <PieceByEye v-else-if="round.piece" :piece="round.piece" />
    </section>
    <section :aria-label="t('ui.drill.your-answer')">
      <template v-if="!said">
        <div v-if="round.fish" class="grades">
          <button
            v-for="grade in GRADES"
            :key="grade.value"
            class="plain"
            @click="answer({ grade: grade.value })"
          >
            {{ grade.words }}
          </button>
        </div>
        <form v-else @submit.prevent="answer(mm === null ? {} : { mm })">
          <NumberField v-model="mm" :label="t('ui.drill.how-thick')" kind="length" />
          <button class="main-action">{{ t('ui.drill.say') }}</button>
        </form>
      </template>
      <div v-else role="status">
        <p class="verdict" :class="{ off: !said.close }">{{ said.words }}</p>
        <p v-if="said.reason">{{ said.reason }}</p>
        <div class="then">
          <button class="main-action" @click="emit('again')">{{ t('ui.drill.another') }}</button>
          <button class="second-action" @click="emit('next')">{{ t('ui.drill.next-round') }}</button>
        </div>
      </div>
      <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    </section>
  </div>
</template>

<style scoped>
.answer {
  display: grid;
  grid-template-columns: 1fr 340px;
  align-items: start;
  gap: 28px;
}
caption {
  padding-bottom: 6px;
  text-align: left;
  font-size: 18px;
  font-weight: 700;
}
th {
  width: 130px;
  font-weight: 400;
  color: var(--ink-soft);
}
td {
  font-size: 18px;
}
.glyph {
  width: 64px;
}
.grades {
  display: grid;
  gap: 10px;
}
.plain {
  min-height: 64px;
  border: 2px solid #a9a695;
  border-radius: 6px;
  background: #fff;
  font-size: 18px;
  font-weight: 700;
}
.main-action {
  margin-top: 10px;
}
.verdict {
  margin: 0 0 10px;
  padding: 10px 14px;
  border-left: 6px solid var(--kelp);
  background: var(--paper);
  font-size: 22px;
  font-weight: 700;
}
.verdict.off {
  border-color: var(--ember);
}
.then {
  display: grid;
  gap: 10px;
}
.wrong {
  color: var(--danger);
}
@media (max-width: 800px) {
  .answer {
    grid-template-columns: 1fr;
    gap: 14px;
  }
}
</style>
