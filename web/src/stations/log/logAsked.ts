import type { LocationQuery } from 'vue-router'
import type { LogAsked } from '../../api/client'

/** What is looked for in the log, as an address keeps it: dates as 2026-11-24, no entry where nothing is asked for. */
export interface Looked {
  fish?: string
  dress?: string
  oven?: string
  cook?: string
  words?: string
  said?: NonNullable<LogAsked['said']>
  from?: string
  until?: string
  order?: NonNullable<LogAsked['order']>
  page?: string
}

export const SAID: NonNullable<LogAsked['said']>[] = ['UNDER', 'RIGHT', 'OVER', 'NOTHING']
export const ORDERS: NonNullable<LogAsked['order']>[] = ['NEWEST', 'OLDEST', 'FURTHEST', 'TITLE']

const TEXTS = ['fish', 'dress', 'cook', 'words'] as const
const DATES = ['from', 'until'] as const
const NUMBERS = ['oven', 'page'] as const
const DATE = /^\d{4}-\d\d-\d\d$/
const DAY_MS = 86_400_000

/** What an address asks for; whatever it cannot mean is left out. */
export function looked(query: LocationQuery): Looked {
  const found: Looked = {}
  const text = (name: string) => (typeof query[name] === 'string' && query[name] ? query[name] : undefined)
  for (const name of TEXTS) {
    const said = text(name)
    if (said) found[name] = said
  }
  for (const name of DATES) {
    const said = text(name)
    if (said && DATE.test(said) && !Number.isNaN(Date.parse(said))) found[name] = said
  }
  for (const name of NUMBERS) {
    const said = text(name)
    if (said && /^\d{1,6}$/.test(said)) found[name] = said
  }
  const said = SAID.find((one) => one === query.said)
  if (said) found.said = said
  const order = ORDERS.find((one) => one === query.order)
  if (order) found.order = order
  return found
}

/** Whether all of the log is asked for, from its newest on. */
export const everything = (asked: Looked) => Object.keys(asked).length === 0

/** The same as the kitchen computer is asked; days are this screen's, and the last of them is with it. */
export function asked({ oven, page, from, until, ...rest }: Looked): LogAsked {
  return {
    ...rest,
    ...(oven === undefined ? {} : { oven: Number(oven) }),
    ...(page === undefined ? {} : { page: Number(page) }),
    ...(from === undefined ? {} : { from: midnight(from).toISOString() }),
    // Noon of the next day is in it whatever the clocks do that night.
    ...(until === undefined
      ? {}
      : { until: midnight(dayOf(new Date(midnight(until).getTime() + 1.5 * DAY_MS))).toISOString() }),
  }
}

const midnight = (day: string) => new Date(`${day}T00:00:00`)

/** A day of this screen's: 2026-11-24. */
export function dayOf(at: Date): string {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`
}
