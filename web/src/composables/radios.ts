import type { Directive } from 'vue'

const FORWARD = new Set(['ArrowRight', 'ArrowDown'])
const BACK = new Set(['ArrowLeft', 'ArrowUp'])

const radiosIn = (group: HTMLElement) => [...group.querySelectorAll<HTMLButtonElement>('[role=radio]')]

/** One stop for the Tab key in each group: what is chosen, or the first where nothing is. */
function stop(group: HTMLElement) {
  const all = radiosIn(group).filter((radio) => !radio.disabled)
  const stops = all.find((radio) => radio.getAttribute('aria-checked') === 'true') ?? all[0]
  for (const radio of radiosIn(group)) radio.tabIndex = radio === stops ? 0 : -1
}

function move(event: KeyboardEvent) {
  const by = FORWARD.has(event.key) ? 1 : BACK.has(event.key) ? -1 : 0
  const all = radiosIn(event.currentTarget as HTMLElement).filter((radio) => !radio.disabled)
  const at = all.indexOf(event.target as HTMLButtonElement)
  if (!by || at < 0 || event.ctrlKey || event.metaKey || event.altKey) return
  event.preventDefault()
  const next = all[(at + by + all.length) % all.length]!
  next.focus()
  next.click()
}

/** A group of radio buttons as the keyboard knows them: Tab goes to what is chosen, arrows choose (WAI-ARIA practices, radio group). */
export const vRadios: Directive<HTMLElement> = {
  mounted(group) {
    stop(group)
    group.addEventListener('keydown', move)
  },
  updated: stop,
}
