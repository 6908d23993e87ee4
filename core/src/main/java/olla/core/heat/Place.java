package olla.core.heat;

/** A point of a section as the nodes round it see it: what they hold, weighted, is what is there. Immutable. */
public final class Place {

    private static final int ROUNDS = 12;
    private static final double INSIDE = 1 + 1e-6;
    private static final double FAR_OUT = 1.5;

    /* A place that is not found as exactly as this lies in another element, m. */
    private static final double FOUND_M = 1e-6;
    private static final double NEARLY_M = 1e-7;

    final int[] nodes;
    final double[] weights;
    private final boolean inside;

    private Place(int[] nodes, double[] weights, boolean inside) {
        this.nodes = nodes;
        this.weights = weights;
        this.inside = inside;
    }

    /** Whether the point lies in the material and not beside it. */
    public boolean inside() {
        return inside;
    }

    /** What is there of a quantity by node, in the middle of the length. */
    double of(double[] quantity) {
        double sum = 0;
        for (int i = 0; i < nodes.length; i++) {
            sum += weights[i] * quantity[nodes[i]];
        }
        return sum;
    }

    /** What is there of a quantity by node, no more and no less than the nodes round it have. */
    double within(double[] quantity, int from) {
        double sum = 0;
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < nodes.length; i++) {
            double has = quantity[from + nodes[i]];
            sum += weights[i] * has;
            least = Math.min(least, has);
            most = Math.max(most, has);
        }
        return Math.max(least, Math.min(most, sum));
    }

    static Place of(Section section, int material, double x, double y) {
        int n = section.rule.count();
        int per = n * n;
        for (int e = 0; e < section.elements; e++) {
            if (section.elementMaterial[e] == material && section.box[e].contains(x, y)) {
                double[] local = local(section, e, x, y);
                if (local[2] < FOUND_M && Math.abs(local[0]) < INSIDE && Math.abs(local[1]) < INSIDE) {
                    double[] across = section.rule.basis(local[0]);
                    double[] over = section.rule.basis(local[1]);
                    int[] nodes = new int[per];
                    double[] weights = new double[per];
                    for (int at = 0; at < per; at++) {
                        nodes[at] = section.nodeOf[e * per + at];
                        weights[at] = across[at % n] * over[at / n];
                    }
                    return new Place(nodes, weights, true);
                }
            }
        }
        return new Place(new int[] {nearest(section, material, x, y)}, new double[] {1}, false);
    }

    private static int nearest(Section section, int material, double x, double y) {
        int best = -1;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < section.nodes; i++) {
            if (section.material[i] == material) {
                double distance = Math.hypot(section.x[i] - x, section.y[i] - y);
                if (distance < least) {
                    least = distance;
                    best = i;
                }
            }
        }
        return best;
    }

    /* Newton's method for where in an element a point is, -1 to 1 in each of its directions where it is inside; and how far off that was
     * one round before, m: now it is as good as exact, since that goes by squares. What is thrown far out twice lies outside. */
    private static double[] local(Section section, int element, double x, double y) {
        int n = section.rule.count();
        int per = n * n;
        double u = 0;
        double v = 0;
        double off = Double.POSITIVE_INFINITY;
        int thrown = 0;
        for (int round = 0; round < ROUNDS && off > NEARLY_M && thrown < 2; round++) {
            double[] across = section.rule.basis(u);
            double[] over = section.rule.basis(v);
            double[] acrossSlope = section.rule.slopes(u);
            double[] overSlope = section.rule.slopes(v);
            double offX = x;
            double offY = y;
            double xu = 0;
            double xv = 0;
            double yu = 0;
            double yv = 0;
            for (int at = 0; at < per; at++) {
                int i = section.nodeOf[element * per + at];
                double here = across[at % n] * over[at / n];
                double rise = acrossSlope[at % n] * over[at / n];
                double lift = across[at % n] * overSlope[at / n];
                offX -= here * section.x[i];
                offY -= here * section.y[i];
                xu += rise * section.x[i];
                xv += lift * section.x[i];
                yu += rise * section.y[i];
                yv += lift * section.y[i];
            }
            off = Math.abs(offX) + Math.abs(offY);
            double size = xu * yv - xv * yu;
            u = clamp(u + (offX * yv - offY * xv) / size);
            v = clamp(v + (offY * xu - offX * yu) / size);
            thrown += Math.abs(u) == FAR_OUT || Math.abs(v) == FAR_OUT ? 1 : 0;
        }
        return new double[] {u, v, off};
    }

    /* Far outside a map may fold over. */
    private static double clamp(double local) {
        return Math.max(-FAR_OUT, Math.min(FAR_OUT, local));
    }
}
