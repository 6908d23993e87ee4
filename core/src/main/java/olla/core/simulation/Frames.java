package olla.core.simulation;

import java.util.Arrays;
import java.util.List;
import olla.core.dish.Laid;

/**
 * Pictures of the half-section. The section is symmetric: column 0 lies on the mid-plane, the mirror image is the other
 * half.
 *
 * @param columns places from the mid-plane outwards
 * @param rows places from the bottom up
 * @param halfWidthMm width that the columns span, mm
 * @param heightMm height that the rows span, mm
 * @param baseMm how far above the tray the rows begin, mm
 * @param outline the half outline as x, y pairs in mm from the middle of the underside to the middle of the top
 * @param layers what is round it, under it, on it and in it
 * @param minute when each picture was taken
 * @param celsius a picture each: rows x columns temperatures to the nearest degree, row by row from the bottom; places
 *     outside the outline carry the temperature of the nearest place inside
 * @param coldestXMm where the coldest flesh is at each picture, mm from the mid-plane
 * @param coldestYMm where the coldest flesh is at each picture, mm from the bottom
 */
public record Frames(
        int columns,
        int rows,
        double halfWidthMm,
        double heightMm,
        double baseMm,
        List<double[]> outline,
        List<LayerDrawing> layers,
        double[] minute,
        List<int[]> celsius,
        double[] coldestXMm,
        double[] coldestYMm) {

    /** The same drawn so many times as high. */
    public Frames higher(double times) {
        return new Frames(
                columns,
                rows,
                halfWidthMm,
                times * heightMm,
                times * baseMm,
                higher(outline, times),
                layers.stream()
                        .map(l -> new LayerDrawing(l.kind(), higher(l.outline(), times), l.fromMinute()))
                        .toList(),
                minute,
                celsius,
                coldestXMm,
                Arrays.stream(coldestYMm).map(y -> times * y).toArray());
    }

    private static List<double[]> higher(List<double[]> points, double times) {
        return points.stream()
                .map(point -> new double[] {point[0], times * point[1]})
                .toList();
    }

    /** Kinds of layer; HOLLOW is an empty belly. */
    public enum Kind {
        COAT,
        CRUST,
        BED,
        LIQUID,
        FILLING,
        HOLLOW;

        static Kind of(Laid laid) {
            if (laid instanceof Laid.Inside inside) {
                return inside.isHollow() ? HOLLOW : FILLING;
            }
            if (laid instanceof Laid.Heap) {
                return CRUST;
            }
            if (laid instanceof Laid.Liquid) {
                return LIQUID;
            }
            return laid instanceof Laid.Under ? BED : COAT;
        }
    }

    /**
     * A layer as it is drawn.
     *
     * @param kind what it is
     * @param outline its half outline, as the flesh's
     * @param fromMinute when it goes on; 0 where it is there from the start
     */
    public record LayerDrawing(Kind kind, List<double[]> outline, double fromMinute) {}
}
