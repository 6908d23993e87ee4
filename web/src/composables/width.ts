import { useElementSize } from '@vueuse/core'
import { computed, type Ref } from 'vue'

const WIDE = 640
const LEAST = 340
/** Below this a drawing is drawn narrower and not smaller, so that its letters stay readable. */
const NARROW_BELOW = 560

/** How wide a drawing is in dots of its own, and how many of them fall on a dot of the screen. */
export function useDrawingWidth(svg: Ref<SVGSVGElement | undefined>) {
  const { width: shown } = useElementSize(svg)
  const narrow = computed(() => shown.value > 0 && shown.value < NARROW_BELOW)
  const width = computed(() => (narrow.value ? Math.max(LEAST, shown.value) : WIDE))
  const perDot = computed(() => (shown.value ? width.value / shown.value : 1))
  return { width, narrow, perDot }
}
