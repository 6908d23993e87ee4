import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, Problem } from '../api/client'
import type { Note, Question } from '../api/types'
import { DRESSES } from '../messages/labels'
import { useBench } from './bench'

/** What a note is kept to: a fish, a dish or an oven. */
export type Kept = Pick<Note, 'about' | 'of'>

/** The kinds that there are, in the order in which they are shown. */
export const KINDS: Note['about'][] = ['FISH', 'DISH', 'OVEN']

/** What of a dish there may be notes of: its fish, its dress, its oven. */
export function keptTo(question: Question, ovenId: number): Kept[] {
  const { species, ownName } = question.piece
  return [
    { about: 'FISH', of: ownName ?? species },
    { about: 'DISH', of: question.dress.kind },
    { about: 'OVEN', of: String(ovenId) },
  ]
}

/** The house's notes. */
export const useNotes = defineStore('notes', () => {
  const all = ref<Note[]>([])

  async function open() {
    try {
      all.value = await api.notes()
    } catch (failure) {
      // Each station says itself that the kitchen computer is away; without notes it goes on.
      if (!(failure instanceof Problem)) throw failure
    }
  }

  async function write(note: Pick<Note, 'id' | 'about' | 'of' | 'words'>) {
    const written = await api.writeNote(note)
    all.value = [written, ...all.value.filter((one) => one.id !== written.id)]
  }

  async function strike(id: string) {
    await api.strikeNote(id)
    all.value = all.value.filter((one) => one.id !== id)
  }

  /** Those kept to any of some. */
  const of = (some: Kept[]) =>
    all.value.filter((note) => some.some((one) => one.about === note.about && one.of === note.of))

  const bench = useBench()
  /** What a note is kept to, by name; nothing for an oven that is not known any more. */
  const names = computed(() => (one: Kept) => {
    switch (one.about) {
      case 'FISH':
        return bench.catalogue?.species.find((s) => s.key === one.of)?.marketName ?? one.of
      case 'DISH':
        return one.of in DRESSES ? DRESSES[one.of as keyof typeof DRESSES] : one.of
      case 'OVEN':
        return bench.allOvens.find((oven) => String(oven.id) === one.of)?.name ?? ''
    }
  })

  return { all, open, write, strike, of, names }
})
