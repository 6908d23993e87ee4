import { language } from './asked'

/** Minutes as a cook says them: 9, 10½, 37. Halves only where they help. */
export function minutesInWords(minutes: number): string {
  if (minutes >= 20) return String(Math.round(minutes))
  const halves = Math.round(minutes * 2)
  const whole = Math.floor(halves / 2)
  return halves % 2 ? `${whole || ''}½` : String(whole)
}

/** English is written as in Britain, whatever kind the browser speaks. */
const written = () => (language.value.startsWith('en') ? 'en-GB' : language.value)

/** A time of day on the kitchen clock, 24 hours: 19:38. */
export function clock(at: Date): string {
  return at.toLocaleTimeString(written(), { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' })
}

/** A stretch of seconds as a running clock: 9:12, or 1:02:05 from an hour on. Never negative. */
export function runningClock(seconds: number): string {
  const s = Math.max(0, Math.round(seconds))
  const two = (n: number) => String(n).padStart(2, '0')
  const hours = Math.floor(s / 3600)
  const minutes = Math.floor((s % 3600) / 60)
  return hours ? `${hours}:${two(minutes)}:${two(s % 60)}` : `${minutes}:${two(s % 60)}`
}

/** A day as a log has it: Tue 24 Nov. */
export function day(at: Date): string {
  return at.toLocaleDateString(written(), { weekday: 'short', day: 'numeric', month: 'short' })
}
