import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { t } from './say'

/** The sets of units a kitchen uses: the third is the first with a gas oven's marks. The server always reckons in °C, g and mm. */
export type UnitSet = 'metric' | 'imperial' | 'gas'

/** In the order in which they are switched. */
const SETS: UnitSet[] = ['metric', 'imperial', 'gas']

const LABELS: Record<UnitSet, () => string> = {
  metric: () => '°C · g · mm',
  imperial: () => '°F · oz · in',
  gas: () => t('ui.units.gas'),
}

/** A kind of amount that changes its unit with the set. */
export type Kind = 'heat' | 'mass' | 'length' | 'volume'

const chosen = useLocalStorage<UnitSet>('olla.units', 'metric')
const imperial = () => chosen.value === 'imperial'

const GRAMS_PER_OUNCE = 28.349523125
const OUNCES_PER_POUND = 16
const MM_PER_INCH = 25.4
/** The fluid ounce that American cups are counted in (published: NIST Handbook 44, appendix C, from memory). */
const ML_PER_FLUID_OUNCE = 29.5735

/** What a ruler shows between two inches. */
const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞']
/** Longer than this nobody reads eighths, in. */
const EIGHTHS_TO = 6

interface Unit {
  sign: string
  /** Decimals a cook can use. */
  places: number
  /** Size of one step of a control, in this unit. */
  step: number
  from: (si: number) => number
  to: (shown: number) => number
}

const same = (value: number) => value

const UNITS: Record<Kind, Record<'metric' | 'imperial', Unit>> = {
  heat: {
    metric: { sign: '°C', places: 0, step: 5, from: same, to: same },
    imperial: {
      sign: '°F',
      places: 0,
      step: 25,
      from: (c) => (c * 9) / 5 + 32,
      to: (f) => ((f - 32) * 5) / 9,
    },
  },
  mass: {
    metric: { sign: 'g', places: 0, step: 5, from: same, to: same },
    imperial: {
      sign: 'oz',
      places: 1,
      step: 0.5,
      from: (g) => g / GRAMS_PER_OUNCE,
      to: (oz) => oz * GRAMS_PER_OUNCE,
    },
  },
  length: {
    metric: { sign: 'mm', places: 0, step: 1, from: same, to: same },
    imperial: {
      sign: 'in',
      places: 2,
      step: 1 / 8,
      from: (mm) => mm / MM_PER_INCH,
      to: (inch) => inch * MM_PER_INCH,
    },
  },
  volume: {
    metric: { sign: 'ml', places: 0, step: 5, from: same, to: same },
    imperial: {
      sign: 'fl oz',
      places: 1,
      step: 0.5,
      from: (ml) => ml / ML_PER_FLUID_OUNCE,
      to: (ounces) => ounces * ML_PER_FLUID_OUNCE,
    },
  },
}

/** The unit of a kind in the set that is chosen. */
const unitOf = (kind: Kind) => UNITS[kind][imperial() ? 'imperial' : 'metric']

/** Gas mark 1 in °C, and by how much each mark is hotter; there are half marks from ½ to 10 (published: the British scale, from memory). */
const MARK_ONE_C = 135
const MARK_C = 125 / 9
const MARKS = { least: 0.5, most: 10, step: 0.5 }

/** Round steps of an axis, in the unit that is shown. */
const AXIS_STEPS = [1, 2, 5, 10, 20, 25, 50, 100]

/** Inches as a ruler has them: 1, 1⅛, ⅞; less than an eighth as a sixteenth; long ones to a quarter. */
function inches(value: number): string {
  if (value > 0 && value < 1 / 16) return '1/16'
  const eighths = value < EIGHTHS_TO ? Math.round(value * 8) : 2 * Math.round(value * 4)
  const whole = Math.floor(eighths / 8)
  const part = EIGHTHS[eighths % 8]!
  if (!whole && !part) return value > 0 ? '1/16' : '0'
  return `${whole || ''}${part}`
}

const trimmed = (value: number, places: number) => String(+value.toFixed(places))

/** The figure that is shown for an amount, without its unit. */
function show(kind: Kind, si: number): string {
  const unit = unitOf(kind)
  if (kind === 'length' && imperial()) return inches(unit.from(si))
  return unit.from(si).toFixed(unit.places).replace('-', '−')
}

function amount(kind: Kind, si: number): string {
  if (kind === 'mass' && imperial() && si >= GRAMS_PER_OUNCE * OUNCES_PER_POUND) {
    const all = Math.round(si / GRAMS_PER_OUNCE)
    const ounces = all % OUNCES_PER_POUND
    return `${Math.floor(all / OUNCES_PER_POUND)} lb${ounces ? ` ${ounces} oz` : ''}`
  }
  if (kind === 'mass' && !imperial() && si >= 1000) return `${trimmed(si / 1000, 2)} kg`
  return `${show(kind, si)} ${unitOf(kind).sign}`
}

/** An oven's dial in degrees, on a step that dials have: 230 in °C, 450 in °F. */
function dialFigure(celsius: number): number {
  const { from, step } = unitOf('heat')
  return Math.round(from(celsius) / step) * step
}

const rise = (kelvin: number) => `${Math.round(imperial() ? kelvin * 1.8 : kelvin)}°`

/** A gas oven's mark at a temperature; null where gas ovens have none. */
function gasMark(celsius: number): number | null {
  const exact = 1 + (celsius - MARK_ONE_C) / MARK_C
  // Half a mark is as much below 1 as 2 is above it.
  const mark = exact < 1 ? Math.round(exact) / 2 + MARKS.least : Math.round(2 * exact) / 2
  return mark < MARKS.least || mark > MARKS.most ? null : mark
}

/** A number in halves: 8, 8½, ½. */
export const halves = (value: number) => `${Math.floor(value) || ''}${value % 1 ? '½' : ''}`

/** What somebody typed as an amount, in the unit that is shown; null where it is none. */
export function parsed(text: string): number | null {
  const plain = text.trim().replace(',', '.')
  const part = EIGHTHS.findIndex((e) => e !== '' && plain.endsWith(e))
  if (part > 0) {
    const whole = plain.slice(0, -1).trim()
    return Number.isNaN(Number(whole)) ? null : Number(whole) + part / 8
  }
  const fraction = /^(?:(\d+)[ -]+)?(\d+)\/(\d+)$/.exec(plain)
  if (fraction) return Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3])
  return plain === '' || Number.isNaN(Number(plain.replace('−', '-')))
    ? null
    : Number(plain.replace('−', '-'))
}

/** The chosen units, and amounts written in them. */
export function useUnits() {
  return {
    chosen,
    /** Whether all of it is counted in °F, ounces and inches. */
    imperial: computed(imperial),
    unit: unitOf,
    label: computed(() => LABELS[chosen.value]()),
    toggle: () => (chosen.value = SETS[(SETS.indexOf(chosen.value) + 1) % SETS.length]!),
    /** The bare figure. */
    show,
    /** The figure with its unit. */
    amount,
    /** A temperature as spoken: 57°. */
    degrees: (celsius: number) => `${show('heat', celsius)}°`,
    /** A dial as an oven has it: 230°, 450°, gas 8. */
    dial: (celsius: number) => {
      const mark = chosen.value === 'gas' ? gasMark(celsius) : null
      return mark === null ? `${dialFigure(celsius)}°` : t('ui.ticket.gas', { gasMark: halves(mark) })
    },
    /** The temperature so many steps of a dial away, °C. */
    turned: (celsius: number, steps: number) => {
      const mark = chosen.value === 'gas' ? gasMark(celsius) : null
      if (mark !== null) {
        const next = Math.min(MARKS.most, Math.max(MARKS.least, mark + steps * MARKS.step))
        return MARK_ONE_C + (next < 1 ? -1 : next - 1) * MARK_C
      }
      const { to, step } = unitOf('heat')
      return to(dialFigure(celsius) + steps * step)
    },
    /** A rise in temperature as spoken: 9°. */
    rise,
    /** A difference of temperatures as a bare figure of the shown unit, and back. */
    risen: (kelvin: number) => Math.round(imperial() ? kelvin * 1.8 : kelvin),
    fromRisen: (shown: number) => (imperial() ? shown / 1.8 : shown),
    /** Round figures of the shown unit along an axis, with where they lie in SI. */
    axis: (kind: Kind, fromSi: number, toSi: number, most: number) => {
      const { from, to } = unitOf(kind)
      const [low, high] = [from(fromSi), from(toSi)]
      const step = AXIS_STEPS.find((s) => (high - low) / s <= most) ?? AXIS_STEPS[AXIS_STEPS.length - 1]!
      const first = Math.ceil(low / step - 1e-9)
      return Array.from({ length: Math.floor(high / step + 1e-9) - first + 1 }, (_, i) => {
        const shown = (first + i) * step
        return { shown, si: to(shown) }
      })
    },
  }
}
