import { onBeforeUnmount, onMounted } from 'vue'

/** What a key does, by `KeyboardEvent.key`. */
export type Keys = Record<string, () => void>

/** The list that `?` shows. */
export const KEY_LIST: [string, string][] = [
  ['1  2  4  5', 'go to the Counter, the Bench, the Oven side, the Log'],
  ['[  ]', 'thinner, thicker by a millimetre'],
  ['d', 'next dress'],
  ['-  =', 'oven down, up'],
  ['Space', 'play the bake'],
  [',  .', 'a minute back, on'],
  ['Enter', 'put it in; at the oven, the one thing to do now'],
  ['l', 'look at the fish now'],
  ['z', 'undo'],
  ['?', 'this list'],
]

const TYPING = 'input:not([type=checkbox]), textarea, select, [contenteditable]'
const PRESSING = 'button, a, [role="button"], [role="option"]'

/**
 * Listens for single keys while a component is shown. Keys typed into a field stay there; Enter and Space on a button
 * press that button.
 */
export function useKeys(keys: Keys) {
  const listen = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return
    const target = event.target as HTMLElement
    if (target.closest(TYPING)) return
    if ((event.key === 'Enter' || event.key === ' ') && target.closest(PRESSING)) return
    const action = keys[event.key]
    if (action) {
      event.preventDefault()
      action()
    }
  }
  onMounted(() => window.addEventListener('keydown', listen))
  onBeforeUnmount(() => window.removeEventListener('keydown', listen))
}
