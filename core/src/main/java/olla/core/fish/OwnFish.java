package olla.core.fish;

import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;

/**
 * A fish that is not in the table, by what a cook knows of it. Whatever its closest relation is cautioned for it is, too; an
 * exemption of that one's is not its own.
 *
 * @param name what the kitchen calls it, 1 to 60 characters
 * @param closest the fish of the table that it is most like
 * @param shape its build
 * @param fatPercent fat in its raw flesh, 0.2 to 30 per cent by mass
 */
public record OwnFish(String name, Species closest, BodyShape shape, double fatPercent) implements Fish {

    /** As long as a name may be, characters. */
    public static final int LONGEST_NAME = 60;

    /* Where the trade calls flesh moderately fat, and where oily, per cent (common practice, no source). */
    private static final double MEDIUM_FROM = 2.5;
    private static final double OILY_FROM = 5;

    /** @throws olla.core.messages.RefusedInput where it has no name or no fish is so fat */
    public OwnFish {
        name = name.strip();
        new Refusals()
                .length("ownName", "fish-name", name, 1, LONGEST_NAME)
                .range("fatPercent", "fat", fatPercent, 0.2, 30, Unit.NUMBER)
                .throwIfAny();
    }

    @Override
    public Message words() {
        return Message.typed(name);
    }

    @Override
    public Message inside() {
        return Message.typed(name);
    }

    @Override
    public Group group() {
        if (fatPercent >= OILY_FROM) {
            return Group.OILY;
        }
        if (fatPercent >= MEDIUM_FROM) {
            return Group.MEDIUM;
        }
        return shape == BodyShape.FLAT ? Group.FLAT_WHITE : Group.LEAN_WHITE;
    }

    /** Protein and ash as its relation's; in fish, fat takes the place of water (general knowledge). */
    @Override
    public Composition composition() {
        Composition like = closest.composition();
        double fat = fatPercent / 100;
        return new Composition(like.water() + like.fat() - fat, like.protein(), fat, like.ash());
    }

    @Override
    public EatingQualities eatingQualities() {
        return closest.eatingQualities();
    }

    @Override
    public boolean formsHistamine() {
        return closest.formsHistamine();
    }

    @Override
    public boolean fromReefs() {
        return closest.fromReefs();
    }
}
