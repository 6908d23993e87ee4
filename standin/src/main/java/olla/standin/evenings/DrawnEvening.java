package olla.standin.evenings;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;
import olla.core.doneness.Doneness;
import olla.core.dress.Bed;
import olla.core.dress.Dress;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.dress.UsualProgramme;
import olla.core.dress.Vegetable;
import olla.core.evening.Evening;
import olla.core.evening.EveningOven;
import olla.core.evening.FishDish;
import olla.core.evening.Hands;
import olla.core.evening.Kitchen;
import olla.core.evening.SideDish;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.plan.TrayFit;
import olla.core.uncertainty.OvenCalibration;

/**
 * A random evening of two to five dishes, as it is said and as it is. The truth strays further from what was said than the model
 * believes, and does what the model does not know of.
 *
 * @param seed the same seed draws the same evening
 */
record DrawnEvening(long seed, Evening evening, Hidden hidden) {

    /* How much further the truth of an oven strays than the model believes. */
    private static final double FURTHER = 1.2;

    private static final double LOG_SIDE = 0.12;

    /* An oven that some bakes have taught is known so well, °C and as a logarithm. */
    private static final double KNOWN_C = 4;
    private static final double KNOWN_FILM = 0.08;

    private static final List<Species> PORTIONS =
            List.of(Species.COD, Species.HAKE, Species.SALMON, Species.CHAR, Species.ZANDER, Species.MONKFISH);
    private static final List<Species> WHOLE =
            List.of(Species.SEA_BREAM, Species.SEA_BASS, Species.TROUT, Species.SNAPPER);
    private static final List<Doneness> TARGETS =
            List.of(Doneness.JUST_OPAQUE, Doneness.FLAKES, Doneness.FLAKES, Doneness.FIRM, Doneness.OFFICIAL);

    /**
     * Draws one.
     *
     * @param taught whether bakes have taught the kitchen's ovens before
     */
    static DrawnEvening of(long seed, boolean taught) {
        // What java.util.Random draws from neighbouring seeds lies on a lattice: whole hundreds of evenings were alike.
        Random random = new Random(new SplittableRandom(seed).nextLong());
        int count = 2 + random.nextInt(4);
        int fish = 1 + random.nextInt(Math.min(3, count));
        int guests = 2 + random.nextInt(9);
        Map<String, Hidden.Oven> truth = new HashMap<>();
        List<EveningOven> ovens = new ArrayList<>();
        int ovenCount = random.nextDouble() < 0.4 ? 1 : 2;
        for (int i = 0; i < ovenCount; i++) {
            oven(i, taught, random, ovens, truth);
        }
        List<FishDish> dishes = new ArrayList<>();
        for (int i = 0; i < fish; i++) {
            dishes.add(fish("fish" + i, guests, random));
        }
        List<SideDish> sides = new ArrayList<>();
        List<Integer> kinds = new ArrayList<>(List.of(0, 1, 2, 3, 4));
        for (int i = fish; i < count; i++) {
            sides.add(side(kinds.remove(random.nextInt(kinds.size()))));
        }
        List<Hands> hands = new ArrayList<>();
        int handCount = random.nextBoolean() ? 1 : 2;
        for (int i = 0; i < handCount; i++) {
            hands.add(Hands.always("hands " + (i + 1)));
        }
        Evening evening = new Evening(guests, List.of(0.0), dishes, sides, new Kitchen(ovens, 4, hands));
        return new DrawnEvening(seed, evening, hidden(evening, truth, random));
    }

    private static void oven(
            int i, boolean taught, Random random, List<EveningOven> ovens, Map<String, Hidden.Oven> truth) {
        String key = "oven" + i;
        double offset = FURTHER * OvenModel.UNCHECKED_DOUBT_C * random.nextGaussian();
        double logFilm = FURTHER * OvenModel.FILM_DOUBT * random.nextGaussian();
        truth.put(
                key,
                new Hidden.Oven(
                        offset,
                        Math.exp(logFilm),
                        2 + 8 * random.nextDouble(),
                        9 + 6 * random.nextDouble(),
                        random.nextLong()));
        OvenCalibration believed = new OvenCalibration(
                offset + KNOWN_C * random.nextGaussian(),
                KNOWN_C,
                logFilm + KNOWN_FILM * random.nextGaussian(),
                KNOWN_FILM);
        ovens.add(new EveningOven(
                key,
                key,
                random.nextBoolean() ? OvenKind.STILL : OvenKind.FAN,
                taught ? believed : OvenCalibration.UNCHECKED,
                random.nextDouble() < 0.3 ? 1 : 2,
                Optional.of(new TrayFit(400, 300)),
                OptionalDouble.empty()));
    }

    private static FishDish fish(String key, int guests, Random random) {
        Doneness target = TARGETS.get(random.nextInt(TARGETS.size()));
        int kind = random.nextInt(4);
        boolean whole = kind == 3;
        Species species =
                whole ? WHOLE.get(random.nextInt(WHOLE.size())) : PORTIONS.get(random.nextInt(PORTIONS.size()));
        double thickness = whole ? 40 + random.nextInt(21) : 20 + random.nextInt(16);
        OptionalDouble none = OptionalDouble.empty();
        Piece piece = Piece.from(
                species, whole ? Cut.WHOLE : Cut.PORTION, OptionalDouble.of(thickness), none, none, none, none, false);
        Dress dress = switch (kind) {
            case 0 -> Dress.open();
            case 1 -> Dress.in(new Parcel(Sheet.PARCHMENT)).on(new Bed(List.of(Vegetable.LEEK), Bed.USUAL_MM));
            case 2 -> Dress.in(new Parcel(Sheet.FOIL));
            default -> Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND));
        };
        double dial = 5
                * Math.rint(
                        (kind == 1 || kind == 2 ? 180 + 20 * random.nextDouble() : 190 + 40 * random.nextDouble()) / 5);
        return new FishDish(
                key,
                key,
                0,
                piece,
                dress,
                OvenKind.STILL,
                UsualProgramme.programme(dress, OvenKind.STILL, dial, dress.usualRestMinutes()),
                true,
                target,
                whole ? Math.max(1, guests / 3) : guests,
                Set.of(),
                false);
    }

    private static SideDish side(int kind) {
        return switch (kind) {
            case 0 -> side("potatoes", SideDish.Where.OVEN, 10, 45, 200, 2, 25);
            case 1 -> side("rice", SideDish.Where.HOB, 2, 20, 0, 1, 20);
            case 2 -> side("greens", SideDish.Where.HOB, 6, 6, 0, 1, 5);
            case 3 -> side("roots", SideDish.Where.OVEN, 8, 30, 190, 1, 15);
            default -> side("salad", SideDish.Where.COLD, 8, 0, 0, 3, 20);
        };
    }

    private static SideDish side(
            String key,
            SideDish.Where where,
            double prepareMin,
            double cookMin,
            double dialC,
            double finishMin,
            double waitsMin) {
        return new SideDish(
                key, key, 0, where, prepareMin, cookMin, dialC, SideDish.USUAL_GIVE_C, 1, finishMin, waitsMin, 0);
    }

    private static Hidden hidden(Evening evening, Map<String, Hidden.Oven> ovens, Random random) {
        Map<String, Long> fish = new HashMap<>();
        evening.fish().forEach(dish -> fish.put(dish.key(), random.nextLong()));
        Map<String, Double> sides = new HashMap<>();
        evening.sides().forEach(side -> sides.put(side.key(), Math.exp(LOG_SIDE * random.nextGaussian())));
        Hidden.Probe probe = new Hidden.Probe(random.nextGaussian(), 0.5, 0.12 * random.nextDouble());
        return new Hidden(ovens, fish, sides, probe, random.nextLong());
    }
}
