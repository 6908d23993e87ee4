import type { Layer, Sections } from '../api/types'

/** Whether a layer lies inside the flesh, so that it is drawn over it: a filling, or an empty belly. */
export const isInside = (layer: Layer): boolean => layer.kind === 'FILLING' || layer.kind === 'HOLLOW'

/** How far all that is drawn reaches up from the tray, mm. */
export const topMmOf = (sections: Sections): number =>
  Math.max(
    sections.baseMm + sections.heightMm,
    ...sections.layers.flatMap((l) => l.outline.map((p) => p[1]!)),
  )

/** How far it reaches out from the mid-plane, mm. */
export const outMmOf = (sections: Sections): number =>
  Math.max(sections.halfWidthMm, ...sections.layers.flatMap((l) => l.outline.map((p) => p[0]!)))
