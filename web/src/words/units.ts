import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'

/** The two sets of units a kitchen uses; the server always reckons in °C, g and mm. */
export type UnitSet = 'metric' | 'imperial'

/** A kind of amount that changes its unit with the set. */
export type Kind = 'heat' | 'mass' | 'length'

const chosen = useLocalStorage<UnitSet>('olla.units', 'metric')

const GRAMS_PER_OUNCE = 28.349523125
const MM_PER_INCH = 25.4

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
      step: 0.05,
      from: (mm) => mm / MM_PER_INCH,
      to: (inch) => inch * MM_PER_INCH,
    },
  },
}

/** The chosen units, and amounts written in them. */
export function useUnits() {
  const unit = (kind: Kind) => UNITS[kind][chosen.value]
  const show = (kind: Kind, si: number) => unit(kind).from(si).toFixed(unit(kind).places)
  return {
    chosen,
    unit,
    label: computed(() => (chosen.value === 'metric' ? '°C · g · mm' : '°F · oz · in')),
    toggle: () => (chosen.value = chosen.value === 'metric' ? 'imperial' : 'metric'),
    /** The bare figure. */
    show,
    /** The figure with its unit. */
    amount: (kind: Kind, si: number) => `${show(kind, si)} ${unit(kind).sign}`,
    /** A temperature as spoken: 57°. */
    degrees: (celsius: number) => `${show('heat', celsius)}°`,
    /** A rise in temperature as spoken: 9°. */
    rise: (kelvin: number) => `${Math.round(chosen.value === 'metric' ? kelvin : kelvin * 1.8)}°`,
  }
}
