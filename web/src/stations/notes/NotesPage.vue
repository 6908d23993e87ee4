<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { Note } from '../../api/types'
import HouseNotes from '../../components/HouseNotes.vue'
import NoteDialog from '../../components/NoteDialog.vue'
import { t } from '../../messages/say'
import { DRESS_BUTTONS } from '../../messages/labels'
import { useBench } from '../../stores/bench'
import { useKitchen } from '../../stores/kitchen'
import { type Kept, KINDS, useNotes } from '../../stores/notes'

/** The house's book: all that is noted of fish, dishes and ovens. */
const bench = useBench()
const kitchen = useKitchen()
const notes = useNotes()
const writes = ref<Note['about'] | null>(null)
const TITLES: Record<Note['about'], string> = {
  FISH: t('ui.notes.fish'),
  DISH: t('ui.notes.dish'),
  OVEN: t('ui.notes.oven'),
}

/** All that a note can be kept to. */
const choices = computed<Record<Note['about'], Kept[]>>(() => ({
  FISH: [
    ...kitchen.fish.map((own) => ({ about: 'FISH' as const, of: own.name })),
    ...(bench.catalogue?.species ?? []).map(({ key }) => ({ about: 'FISH' as const, of: key })),
  ],
  DISH: DRESS_BUTTONS.map((of) => ({ about: 'DISH' as const, of })),
  OVEN: bench.ovens.map((oven) => ({ about: 'OVEN' as const, of: String(oven.id) })),
}))
/** Those that there are notes of; an oven that was put away among them. */
const noted = computed(() =>
  KINDS.map((about) => ({
    about,
    kept: notes.all.filter((note) => note.about === about).map(({ of }) => ({ about, of })),
  })),
)

onMounted(() => {
  void bench.open()
  void kitchen.open()
  void notes.open()
})
</script>

<template>
  <main class="book">
    <h1>{{ t('ui.notes.title') }}</h1>
    <p v-if="!notes.all.length" class="none">{{ t('ui.notes.none') }}</p>
    <section v-for="{ about, kept } in noted" :key="about" :aria-label="TITLES[about]">
      <header>
        <h2>{{ TITLES[about] }}</h2>
        <button class="quiet-action" @click="writes = about">{{ t('ui.notes.write') }}</button>
      </header>
      <HouseNotes :kept="kept" part />
    </section>
    <NoteDialog
      v-if="writes"
      :key="writes"
      :model-value="true"
      :choices="choices[writes]"
      @update:model-value="writes = null"
    />
  </main>
</template>

<style scoped>
.book {
  flex: 1;
  width: min(860px, 100%);
  margin: 0 auto;
  padding: 14px 24px 24px;
}
h1 {
  margin: 0 0 8px;
  font-size: 26px;
}
h2 {
  margin: 0;
  font-size: 20px;
}
header {
  display: flex;
  align-items: baseline;
  gap: 20px;
  margin-top: 16px;
}
.none {
  max-width: 60ch;
  color: var(--ink-soft);
}
</style>
