<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { Note } from '../api/types'
import { t } from '../messages/say'
import { day } from '../messages/time'
import { type Kept, useNotes } from '../stores/notes'
import NoteDialog from './NoteDialog.vue'

/** What the house has noted of what is at hand; each can be changed where it is read. */
const props = defineProps<{
  kept: Kept[]
  /** Whether it lies in a part of the page that has a name already. */
  part?: boolean
}>()

const notes = useNotes()
const shown = computed(() => notes.of(props.kept))
const open = ref(false)
const changed = ref<Note | undefined>()
const by = ({ by: name, at }: Note) =>
  name ? t('ui.notes.by', { name, day: day(new Date(at)) }) : day(new Date(at))

function change(note: Note) {
  changed.value = note
  open.value = true
}
/* A part of the book is there when the book is. */
onMounted(() => {
  if (!props.part) void notes.open()
})
</script>

<template>
  <component
    :is="part ? 'div' : 'section'"
    v-if="shown.length"
    class="notes"
    :aria-label="part ? undefined : t('ui.notes.title')"
  >
    <p v-for="note in shown" :key="note.id">
      <b>{{ notes.names(note) || t('ui.notes.an-oven') }}:</b> <span data-typed>{{ note.words }}</span>
      <small>{{ by(note) }}</small>
      <button class="quiet-action" @click="change(note)">{{ t('ui.notes.change') }}</button>
    </p>
    <NoteDialog v-if="open" :key="changed?.id ?? ''" v-model="open" :choices="kept" :note="changed" />
  </component>
</template>

<style scoped>
.notes {
  padding: 6px 10px;
  border-left: 4px solid var(--ink);
  background: #efe6d4;
  font-size: 15px;
}
p {
  margin: 2px 0;
  overflow-wrap: anywhere;
}
small {
  margin: 0 4px;
  color: var(--ink-soft);
  white-space: nowrap;
}
.quiet-action {
  min-height: 24px;
  padding: 0 4px;
  font-size: 13px;
}
@media print {
  button,
  small {
    display: none;
  }
}
</style>
