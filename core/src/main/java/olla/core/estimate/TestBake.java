package olla.core.estimate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.uncertainty.Ensemble;
import olla.core.uncertainty.OvenCalibration;
import olla.core.uncertainty.OvenLearning;
import olla.core.uncertainty.Reads;

/**
 * What to put into an oven that is not known, to learn most of it in one go: everyday dishes, each with what it would tell on the
 * average, and by how much that would narrow the windows of them all. A dish tells of its oven as far as it is slow or quick through its
 * oven rather than through anything else that is not known of it.
 *
 * @param dish which
 * @param reads by what it is read
 * @param air whether a thermometer hangs in the oven too
 * @param offsetDoubtC how well the oven's error is known after it: one standard deviation, °C
 * @param logFilmDoubt and the logarithm of its film
 * @param fromMin how wide the windows of all these dishes are before it, minutes, on the average
 * @param toMin and after it
 */
public record TestBake(
        TestDish dish,
        Reads reads,
        boolean air,
        double offsetDoubtC,
        double logFilmDoubt,
        double fromMin,
        double toMin) {

    private static final long SEED = 1;

    /** Dishes that any kitchen can make, of fish that any market has. */
    public enum TestDish {
        PORTION(Species.HAKE, Cut.PORTION, 25, 180, Dress.open(), 220),
        THICK_PORTION(Species.HAKE, Cut.PORTION, 40, 280, Dress.open(), 200),
        PARCHMENT(Species.HAKE, Cut.PORTION, 25, 180, Dress.in(new Parcel(Sheet.PARCHMENT)), 200),
        FOIL(Species.HAKE, Cut.PORTION, 40, 280, Dress.in(new Parcel(Sheet.FOIL)), 200),
        WHOLE(Species.SEA_BREAM, Cut.WHOLE, 45, 500, Dress.open(), 200),
        SALT_CRUST(Species.SEA_BREAM, Cut.WHOLE, 50, 800, Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)), 210);

        private final Species species;
        private final Cut cut;
        private final double thicknessMm;
        private final double massG;
        private final Dress dress;
        private final double tempC;

        TestDish(Species species, Cut cut, double thicknessMm, double massG, Dress dress, double tempC) {
            this.species = species;
            this.cut = cut;
            this.thicknessMm = thicknessMm;
            this.massG = massG;
            this.dress = dress;
            this.tempC = tempC;
        }

        public Species species() {
            return species;
        }

        public Cut cut() {
            return cut;
        }

        /** By the ruler, mm. */
        public double thicknessMm() {
            return thicknessMm;
        }

        public double massG() {
            return massG;
        }

        public Dress dress() {
            return dress;
        }

        /** The dial, °C. */
        public double tempC() {
            return tempC;
        }

        private Piece piece() {
            OptionalDouble usual = OptionalDouble.empty();
            return Piece.from(
                    species, cut, OptionalDouble.of(thicknessMm), OptionalDouble.of(massG), usual, usual, usual, false);
        }

        /** What it is, as it is laid out. */
        public Message words() {
            return Message.of(
                    Message.word(this).key(),
                    "thickness",
                    Quantity.mm(thicknessMm),
                    "mass",
                    Quantity.grams(massG),
                    "dial",
                    Quantity.dial(tempC));
        }

        private Optional<Ensemble> members(OvenKind kind, OvenCalibration believed) {
            Piece piece = piece();
            Programme programme = Estimator.usual(
                    piece, dress, believed.likely(kind), Doneness.FLAKES, tempC, dress.usualRestMinutes());
            return Estimator.watched(piece, dress, kind, believed, OvenEvents.NONE, programme, Doneness.FLAKES, SEED);
        }
    }

    /** What it would tell, as a sentence. */
    public Message words() {
        return Message.of(
                "test-bake.tells",
                "offset",
                Quantity.kelvin(offsetDoubtC),
                "film",
                Math.round(100 * Math.expm1(logFilmDoubt)),
                "from",
                Quantity.minutes(Math.round(10 * fromMin) / 10.0),
                "to",
                Quantity.minutes(Math.round(10 * toMin) / 10.0));
    }

    private record Candidate(TestDish dish, Ensemble members) {}

    /**
     * All there are, those that narrow most first. Takes some seconds.
     *
     * @param believed of the oven
     */
    public static List<TestBake> of(OvenKind kind, OvenCalibration believed) {
        List<Candidate> candidates = new ArrayList<>();
        for (TestDish dish : TestDish.values()) {
            dish.members(kind, believed).ifPresent(members -> candidates.add(new Candidate(dish, members)));
        }
        List<TestBake> rated = new ArrayList<>();
        for (Candidate candidate : candidates) {
            for (Reads reads : Reads.values()) {
                rated.add(rated(candidate, reads, false, candidates));
                rated.add(rated(candidate, reads, true, candidates));
            }
        }
        rated.sort(Comparator.comparingDouble(TestBake::toMin));
        return List.copyOf(rated);
    }

    private static TestBake rated(Candidate candidate, Reads reads, boolean air, List<Candidate> all) {
        OvenLearning learned = candidate.members().wouldTell(reads, air);
        return new TestBake(
                candidate.dish(),
                reads,
                air,
                learned.offsetDoubtC(),
                learned.logFilmDoubt(),
                all.stream()
                        .mapToDouble(c -> c.members().window().widthMin())
                        .average()
                        .orElseThrow(),
                all.stream()
                        .mapToDouble(c -> c.members().widthMin(learned))
                        .average()
                        .orElseThrow());
    }
}
