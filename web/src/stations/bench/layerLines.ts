import { computed } from 'vue'
import type { Side, Topping } from '../../api/types'
import * as labels from '../../messages/labels'
import { t } from '../../messages/say'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import { sidesOf, toppingsOf } from '../../stores/layers'

/** A layer as it is listed: which one, and in words what it is. */
export interface LayerLine {
  key: string
  words: string
}

const WHENS = Object.keys(labels.WHENS)

/** The layers of the dish on the bench, from above to below, and what can still be laid. */
export function useLayerLines() {
  const bench = useBench()
  const units = useUnits()
  const kind = computed(() => bench.on.dress)
  const way = computed(() => bench.way)
  const salt = computed(() => kind.value === 'SALT_CRUST')
  const sides = computed(() => sidesOf(way.value))
  /** What is closed before anything can join it. */
  const shut = computed(() => ['SALT_CRUST', 'PARCHMENT', 'FOIL'].includes(kind.value))
  const toppings = computed(() => (salt.value ? [] : toppingsOf(kind.value, way.value)))

  function toppingWords({ mix = 'CRUMB', when = 'BEFORE', depthMm }: Topping): string {
    const deep = units.amount('length', depthMm ?? bench.catalogue?.usuals.toppingMm ?? 0)
    const words = `${t(`mix.${mix}`)}, ${deep}`
    return when === 'BEFORE' ? words : `${words}, ${labels.WHENS[when]}`
  }

  function sideWords({ of, lastMin, waterMl }: Side): string {
    const minutes = lastMin ?? bench.catalogue?.usuals.sideMin ?? 0
    return t('ui.layers.last-minutes', { side: t(`vegetable.${of}`), minutes, splash: Boolean(waterMl) })
  }

  function coverWords(): string | null {
    const { fold, lid, opened, school } = way.value
    if (salt.value) return `${labels.DRESSES.SALT_CRUST}, ${t(`damping.${school ?? 'WET_SAND'}`)}`
    const parcel = kind.value === 'PARCHMENT' || kind.value === 'FOIL'
    if (!parcel && !lid) return null
    const usual = kind.value === 'FOIL' ? 'SEAM_UP' : 'HEART'
    const cover = parcel ? `${labels.DRESSES[kind.value]}, ${labels.FOLDS[fold ?? usual]}` : labels.LIDS[lid!]
    return opened ? t('ui.layers.open-at-end', { cover }) : cover
  }

  function fishWords(): string {
    const coated = kind.value === 'BREADED' || salt.value
    const finish = labels.FINISHES[way.value.finish ?? (kind.value === 'TRAY_BAKE' ? 'OILED' : 'BARE')]
    let fish = coated ? t('ui.layers.in-crumb') : t('ui.layers.fish', { finish })
    if (bench.on.filling !== 'NONE')
      fish = t('ui.layers.with', { fish, filling: labels.FILLINGS[bench.on.filling] })
    return bench.stands && bench.on.stance === 'STANDING' ? t('ui.layers.upright', { fish }) : fish
  }

  const bed = computed(() =>
    kind.value === 'TRAY_BAKE' ? (way.value.vegetables ?? ['POTATO' as const]) : (way.value.vegetables ?? []),
  )
  const citrus = computed(() => way.value.underlay === 'CITRUS')
  const bedWords = () => [
    ...bed.value.map((v) => t(`vegetable.${v}`)),
    ...(citrus.value ? [t('vegetable.CITRUS')] : []),
  ]
  const liquid = computed(
    () => way.value.liquid ?? (way.value.underlay === 'PAN_SAUCE' ? ('WINE_BUTTER' as const) : undefined),
  )
  function vesselWords(): string {
    const vessel = labels.VESSELS[way.value.vessel ?? 'SHEET_TRAY']
    const at = way.value.preheatedC
    return at === undefined ? vessel : t('ui.layers.heated', { vessel, temp: units.dial(at) })
  }

  const lines = computed<LayerLine[]>(() => {
    const all: LayerLine[] = []
    const cover = coverWords()
    if (cover) all.push({ key: 'cover', words: cover })
    const on = toppings.value.map((one, i) => ({ key: `on:${i}`, words: toppingWords(one) }))
    all.push(...on.reverse())
    if (kind.value === 'BREADED') all.push({ key: 'coat', words: t('ui.layers.coat') })
    all.push({ key: 'fish', words: fishWords() })
    if (!salt.value && bedWords().length) all.push({ key: 'bed', words: bedWords().join(', ') })
    if (!salt.value && liquid.value) all.push({ key: 'liquid', words: t(`liquid.${liquid.value}`) })
    all.push({ key: 'vessel', words: vesselWords() })
    if (!shut.value)
      sides.value.forEach((side, i) => all.push({ key: `beside:${i}`, words: sideWords(side) }))
    return all
  })

  /** Whether one more fits on top. */
  const room = computed(() => !salt.value && toppings.value.length < (bench.limits?.mostToppings ?? 1))
  /** What can be laid besides what is there. */
  const more = computed(() => {
    if (salt.value) return []
    const there = new Set(lines.value.map((line) => line.key))
    return [
      ...(room.value ? [['top', t('ui.layers.on-top')]] : []),
      ...(there.has('bed') ? [] : [['bed', t('ui.layers.under-it')]]),
      ...(there.has('liquid') ? [] : [['liquid', t('ui.layers.poured')]]),
      // What is closed before the fish is on it shuts the fish out.
      ...(there.has('cover') || kind.value === 'TRAY_BAKE' ? [] : [['cover', t('ui.layers.lid')]]),
      ...(shut.value || sides.value.length >= (bench.limits?.mostSides ?? 1)
        ? []
        : [['beside', t('ui.layers.beside')]]),
    ] as [string, string][]
  })

  /** Lays something that usually goes there, and opens its questions. */
  function add(what: string) {
    const { usuals } = bench.catalogue ?? {}
    if (what === 'top') {
      const one = toppings.value.length ? usuals?.oneMore : {}
      bench.spread([...toppings.value, { ...one }])
      bench.layer = `on:${toppings.value.length - 1}`
      return
    }
    if (what === 'bed') bench.say({ vegetables: usuals ? [usuals.bed] : [] })
    if (what === 'liquid') bench.say({ liquid: 'WINE_BUTTER' })
    if (what === 'cover') bench.say({ lid: 'FOIL' })
    if (what === 'beside') {
      bench.say({ sides: [...sides.value, ...(usuals ? [{ of: usuals.side }] : [])] })
      bench.layer = `beside:${sides.value.length - 1}`
      return
    }
    bench.layer = what
  }

  /** Lays one more between two toppings, or under them: when the one above it goes on. */
  function layUnder(place: number) {
    const order = inOrder()
    const when = toppings.value[order[place]!]?.when
    const one = {
      ...bench.catalogue?.usuals.oneMore,
      ...(when === undefined ? { when: 'BEFORE' as const } : { when }),
    }
    const sorted = order.map((i) => toppings.value[i]!)
    bench.spread([...sorted.slice(0, place), one, ...sorted.slice(place)])
    bench.layer = `on:${place}`
  }

  /** Moves a topping to another's place, by their places from below; only among those that go on together. */
  function moveTopping(from: number, to: number): boolean {
    const sorted = inOrder().map((i) => toppings.value[i]!)
    const when = (place: number) => sorted[place]?.when ?? 'BEFORE'
    if (!sorted[from] || !sorted[to] || from === to || when(from) !== when(to)) return false
    const [moved] = sorted.splice(from, 1)
    sorted.splice(to, 0, moved!)
    bench.spread(sorted)
    bench.layer = `on:${to}`
    return true
  }

  /** Which topping is drawn there, by its place from below; null where it is none. */
  function toppingAt(place: number): number | null {
    const drawn = bench.answer?.sections.layers ?? []
    if (drawn[place]?.kind !== 'COAT') return null
    const nth = drawn.slice(0, place).filter((l) => l.kind === 'COAT').length
    const at = kind.value === 'BREADED' ? nth - 1 : nth
    return at < 0 ? null : at
  }

  /** How high each topping reaches in the drawing, from below, mm. */
  const tops = computed(() =>
    (bench.answer?.sections.layers ?? [])
      .filter((_, place) => toppingAt(place) !== null)
      .map((layer) => Math.max(...layer.outline.map((p) => p[1]!))),
  )

  /** The line of a layer that was tapped in the drawing, by its place there; the fish's for null. */
  function layerAt(place: number | null): string | null {
    const drawn = bench.answer?.sections.layers ?? []
    const layer = place === null ? undefined : drawn[place]
    switch (layer?.kind) {
      case 'BED':
        return 'bed'
      case 'LIQUID':
        return 'liquid'
      case 'CRUST':
        return 'cover'
      case 'COAT': {
        const at = toppingAt(place!)
        return at === null ? 'coat' : `on:${inOrder()[at]}`
      }
      default:
        return 'fish'
    }
  }

  /* What goes on later lies higher, whatever the order in which it was said. */
  const inOrder = () => {
    const at = (i: number) => WHENS.indexOf(toppings.value[i]!.when ?? 'BEFORE')
    return toppings.value.map((_, i) => i).sort((a, b) => at(a) - at(b))
  }

  return {
    lines,
    more,
    room,
    add,
    layUnder,
    moveTopping,
    toppings,
    bed,
    citrus,
    liquid,
    layerAt,
    toppingAt,
    tops,
  }
}
