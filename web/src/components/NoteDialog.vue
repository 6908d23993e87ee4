<script setup lang="ts">
import { computed, ref } from 'vue'
import { newId } from '../api/id'
import type { Note } from '../api/types'
import { useTried } from '../composables/tried'
import { t } from '../messages/say'
import { useBench } from '../stores/bench'
import { type Kept, useNotes } from '../stores/notes'
import ChoiceRow from './ChoiceRow.vue'
import SideDialog from './SideDialog.vue'

/** Writes a note of the house's, or writes it anew. */
const shown = defineModel<boolean>({ required: true })
const props = defineProps<{ choices: Kept[]; note?: Note | undefined }>()

const notes = useNotes()
const bench = useBench()
const { problem, tried } = useTried()
/** Kept until it is answered: what is sent twice is one note. */
const id = props.note?.id ?? newId()
const words = ref(props.note?.words ?? '')
const at = ref(
  Math.max(
    0,
    props.choices.findIndex((one) => one.about === props.note?.about && one.of === props.note.of),
  ),
)
const rows = computed(() =>
  props.choices.map((one, i) => ({ value: String(i), words: notes.names(one) || t('ui.notes.an-oven') })),
)

const save = () =>
  tried(async () => {
    await notes.write({ id, ...props.choices[at.value]!, words: words.value })
    shown.value = false
  })
const strike = () =>
  tried(async () => {
    await notes.strike(id)
    shown.value = false
  })
</script>

<template>
  <SideDialog v-model="shown" :title="note ? t('ui.notes.change') : t('ui.notes.write')" :widest="520">
    <form @submit.prevent="save">
      <ChoiceRow
        v-if="rows.length > 1"
        :name="t('ui.notes.of')"
        :choices="rows"
        :chosen="String(at)"
        @choose="at = Number($event)"
      />
      <label>
        {{ t('ui.notes.words') }}
        <textarea v-model="words" rows="4" :maxlength="bench.limits?.longest.note" required />
      </label>
      <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
      <div class="doing">
        <button class="main-action">{{ t('ui.notes.save') }}</button>
        <button v-if="note" type="button" class="quiet-action" @click="strike">
          {{ t('ui.notes.strike') }}
        </button>
      </div>
    </form>
  </SideDialog>
</template>

<style scoped>
label {
  display: block;
  margin-top: 10px;
}
textarea {
  display: block;
  width: 100%;
  padding: 8px;
  border: 1px solid #a9a695;
  border-radius: 4px;
  font: inherit;
}
.doing {
  display: flex;
  align-items: center;
  gap: 16px;
  margin-top: 10px;
}
.doing .main-action {
  width: auto;
  padding: 0 28px;
}
.wrong {
  color: var(--danger);
}
</style>
