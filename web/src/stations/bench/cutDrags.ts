import { computed, reactive, ref } from 'vue'
import type { Sections } from '../../api/types'
import { useBench } from '../../stores/bench'
import type { CutFrame } from './cutFrame'
import { useLayerLines } from './layerLines'

/** Dragging the fish's top edge makes it thicker or thinner. */
export function useEdgeDrag(frame: CutFrame) {
  const bench = useBench()
  let from: { y: number; mm: number } | null = null

  function grab(event: PointerEvent) {
    ;(event.target as Element).setPointerCapture(event.pointerId)
    bench.beginMove()
    from = { y: frame.pointerY(event), mm: bench.answer!.piece.thicknessMm }
    frame.held = { perMm: frame.perMm, above: frame.above }
  }
  function drag(event: PointerEvent) {
    if (from) bench.setThickness(from.mm + (from.y - frame.pointerY(event)) / frame.perMm)
  }
  function letGo() {
    from = null
    frame.held = null
    bench.endMove()
  }
  return { grab, drag, letGo }
}

/** Dragging a topping over another that goes on with it makes them change places. */
export function useToppingDrag(frame: CutFrame) {
  const bench = useBench()
  const { toppings, toppingAt, tops, moveTopping } = useLayerLines()
  /** The topping under the finger, by its place from below. */
  const at = ref<number | null>(null)
  /** What was drawn when it last moved: it does not move again before that is drawn anew. */
  let drawn: Sections | null = null

  const moves = computed(() => toppings.value.length > 1)

  function grab(place: number, event: PointerEvent) {
    const topping = toppingAt(place)
    if (topping === null || !moves.value) return
    frame.svg?.setPointerCapture(event.pointerId)
    bench.beginMove()
    at.value = topping
    drawn = null
  }
  function drag(event: PointerEvent) {
    if (at.value === null || bench.answer?.sections === drawn) return
    const mm = (frame.floor - frame.pointerY(event)) / frame.perMm
    const over = tops.value.findIndex((top) => mm <= top)
    const to = over < 0 ? tops.value.length - 1 : over
    if (!moveTopping(at.value, to)) return
    drawn = bench.answer?.sections ?? null
    at.value = to
  }
  function letGo() {
    if (at.value === null) return
    at.value = null
    bench.endMove()
  }
  return reactive({ moves, grab, drag, letGo })
}
