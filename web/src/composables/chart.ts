import { area, line } from 'd3-shape'
import { computed } from 'vue'
import { scale } from '../drawing/scale'
import { valueAt } from '../drawing/sectionPicture'

/** How large a chart is and what of it is left to its names, in dots of its own. */
export interface ChartBox {
  width: number
  height: number
  left: number
  right: number
  top: number
  bottom: number
}

/** What a chart shows: minutes from 0 and degrees Celsius. */
export interface ChartSpan {
  endMinute: number
  leastC: number
  mostC: number
}

/** Temperatures over the minutes of a bake: where each lies, and lines through them. What is beyond the chart lies on its edge. */
export function useChart(box: () => ChartBox, span: () => ChartSpan) {
  const x = computed(() => scale([0, span().endMinute], [box().left, box().width - box().right]))
  const y = computed(() => scale([span().leastC, span().mostC], [box().height - box().bottom, box().top]))
  const inBox = (celsius: number) => y.value(Math.max(span().leastC, Math.min(span().mostC, celsius)))

  /** The minutes of a series that lie within the chart, and its own edge where the series goes on beyond it. */
  function shown(minutes: number[]): number[] {
    const { endMinute } = span()
    const within = minutes.filter((minute) => minute <= endMinute)
    return within.length < minutes.length && within[within.length - 1] !== endMinute
      ? [...within, endMinute]
      : within
  }

  /** A line through a series. */
  function through(minutes: number[], celsius: number[]): string {
    const path = line<number>(x.value, (minute) => inBox(valueAt(minutes, celsius, minute)))
    return path(shown(minutes)) ?? ''
  }

  /** What lies between two series. */
  function between(minutes: number[], lowC: number[], highC: number[]): string {
    const path = area<number>(
      x.value,
      (minute) => inBox(valueAt(minutes, lowC, minute)),
      (minute) => inBox(valueAt(minutes, highC, minute)),
    )
    return path(shown(minutes)) ?? ''
  }

  return { box: computed(box), span: computed(span), x, y, inBox, through, between }
}

export type Chart = ReturnType<typeof useChart>
