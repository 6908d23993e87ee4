package olla.core.dress;

import olla.core.fish.BodyShape;
import olla.core.fish.Cut;
import olla.core.fish.EatingQualities.Firmness;
import olla.core.fish.Fish;
import olla.core.messages.Message;

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
     * @param reason why
     */
    public record Suitability(Style style, Fit fit, Message reason) {}

    private static final double OILY_FAT = 0.05;

    /** How well a fish of this cut suits this way. */
    public Suitability suits(Fish species, Cut cut) {
        Firmness firmness = species.eatingQualities().firmness();
        boolean oily = species.composition().fat() >= OILY_FAT;
        return switch (this) {
            case OPEN_TRAY ->
                oily ? well("open.oily") : firmness == Firmness.DELICATE ? care("open.delicate") : well("open.lean");
            case TOPPING -> cut == Cut.WHOLE ? poorly("topping.whole") : well("topping.flat");
            case BREADED -> cut == Cut.WHOLE ? poorly("breaded.whole") : well("breaded.holds");
            case PARCHMENT, FOIL ->
                cut == Cut.WHOLE && this == PARCHMENT
                        ? care("parcel.fins")
                        : firmness == Firmness.DELICATE ? care("parcel.delicate") : well("parcel.holds");
            case SALT_CRUST -> salt(species, cut);
            case TRAY_BAKE -> cut == Cut.WHOLE ? care("tray-bake.whole") : well("tray-bake.fillet");
        };
    }

    private Suitability salt(Fish species, Cut cut) {
        if (cut != Cut.WHOLE) {
            return poorly("salt.bare");
        }
        if (species.shape() == BodyShape.FLAT) {
            return poorly("salt.flat");
        }
        return species.eatingQualities().firmness() == Firmness.DELICATE ? care("salt.delicate") : well("salt.round");
    }

    private Suitability well(String reason) {
        return new Suitability(this, Fit.WELL, Message.of("suits." + reason));
    }

    private Suitability care(String reason) {
        return new Suitability(this, Fit.WITH_CARE, Message.of("suits." + reason));
    }

    private Suitability poorly(String reason) {
        return new Suitability(this, Fit.POORLY, Message.of("suits." + reason));
    }
}
