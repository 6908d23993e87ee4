import type { Layer } from '../api/types'

/** Whether a layer lies inside the flesh, so that it is drawn over it: a filling, or an empty belly. */
export const isInside = (layer: Layer): boolean => layer.kind === 'FILLING' || layer.kind === 'HOLLOW'
