package olla.core.evening;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import olla.core.doneness.Doneness;
import olla.core.dress.Bed;
import olla.core.dress.Dress;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.dress.Topping;
import olla.core.dress.UsualProgramme;
import olla.core.dress.Vegetable;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import olla.core.plan.TrayFit;
import olla.core.uncertainty.OvenCalibration;

/** Builds evenings for tests: twelve guests at once, a still oven and a fan oven of two shelves each, one pair of hands. */
public final class Evenings {

    private int guests = 12;
    private List<Double> courses = List.of(0.0);
    private final List<FishDish> fish = new ArrayList<>();
    private final List<SideDish> sides = new ArrayList<>();
    private final List<EveningOven> ovens = new ArrayList<>();
    private final List<Hands> hands = new ArrayList<>();
    private int burners = 4;

    public static Evenings empty() {
        return new Evenings();
    }

    /** Two ovens, one cook. */
    public static Evenings guesthouse() {
        return new Evenings()
                .oven("still", OvenKind.STILL, 2)
                .oven("fan", OvenKind.FAN, 2)
                .hands(1);
    }

    public Evenings guests(int count) {
        guests = count;
        return this;
    }

    public Evenings courses(Double... minutes) {
        courses = List.of(minutes);
        return this;
    }

    public Evenings oven(String key, OvenKind kind, int shelves) {
        return oven(key, kind, shelves, OptionalDouble.empty());
    }

    public Evenings oven(String key, OvenKind kind, int shelves, OptionalDouble keepsC) {
        ovens.add(new EveningOven(
                key, key, kind, OvenCalibration.UNCHECKED, shelves, Optional.of(new TrayFit(400, 300)), keepsC));
        return this;
    }

    public Evenings hands(int count) {
        hands.clear();
        for (int i = 0; i < count; i++) {
            hands.add(Hands.always("hands " + (i + 1)));
        }
        return this;
    }

    public Evenings burners(int count) {
        burners = count;
        return this;
    }

    public Evenings fish(String key, Piece piece, Dress dress, double dialC, int pieces, String... inOvens) {
        fish.add(new FishDish(
                key,
                key,
                0,
                piece,
                dress,
                OvenKind.STILL,
                UsualProgramme.programme(dress, OvenKind.STILL, dialC, dress.usualRestMinutes()),
                true,
                Doneness.FLAKES,
                pieces,
                Set.of(inOvens),
                false));
        return this;
    }

    /** Portions of hake on an open tray, 230 °C. */
    public Evenings portions(String key) {
        return fish(key, piece(Species.HAKE, Cut.PORTION, 25), Dress.open(), 220, 6);
    }

    /** Parcels of char, 200 °C. */
    public Evenings parcels(String key) {
        return fish(
                key,
                piece(Species.CHAR, Cut.PORTION, 28),
                Dress.in(new Parcel(Sheet.PARCHMENT)).on(new Bed(List.of(Vegetable.LEEK), Bed.USUAL_MM)),
                200,
                6);
    }

    /** A crumb on zander, 210 °C. */
    public Evenings crumbed(String key) {
        return fish(
                key,
                piece(Species.ZANDER, Cut.PORTION, 25),
                Dress.under(new Topping(Mix.CRUMB, Topping.When.BEFORE, Topping.USUAL_DEPTH_MM)),
                210,
                6);
    }

    /** A whole gilthead in salt, 210 °C. */
    public Evenings inSalt(String key) {
        return fish(
                key,
                piece(Species.SEA_BREAM, Cut.WHOLE, 55),
                Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)),
                210,
                2);
    }

    public Evenings side(String key, SideDish.Where where, double cookMin, double dialC, double waitsMin) {
        sides.add(new SideDish(
                key, key, 0, where, 8, cookMin, dialC, 20, 1, where == SideDish.Where.COLD ? 3 : 2, waitsMin, 0));
        return this;
    }

    public Evenings potatoes() {
        return side("potatoes", SideDish.Where.OVEN, 45, 200, 25);
    }

    public Evenings rice() {
        return side("rice", SideDish.Where.HOB, 20, 0, 20);
    }

    public Evenings greens() {
        return side("greens", SideDish.Where.HOB, 5, 0, 4);
    }

    public Evenings salad() {
        return side("salad", SideDish.Where.COLD, 0, 0, 15);
    }

    public static Piece piece(Species species, Cut cut, double thicknessMm) {
        OptionalDouble none = OptionalDouble.empty();
        return Piece.from(species, cut, OptionalDouble.of(thicknessMm), none, none, none, none, false);
    }

    public Evening build() {
        return new Evening(guests, courses, fish, sides, new Kitchen(ovens, burners, hands));
    }
}
