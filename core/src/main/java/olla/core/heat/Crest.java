package olla.core.heat;

/**
 * The warmest that the coldest of a material was on the way through a step: it may have been one place that warmed until another, that
 * cooled, was colder. Each node goes by the cubic that begins and ends as warm and rises there as fast as it does. Mutable, for one
 * thread; nothing is allocated after it is made.
 */
final class Crest {

    private static final int LOOKS = 6;
    private static final int ROUNDS = 8;
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

    private final SectionNodes nodes;
    private final Coldest coldest;
    private final double[] then;
    private double[] from;
    private double[] to;
    private double[] first;
    private double[] last;

    Crest(SectionNodes nodes) {
        this.nodes = nodes;
        this.coldest = nodes.coldest();
        this.then = new double[nodes.all];
    }

    /**
     * Not where the coldest cools from the start, nor where it is one node that warms until the end.
     *
     * @param from temperatures at the step's beginning, °C
     * @param to at its end
     * @param first by how much each node would warm in the step if it went on as it began, K
     */
    boolean mayBe(int material, double[] from, double[] to, double[] first) {
        int node = coldest.node(from, material);
        double atEnd = 2 * (to[node] - from[node]) - first[node];
        return first[node] > 0 && (atEnd < 0 || coldest.node(to, material) != node);
    }

    /**
     * The warmest that the coldest was, °C.
     *
     * @param first by how much each node would warm in the step if it went on as it began, K
     * @param last by how much if it had as it does at the end, K
     */
    double of(int material, double[] from, double[] to, double[] first, double[] last) {
        this.from = from;
        this.to = to;
        this.first = first;
        this.last = last;
        int best = 0;
        double there = Double.NEGATIVE_INFINITY;
        for (int look = 0; look <= LOOKS; look++) {
            double c = coldestAt(material, (double) look / LOOKS);
            if (c > there) {
                there = c;
                best = look;
            }
        }
        double low = Math.max(0, best - 1.0) / LOOKS;
        double high = Math.min(LOOKS, best + 1.0) / LOOKS;
        return Math.max(there, between(material, low, high));
    }

    /* By the golden section: what was looked at once serves for the next round too. */
    private double between(int material, double from, double to) {
        double low = from;
        double high = to;
        double left = high - GOLDEN * (high - low);
        double right = low + GOLDEN * (high - low);
        double a = coldestAt(material, left);
        double b = coldestAt(material, right);
        for (int round = 0; round < ROUNDS; round++) {
            if (a < b) {
                low = left;
                left = right;
                a = b;
                right = low + GOLDEN * (high - low);
                b = coldestAt(material, right);
            } else {
                high = right;
                right = left;
                b = a;
                left = high - GOLDEN * (high - low);
                a = coldestAt(material, left);
            }
        }
        return Math.max(a, b);
    }

    private double coldestAt(int material, double part) {
        for (int i : coldest.nodes(material)) {
            then[i] = DenseOutput.cubic(from[i], to[i], first[i], last[i], part);
        }
        return coldest.about(then, coldest.node(then, material));
    }
}
