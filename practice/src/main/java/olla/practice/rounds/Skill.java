package olla.practice.rounds;

import java.util.List;
import java.util.stream.Stream;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import olla.practice.kitchen.Pieces;
import olla.practice.kitchen.Setting.Wanted;
import olla.practice.kitchen.Way;

/** What is practised, in the order in which it grows harder; the drills of a minute stand last. */
public enum Skill {
    /** A portion as thick at one end as at the other. */
    EVEN(OvenKind.FAN, open(lean(0.020, 0.027, 0, 0.05))),
    THICK(OvenKind.FAN, open(lean(0.034, 0.044, 0, 0.08))),
    /** Its thin end is done long before the rest. */
    TAPER(OvenKind.FAN, open(lean(0.026, 0.034, 0.5, 0.68))),
    OILY(OvenKind.STILL, open(new Pieces(List.of(Species.SALMON, Species.TROUT), 0.020, 0.032, 0, 0.1))),
    /** Judged by touch, through the paper. */
    PARCEL(OvenKind.FAN, new Wanted(Way.PARCHMENT, lean(0.020, 0.030, 0, 0.1))),
    /** Blind: nothing of the fish is seen before the crust is off. */
    CRUST(OvenKind.STILL, new Wanted(Way.SALT, new Pieces(List.of(Species.SEA_BREAM), 0, 0, 0, 0))),
    /** A thin one and a thick one in the same oven. */
    TWO(OvenKind.FAN, open(lean(0.018, 0.022, 0, 0.05)), open(lean(0.032, 0.038, 0, 0.05))),
    /** An oven whose dial lies. */
    OVEN(OvenKind.STILL, open(lean(0.022, 0.032, 0, 0.1))),
    /** Which grade a fish has, by how it looks and smells. */
    FRESHNESS(OvenKind.STILL),
    /** How thick a piece is, by eye. */
    BY_EYE(OvenKind.STILL);

    private final OvenKind kind;
    private final List<Wanted> dishes;

    Skill(OvenKind kind, Wanted... dishes) {
        this.kind = kind;
        this.dishes = List.of(dishes);
    }

    private static Pieces lean(double leastM, double mostM, double leastTaper, double mostTaper) {
        return new Pieces(
                List.of(Species.HAKE, Species.HADDOCK, Species.HALIBUT), leastM, mostM, leastTaper, mostTaper);
    }

    private static Wanted open(Pieces pieces) {
        return new Wanted(Way.OILED, pieces);
    }

    /** Whether fish is baked in it; else it is a drill. */
    public boolean bakes() {
        return !dishes.isEmpty();
    }

    /** The oven it is baked in. */
    OvenKind kind() {
        return kind;
    }

    /** What goes in. */
    List<Wanted> dishes() {
        return dishes;
    }

    /** What can be done to find out how far a dish is: only what its dress lets through, and a probe where judging by eye is not what is practised. */
    public List<Move.Kind> looks() {
        Stream<Move.Kind> looks = switch (this) {
            case PARCEL -> Stream.of(Move.Kind.LOOK, Move.Kind.TOUCH, Move.Kind.KNIFE);
            case CRUST -> Stream.of(Move.Kind.LOOK, Move.Kind.KNIFE);
            case THICK, OVEN -> Stream.of(Move.Kind.LOOK, Move.Kind.KNIFE, Move.Kind.FORK, Move.Kind.PROBE);
            default -> Stream.of(Move.Kind.LOOK, Move.Kind.KNIFE, Move.Kind.FORK);
        };
        return bakes() ? looks.toList() : List.of();
    }
}
