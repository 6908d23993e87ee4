package olla.core.heat;

/**
 * An outline's edge, walked from its lowest point on the mid-plane round to its highest, in three sides: the bottom, as far as it
 * climbs by less than 45°, the side, and the top. Immutable.
 */
final class Rim {

    static final int BOTTOM = 0;
    static final int SIDE = 1;
    static final int TOP = 2;
    static final int SIDES = 3;

    /* Straight pieces for each half: of an arc of a centimetre each is some tenths of a millimetre, a micrometre off its middle. */
    private static final int PIECES = 400;

    private final double[] x;
    private final double[] y;
    private final double[] along;
    private final double[] corner;

    Rim(Outline outline) {
        int count = 2 * (PIECES + 1);
        x = new double[count];
        y = new double[count];
        along = new double[count];
        for (int i = 0; i <= PIECES; i++) {
            // Crowded towards the side, where a curved edge is steep.
            double at = outline.halfWidth() * Math.sin(Math.PI / 2 * i / PIECES);
            x[i] = at;
            y[i] = outline.lower(at);
            x[count - 1 - i] = at;
            y[count - 1 - i] = outline.upper(at);
        }
        int low = 0;
        int high = 0;
        for (int i = 1; i < count; i++) {
            double right = x[i] - x[i - 1];
            double up = y[i] - y[i - 1];
            along[i] = along[i - 1] + Math.sqrt(right * right + up * up);
            if (low == 0 && up > right) {
                low = i - 1;
            }
            if (low > 0 && high == 0 && -right > up) {
                high = i - 1;
            }
        }
        corner = new double[] {0, along[low], along[high], along[count - 1]};
    }

    /** How long a side is, m. */
    double length(int side) {
        return corner[side + 1] - corner[side];
    }

    /** The point at a share of a side, 0 to 1: x and y, m. */
    double[] at(int side, double share) {
        double wanted = corner[side] + share * (corner[side + 1] - corner[side]);
        int low = 0;
        int high = along.length - 1;
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (along[middle] <= wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double piece = along[high] - along[low];
        double part = piece > 0 ? (wanted - along[low]) / piece : 0;
        return new double[] {x[low] + part * (x[high] - x[low]), y[low] + part * (y[high] - y[low])};
    }
}
