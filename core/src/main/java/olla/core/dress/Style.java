package olla.core.dress;

import olla.core.fish.BodyShape;
import olla.core.fish.Cut;
import olla.core.fish.EatingQualities.Firmness;
import olla.core.fish.Species;

/** The ways to dress a fish, and which fish suits which (common practice, no source). */
public enum Style {
    OPEN_TRAY,
    TOPPING,
    BREADED,
    PARCHMENT,
    FOIL,
    SALT_CRUST,
    TRAY_BAKE;

    /** How well a fish suits. */
    public enum Fit {
        WELL,
        WITH_CARE,
        POORLY
    }

    /**
     * A judgement with its reason.
     *
     * @param style the way to dress it
     * @param fit how well it suits
     * @param reason why, in a sentence
     */
    public record Suitability(Style style, Fit fit, String reason) {}

    private static final double OILY_FAT = 0.05;

    /** How well a fish of this cut suits this way. */
    public Suitability suits(Species species, Cut cut) {
        Firmness firmness = species.traits().firmness();
        boolean oily = species.composition().fat() >= OILY_FAT;
        return switch (this) {
            case OPEN_TRAY ->
                oily
                        ? well("Its own fat keeps it moist.")
                        : firmness == Firmness.DELICATE
                                ? care("Thin and lean: oil it well and watch it, it dries in a minute.")
                                : well("Lean: oil it, and don't let it stay.");
            case TOPPING ->
                cut == Cut.WHOLE
                        ? poorly("A topping slides off a whole fish; take fillets.")
                        : well("A flat upper side holds a topping.");
            case BREADED ->
                cut == Cut.WHOLE
                        ? poorly("A coat of crumb is for fillets and strips.")
                        : well("The coat keeps it moist, and holds it together.");
            case PARCHMENT, FOIL ->
                cut == Cut.WHOLE && this == PARCHMENT
                        ? care("A whole fish tears paper with its fins: trim them, or take foil.")
                        : firmness == Firmness.DELICATE
                                ? care("It breaks when lifted: serve it in its parcel.")
                                : well("It holds its shape in the steam.");
            case SALT_CRUST -> salt(species, cut);
            case TRAY_BAKE ->
                cut == Cut.WHOLE
                        ? care("Its underside steams on the vegetables while the top browns; fillets are easier.")
                        : well("The base is hot and wet when it comes, so it cooks from both sides.");
        };
    }

    private Suitability salt(Species species, Cut cut) {
        if (cut != Cut.WHOLE) {
            return poorly("Salt on bare flesh makes it inedible; only a whole fish in its skin will do.");
        }
        if (species.shape() == BodyShape.FLAT) {
            return poorly("Too thin: it is done before the salt is hot through, and salty at the edges.");
        }
        return species.traits().firmness() == Firmness.DELICATE
                ? care("Soft flesh: leave it to rest before you lift the crust.")
                : well("Round, in its scales: an oven inside the oven.");
    }

    private Suitability well(String reason) {
        return new Suitability(this, Fit.WELL, reason);
    }

    private Suitability care(String reason) {
        return new Suitability(this, Fit.WITH_CARE, reason);
    }

    private Suitability poorly(String reason) {
        return new Suitability(this, Fit.POORLY, reason);
    }
}
