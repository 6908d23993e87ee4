import { t } from '../messages/say'
import { useEventListener } from '@vueuse/core'

/** What a key does, by `KeyboardEvent.key`. */
export type Keys = Record<string, () => void>

/** The list that `?` shows. */
export const KEY_LIST: [string, string][] = [
  ['1  2  3  4  5', t('ui.keys.go-to-the-counter-the')],
  ['[  ]', t('ui.keys.thinner-thicker-by-a-millimetre')],
  ['d', t('ui.keys.next-dress')],
  ['-  =', t('ui.keys.oven-down-up')],
  [t('ui.keys.space'), t('ui.keys.play-the-bake')],
  [',  .', t('ui.keys.a-minute-back-on')],
  [t('ui.keys.enter'), t('ui.keys.put-it-in-at-the')],
  ['l', t('ui.keys.look-at-the-fish-now')],
  ['z', t('ui.keys.undo')],
  ['?', t('ui.keys.this-list')],
]

/** What takes letters; a list that is only chosen from does not. */
const TYPING = 'input:not([type=checkbox]):not([readonly]), textarea, select, [contenteditable]'
const OVER = '[role="dialog"]'
/** What Enter and Space press or open; of a list, its frame too, which holds the focus. */
const PRESSING = 'button, a, [role="button"], [role="option"], [role="combobox"], .el-select__wrapper'

/**
 * Listens for single keys while a component is shown. Keys typed into a field stay there; Enter and Space on a button
 * press that button.
 */
export function useKeys(keys: Keys) {
  useEventListener(window, 'keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return
    const target = event.target as HTMLElement
    // What lies open over a station has its own keys.
    if (target.closest(TYPING) || target.closest(OVER)) return
    if ((event.key === 'Enter' || event.key === ' ') && target.closest(PRESSING)) return
    const action = keys[event.key]
    if (action) {
      event.preventDefault()
      action()
    }
  })
}
