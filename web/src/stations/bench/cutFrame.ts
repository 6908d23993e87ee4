import { computed, ref, type Ref, type UnwrapNestedRefs } from 'vue'
import { useDrawingWidth } from '../../composables/width'
import { outMmOf, topMmOf } from '../../drawing/layers'
import { GAP_MM } from '../../drawing/sheet'
import { useBench } from '../../stores/bench'

/** How high the cut is drawn, and where it begins, dots. */
export const HEIGHT = 240
export const LEFT = 56
const RIGHT = 30
const TOP = 34
const BOTTOM = 30
/** Besides what is drawn to scale, dots: the vessel's rims. */
const RIMS = 90

/** Where the cut's millimetres lie in the drawing. */
export function useCutFrame(svg: Ref<SVGSVGElement | undefined>) {
  const bench = useBench()
  const { width, narrow } = useDrawingWidth(svg)
  /** While an edge is dragged the scale stays, so that the edge follows the finger. */
  const held = ref<{ perMm: number; above: number } | null>(null)

  const sections = computed(() => bench.answer!.sections)
  const wrapped = computed(() => bench.on.dress === 'PARCHMENT' || bench.on.dress === 'FOIL')
  const topMm = computed(() => topMmOf(sections.value))
  const halfMm = computed(() => outMmOf(sections.value))
  /** A parcel needs room round the fish, mm. */
  const room = computed(() => (wrapped.value ? 2 * (GAP_MM + 5) : 0))
  const highMm = computed(() => topMm.value * 1.12 + room.value / 3)
  /** Dots for each millimetre. */
  const perMm = computed(() => {
    if (held.value) return held.value.perMm
    const wide = (width.value - LEFT - RIGHT - RIMS) / (2 * halfMm.value + room.value)
    const high = (HEIGHT - TOP - BOTTOM) / highMm.value
    return Math.min(wide, high)
  })
  /** On a narrow screen the empty room above the drawing is left away. */
  const above = computed(() => {
    if (held.value) return held.value.above
    return narrow.value ? Math.max(0, HEIGHT - TOP - BOTTOM - highMm.value * perMm.value) : 0
  })
  const middle = computed(() => LEFT + (width.value - LEFT - RIGHT) / 2)
  const floor = HEIGHT - BOTTOM
  const x = (mm: number) => middle.value + mm * perMm.value
  const y = (mm: number) => floor - mm * perMm.value
  /** The tray reaches beyond whatever stands on it, mm. */
  const trayHalfMm = computed(() => halfMm.value + (wrapped.value ? GAP_MM + 5 : 0))
  /** How high a finger is in the drawing, dots. */
  function pointerY(event: PointerEvent): number {
    const box = svg.value!.getBoundingClientRect()
    return above.value + ((event.clientY - box.top) / box.height) * (HEIGHT - above.value)
  }

  return { width, wrapped, topMm, halfMm, perMm, above, floor, trayHalfMm, held, svg, x, y, pointerY }
}

export type CutFrame = UnwrapNestedRefs<ReturnType<typeof useCutFrame>>
