package olla.core.heat;

/**
 * The right half of a cross-section that is symmetric about the upright axis x = 0 and single-valued from above and from
 * below. Lengths in metres; y = 0 is the tray.
 */
public sealed interface Outline
        permits Outline.RoundedRectangle,
                Outline.Ellipse,
                Outline.Tapering,
                Outline.Raised,
                Outline.Mound,
                Outline.Over {

    /** Half the width, m. */
    double halfWidth();

    /** From the lowest point to the highest, m. */
    double height();

    /** Upper edge over x in 0..halfWidth, m. */
    double upper(double x);

    /** Lower edge over x in 0..halfWidth, m. */
    double lower(double x);

    /** The lowest point above the tray, m. */
    default double base() {
        return 0;
    }

    /** Whether a point lies inside. */
    default boolean contains(double x, double y) {
        return x <= halfWidth() && y > lower(x) && y < upper(x);
    }

    /** The same shape with a skin of even thickness round it, lying on the tray; m. */
    Outline grown(double byM);

    /**
     * A block with rounded corners: fillets, portions, sides, a bed.
     *
     * @param halfWidth half the width, m
     * @param height height, m
     * @param topRadius radius of the upper corner, m
     * @param bottomRadius radius of the lower corner, m; the two together no more than the height
     */
    record RoundedRectangle(double halfWidth, double height, double topRadius, double bottomRadius) implements Outline {
        @Override
        public double upper(double x) {
            return height - drop(x, topRadius);
        }

        @Override
        public Outline grown(double byM) {
            double top = Math.min(topRadius + byM, halfWidth + byM);
            double bottom = Math.min(bottomRadius + byM, height / 2);
            return new RoundedRectangle(halfWidth + byM, height + 2 * byM, top, bottom);
        }

        @Override
        public double lower(double x) {
            return drop(x, bottomRadius);
        }

        private double drop(double x, double radius) {
            double into = x - (halfWidth - radius);
            if (into <= 0) {
                return 0;
            }
            return radius - Math.sqrt(Math.max(0, radius * radius - into * into));
        }
    }

    /**
     * A lying ellipse: whole fish, rolls, a stuffing.
     *
     * @param halfWidth half the wide axis, m
     * @param height the upright axis, m
     */
    record Ellipse(double halfWidth, double height) implements Outline {
        @Override
        public double upper(double x) {
            return height / 2 + bulge(x);
        }

        @Override
        public double lower(double x) {
            return height / 2 - bulge(x);
        }

        @Override
        public Outline grown(double byM) {
            return new Ellipse(halfWidth + byM, height + 2 * byM);
        }

        private double bulge(double x) {
            double along = Math.min(1, x / halfWidth);
            return height / 2 * Math.sqrt(1 - along * along);
        }
    }

    /**
     * A piece cut along its length, from its thickest place to its thin end, which is blunt.
     *
     * @param halfWidth from the one to the other, m
     * @param height at the thickest place, m
     * @param endShare how thick the thin end is, of that
     * @param power how long it stays thick: 1 for a wedge, more for a belly
     * @param round whether it curves away from the tray as it does above
     */
    record Tapering(double halfWidth, double height, double endShare, double power, boolean round) implements Outline {
        @Override
        public double upper(double x) {
            return round ? (height + thick(x)) / 2 : thick(x);
        }

        @Override
        public double lower(double x) {
            return round ? (height - thick(x)) / 2 : 0;
        }

        @Override
        public Outline grown(double byM) {
            double higher = height + 2 * byM;
            return new Tapering(halfWidth + byM, higher, (endShare * height + 2 * byM) / higher, power, round);
        }

        private double thick(double x) {
            double thins = height * (1 - (1 - endShare) * Math.pow(Math.min(1, x / halfWidth), power));
            double blunt = Math.min(halfWidth, endShare * height / 2);
            double into = Math.max(0, x - (halfWidth - blunt)) / blunt;
            return thins * Math.sqrt(Math.max(0, 1 - into * into));
        }
    }

    /**
     * A shape lifted off the tray, by whatever lies under it.
     *
     * @param of the shape
     * @param byM how far, m
     */
    record Raised(Outline of, double byM) implements Outline {
        @Override
        public double halfWidth() {
            return of.halfWidth();
        }

        @Override
        public double height() {
            return of.height();
        }

        @Override
        public double upper(double x) {
            return of.upper(x) + byM;
        }

        @Override
        public double lower(double x) {
            return of.lower(x) + byM;
        }

        @Override
        public Outline grown(double skinM) {
            return of.grown(skinM);
        }

        @Override
        public double base() {
            return of.base() + byM;
        }
    }

    /**
     * A heap with a flat foot: upright sides up to a shoulder, then half an ellipse. A crust of salt.
     *
     * @param halfWidth half the width, m
     * @param height height, m
     * @param shoulder where the sides begin to lean in, m; less than the height
     */
    record Mound(double halfWidth, double height, double shoulder) implements Outline {
        @Override
        public double upper(double x) {
            double along = Math.min(1, x / halfWidth);
            return shoulder + (height - shoulder) * Math.sqrt(1 - along * along);
        }

        @Override
        public double lower(double x) {
            return 0;
        }

        @Override
        public Outline grown(double byM) {
            return new Mound(halfWidth + byM, height + byM, shoulder);
        }
    }

    /**
     * A layer that lies on the upper side of another shape: a topping.
     *
     * @param of what it lies on
     * @param depthM how deep, m
     */
    record Over(Outline of, double depthM) implements Outline {
        @Override
        public double halfWidth() {
            return of.halfWidth();
        }

        @Override
        public double height() {
            return of.upper(0) + depthM - base();
        }

        @Override
        public double upper(double x) {
            return of.upper(x) + depthM;
        }

        @Override
        public double lower(double x) {
            return of.upper(x);
        }

        @Override
        public Outline grown(double byM) {
            return new Over(of, depthM + byM);
        }

        @Override
        public double base() {
            return of.upper(of.halfWidth());
        }
    }
}
