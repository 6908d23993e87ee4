import { reactive } from 'vue'

/** What is being typed about how a bake was. */
interface Draft {
  probe: string
  note: string
}

const drafts = new Map<string, Draft>()

/** What was typed of a bake and not sent yet: the screen may show something else meanwhile. */
export function draftOf(bakeId: string): Draft {
  const draft = drafts.get(bakeId) ?? reactive({ probe: '', note: '' })
  drafts.set(bakeId, draft)
  return draft
}

/** It was sent. */
export function dropDraft(bakeId: string) {
  drafts.delete(bakeId)
}
