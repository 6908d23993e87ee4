package olla.core.dress;

import olla.core.fish.BodyShape;
import olla.core.fish.Piece;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;

/**
 * What a salt crust takes: by geometry (a bed under the fish, a cover over it) and, beside it, by the damping's ratio.
 *
 * @param bedG salt for the bed, g
 * @param coverG salt for the cover, g
 * @param ratioG salt by the damping's ratio to the fish, g
 * @param difference why the two differ
 * @param whites egg whites, of the size chosen
 * @param waterMl water at first, ml; the rest by the splash
 * @param looseMl the salt poured, ml
 * @param trayLengthMm least inner length of the tray, mm
 * @param trayWidthMm least inner width of the tray, mm
 */
public record SaltNeed(
        double bedG,
        double coverG,
        double ratioG,
        Message difference,
        int whites,
        double waterMl,
        double looseMl,
        double trayLengthMm,
        double trayWidthMm) {

    /** A bag of salt, g (common practice, no source). */
    public static final double USUAL_BAG_G = 1000;

    /** Oil that one yolk binds to a mayonnaise, ml (common practice, no source). */
    public static final double OIL_LEAST_ML = 120;

    /** Oil that one yolk binds at most, ml (common practice, no source). */
    public static final double OIL_MOST_ML = 180;

    /* Of an ellipse drawn over length and depth a fish covers about this much (from memory). */
    private static final double PLAN = 0.9;

    /* Air round the crust on its tray, mm. */
    private static final double MARGIN_MM = 15;

    /* Within this the two ways of reckoning agree. */
    private static final double AGREE = 0.1;

    private static final double THINNEST_MM = 0.5;
    private static final double THICKEST_MM = 60;

    /** What a crust takes for a fish. */
    public static SaltNeed of(SaltCrust crust, Piece fish) {
        double dry = 1 - crust.damping().waterShare();
        double perMm3 = crust.salt().packedKgM3() * 1e-6 * dry;
        double bed = bedMm3(fish, crust.coatMm(), crust.headAndTail()) * perMm3;
        double cover = coverMm3(fish, crust.coatMm(), crust.headAndTail()) * perMm3;
        double salt = bed + cover;
        double ratio = crust.damping().saltForFish() * fish.massG();
        double whites = crust.damping().whitesAKilo()
                * salt
                / 1000
                * EggSize.MEDIUM.whiteG()
                / crust.eggs().whiteG();
        return new SaltNeed(
                bed,
                cover,
                ratio,
                difference(crust, salt, ratio),
                (int) Math.ceil(whites - 0.15),
                crust.damping().waterMlAKilo() * salt / 1000,
                salt / crust.salt().looseKgM3() * 1000,
                alongMm(fish, crust.headAndTail()) + 2 * (crust.coatMm() + MARGIN_MM),
                fish.acrossMm() + 2 * (crust.coatMm() + MARGIN_MM));
    }

    /**
     * How thick so much salt lies, mm, where half of it is the bed.
     *
     * @param saltG salt that is there, g, above 0
     * @throws olla.core.messages.RefusedInput where there is none
     */
    public static double coatMm(SaltCrust crust, Piece fish, double saltG) {
        new Refusals().range("saltG", "salt", saltG, 1, 50_000, Unit.GRAM).throwIfAny();
        double perMm3 = crust.salt().packedKgM3() * 1e-6 * (1 - crust.damping().waterShare());
        double thin = THINNEST_MM;
        double thick = THICKEST_MM;
        for (int i = 0; i < 40; i++) {
            double middle = (thin + thick) / 2;
            double needs =
                    (bedMm3(fish, middle, crust.headAndTail()) + coverMm3(fish, middle, crust.headAndTail())) * perMm3;
            if (needs < saltG) {
                thin = middle;
            } else {
                thick = middle;
            }
        }
        return thin;
    }

    /** Salt in all, g. */
    public double saltG() {
        return bedG + coverG;
    }

    /** How many bags to buy. */
    public int bags(double bagG) {
        return (int) Math.ceil(saltG() / bagG);
    }

    private static double alongMm(Piece fish, boolean headAndTail) {
        return fish.lengthMm() * (headAndTail ? 1 : BodyShape.WITHOUT_HEAD_AND_TAIL);
    }

    private static double bedMm3(Piece fish, double coat, boolean headAndTail) {
        double along = alongMm(fish, headAndTail) + 2 * coat;
        return PLAN * Math.PI / 4 * along * (fish.acrossMm() + 2 * coat) * coat;
    }

    /* Half an ellipsoid grown by the coat, less half the ellipsoid; under its equator a skirt, which in a thick crust fills
     * some of the hollow under the belly and in a thin one follows it. */
    private static double coverMm3(Piece fish, double coat, boolean headAndTail) {
        double a = alongMm(fish, headAndTail) / 2;
        double b = fish.acrossMm() / 2;
        double c = fish.heightMm() / 2;
        double dome = PLAN * 2.0 / 3 * Math.PI * ((a + coat) * (b + coat) * (c + coat) - a * b * c);
        double rim = Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));
        double hollow = coat < SaltCrust.FOLLOWS_BELOW_MM ? 0 : Math.min(coat, b * (1 - Math.PI / 4));
        return dome + PLAN * rim * c * (coat + hollow);
    }

    private static Message difference(SaltCrust crust, double salt, double ratio) {
        String key = Math.abs(salt / ratio - 1) < AGREE ? "same" : salt > ratio ? "thinner" : "more";
        return Message.of(
                "salt.by-weight." + key,
                "school",
                Message.word(crust.damping()).opening(),
                "ratio",
                Quantity.grams(Math.round(ratio / 50) * 50),
                "coat",
                Quantity.mm(crust.coatMm()));
    }
}
