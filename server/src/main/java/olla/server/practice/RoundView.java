package olla.server.practice;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import olla.core.freshness.Score;
import olla.core.freshness.Sense;
import olla.core.messages.Message;
import olla.core.oven.OvenKind;
import olla.core.uncertainty.Observation.Verdict;
import olla.practice.rounds.ByEye;
import olla.practice.rounds.Freshness;
import olla.practice.rounds.Move;
import olla.practice.rounds.Seen;
import olla.practice.rounds.Skill;
import olla.practice.rounds.Slip;
import olla.practice.rounds.Timing;
import olla.practice.rounds.Truth;
import olla.server.web.MaybeAbsent;

/**
 * A round as far as it has gone.
 *
 * @param name what its skill is called
 * @param about what is practised in it
 * @param slips the tickets of what is in the oven; empty in a drill
 * @param looks what can be done to find out how far a dish is
 * @param hands how long each move takes
 * @param seen what each move showed
 * @param truth what was so; missing before it is over
 * @param fish a fish to be graded; missing where that is not asked
 * @param piece a piece to be measured by eye; missing where that is not asked
 * @param said what is said of the answer; missing before one was given
 */
record RoundView(
        UUID id,
        Skill skill,
        Message name,
        Message about,
        List<SlipView> slips,
        List<Move.Kind> looks,
        List<Hand> hands,
        List<SeenView> seen,
        @MaybeAbsent TruthView truth,
        @MaybeAbsent FishView fish,
        @MaybeAbsent PieceView piece,
        @MaybeAbsent AnswerView said) {

    /** How long the door is open for a move while the dish is in, s. */
    record Hand(Move.Kind kind, double doorS) {

        static List<Hand> all() {
            return Arrays.stream(Move.Kind.values())
                    .map(kind -> new Hand(kind, kind.doorS()))
                    .toList();
        }
    }

    /**
     * A ticket.
     *
     * @param fish its name
     * @param minutes of what is believed
     * @param coldestC what is believed of its coldest flesh then, °C
     */
    record SlipView(
            Message fish,
            Message way,
            double thicknessMm,
            double massG,
            OvenKind kind,
            double dialC,
            double targetC,
            SlipWindow window,
            double pullC,
            double restMin,
            double[] minutes,
            double[] coldestC) {

        static SlipView of(Slip slip) {
            return new SlipView(
                    slip.fish(),
                    Message.word(slip.way()),
                    slip.thicknessMm(),
                    slip.massG(),
                    slip.kind(),
                    slip.dialC(),
                    slip.targetC(),
                    new SlipWindow(
                            slip.window().checkFromMin(),
                            slip.window().likelyMin(),
                            slip.window().noLaterThanMin()),
                    slip.pullC(),
                    slip.restMin(),
                    slip.minutes(),
                    slip.coldestC());
        }
    }

    /** When a ticket says to check, minutes. */
    record SlipWindow(double checkFromMin, double likelyMin, double noLaterThanMin) {}

    /**
     * What a move showed.
     *
     * @param throughC the parted flesh from below to above, °C
     * @param topC the dish from above, by rows along it, °C
     */
    record SeenView(
            Move.Kind kind, int dish, double minute, Message words, List<Double> throughC, List<List<Double>> topC) {

        static SeenView of(Seen seen) {
            return new SeenView(
                    seen.move().kind(),
                    seen.move().dish(),
                    seen.move().minute(),
                    seen.words(),
                    seen.throughC(),
                    seen.topC());
        }
    }

    /**
     * What was so.
     *
     * @param airC the oven's air at the minutes of the longest course, °C
     * @param words of the oven and its door
     */
    record TruthView(List<Went> dishes, List<Double> airC, List<Message> words) {

        static TruthView of(Truth truth) {
            return new TruthView(truth.dishes().stream().map(Went::of).toList(), truth.airC(), truth.words());
        }
    }

    /**
     * How a dish went.
     *
     * @param minutes of its course
     * @param coldestC its coldest flesh then, °C
     * @param words what is to be said of it
     */
    record Went(
            List<Double> minutes,
            List<Double> coldestC,
            double readyMin,
            double outMin,
            double servedMin,
            @MaybeAbsent Double lookedMin,
            double peakC,
            Verdict verdict,
            List<Message> words) {

        static Went of(Truth.Dish dish) {
            Timing timing = dish.timing();
            OptionalDouble looked = timing.lookedMin();
            return new Went(
                    dish.minutes(),
                    dish.coldestC(),
                    timing.readyMin(),
                    timing.outMin(),
                    timing.servedMin(),
                    looked.isPresent() ? looked.getAsDouble() : null,
                    dish.peakC(),
                    dish.verdict(),
                    dish.words());
        }
    }

    /**
     * A fish to be graded.
     *
     * @param whole whether it is a whole fish
     * @param looks how it is
     */
    record FishView(boolean whole, List<Trait> looks) {

        static FishView of(Freshness drill) {
            return new FishView(
                    drill.whole(),
                    drill.looks().stream()
                            .map(one -> new Trait(one.sense(), one.shows(), Message.word(one.sense()), one.look()))
                            .toList());
        }
    }

    /**
     * A character, and how it is.
     *
     * @param shows which grade it shows, to draw it by
     */
    record Trait(Sense sense, Score shows, Message name, Message look) {}

    /**
     * A piece from its end beside a cork, all in one scale that is not said.
     *
     * @param corkThick the cork's thickness there
     */
    record PieceView(double thick, double wide, double shoulders, double corkLong, double corkThick) {

        static PieceView of(ByEye drill) {
            return new PieceView(
                    drill.thicknessMm() * drill.perMm(),
                    drill.widthMm() * drill.perMm(),
                    drill.shoulders(),
                    ByEye.CORK_LONG_MM * drill.perMm(),
                    ByEye.CORK_THICK_MM * drill.perMm());
        }
    }

    /**
     * What is said of an answer.
     *
     * @param close whether it was close enough
     * @param grade what it really is; missing where that was not asked
     * @param reason what decided that
     */
    record AnswerView(
            boolean close,
            Message words,
            @MaybeAbsent Score grade,
            @MaybeAbsent Message reason) {}
}
