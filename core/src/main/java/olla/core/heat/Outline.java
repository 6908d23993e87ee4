package olla.core.heat;

/**
 * The right half of a cross-section that is symmetric about the upright axis x = 0 and single-valued from above and from
 * below. Lengths in metres; y = 0 is the lowest point.
 */
public sealed interface Outline permits Outline.RoundedRectangle, Outline.Ellipse {

    /** Half the width, m. */
    double halfWidth();

    /** Height, m. */
    double height();

    /** Upper edge over x in 0..halfWidth, m. */
    double upper(double x);

    /** Lower edge over x in 0..halfWidth, m. */
    double lower(double x);

    /**
     * A block with rounded corners: fillets, portions, sides.
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
     * A lying ellipse: whole fish, rolls.
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

        private double bulge(double x) {
            double along = Math.min(1, x / halfWidth);
            return height / 2 * Math.sqrt(1 - along * along);
        }
    }
}
