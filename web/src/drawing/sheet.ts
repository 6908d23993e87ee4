/** A parcel's sheet stands off the fish by about this, mm. */
export const GAP_MM = 5

/**
 * A parcel round a fish, cut through: foil in creases, paper in a bow.
 *
 * @param halfMm half the width of what lies in it
 * @param highMm how high that is
 */
export function sheetPath(
  foil: boolean,
  halfMm: number,
  highMm: number,
  x: (mm: number) => number,
  y: (mm: number) => number,
): string {
  const out = halfMm + GAP_MM
  const up = highMm + GAP_MM
  const at = (px: number, py: number) => `${x(px)} ${y(py)}`
  const [left, right] = [at(-out - 5, 0.4), at(out + 5, 0.4)]
  if (foil) {
    const seam = [at(-2, up + 0.6), at(0, up + 4), at(2, up + 0.6)]
    const side = (s: 1 | -1) => [at(s * out, up * 0.55), at(s * halfMm * 0.75, up)]
    return `M${[left, ...side(-1), ...seam, ...side(1).reverse(), right].join('L')}Z`
  }
  const bow = `C${at(-out, up * 0.9)} ${at(-halfMm * 0.6, up + 1)} ${at(0, up + 1)}`
  return `M${left}${bow}S${at(out, up * 0.9)} ${right}Z`
}
