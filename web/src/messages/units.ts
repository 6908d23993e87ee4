import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'

/** The two sets of units a kitchen uses; the server always reckons in °C, g and mm. */
export type UnitSet = 'metric' | 'imperial'

/** A kind of amount that changes its unit with the set. */
export type Kind = 'heat' | 'mass' | 'length'

const chosen = useLocalStorage<UnitSet>('olla.units', 'metric')

const GRAMS_PER_OUNCE = 28.349523125
const OUNCES_PER_POUND = 16
const MM_PER_INCH = 25.4

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

const UNITS: Record<Kind, Record<UnitSet, Unit>> = {
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
}

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
  const unit = UNITS[kind][chosen.value]
  if (kind === 'length' && chosen.value === 'imperial') return inches(unit.from(si))
  return unit.from(si).toFixed(unit.places).replace('-', '−')
}

function amount(kind: Kind, si: number): string {
  const imperial = chosen.value === 'imperial'
  if (kind === 'mass' && imperial && si >= GRAMS_PER_OUNCE * OUNCES_PER_POUND) {
    const all = Math.round(si / GRAMS_PER_OUNCE)
    const ounces = all % OUNCES_PER_POUND
    return `${Math.floor(all / OUNCES_PER_POUND)} lb${ounces ? ` ${ounces} oz` : ''}`
  }
  if (kind === 'mass' && !imperial && si >= 1000) return `${trimmed(si / 1000, 2)} kg`
  return `${show(kind, si)} ${UNITS[kind][chosen.value].sign}`
}

/** An oven's dial in degrees, on a step that dials have: 230 in °C, 450 in °F. */
function dialFigure(celsius: number): number {
  const { from, step } = UNITS.heat[chosen.value]
  return Math.round(from(celsius) / step) * step
}

const rise = (kelvin: number) => `${Math.round(chosen.value === 'metric' ? kelvin : kelvin * 1.8)}°`

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
  const unit = (kind: Kind) => UNITS[kind][chosen.value]
  return {
    chosen,
    unit,
    label: computed(() => (chosen.value === 'metric' ? '°C · g · mm' : '°F · oz · in')),
    toggle: () => (chosen.value = chosen.value === 'metric' ? 'imperial' : 'metric'),
    /** The bare figure. */
    show,
    /** The figure with its unit. */
    amount,
    /** A temperature as spoken: 57°. */
    degrees: (celsius: number) => `${show('heat', celsius)}°`,
    /** A dial as an oven has it: 230°, 450°. */
    dial: (celsius: number) => `${dialFigure(celsius)}°`,
    /** The temperature so many steps of a dial away, °C. */
    turned: (celsius: number, steps: number) => {
      const { to, step } = unit('heat')
      return to(dialFigure(celsius) + steps * step)
    },
    /** A rise in temperature as spoken: 9°. */
    rise,
    /** Round figures of the shown unit along an axis, with where they lie in SI. */
    axis: (kind: Kind, fromSi: number, toSi: number, most: number) => {
      const { from, to } = unit(kind)
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
