package olla.server.bakes;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import olla.core.doneness.Cue;
import olla.core.doneness.Doneness;
import olla.core.messages.Message;
import olla.core.oven.OvenKind;
import olla.core.plan.Carving;
import olla.core.plan.Moment;
import olla.core.plan.Shortfall;
import olla.core.probe.Trust;
import olla.core.uncertainty.Assessment;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Observation.Verdict;
import olla.server.bakes.rows.Tap;
import olla.server.bakes.rows.TapKind;
import olla.server.query.EstimateAnswer.CautionAnswer;
import olla.server.query.EstimateRequest;
import olla.server.web.MaybeAbsent;

/**
 * A bake, as shown. What to do now is the moment whose seconds since {@code startedAt} hold the present. The minutes that
 * stand alone are the ticket's; {@code window} is what is believed now.
 *
 * @param revision counts up with every change
 * @param held whether it stands outside until the oven is hot
 * @param dialC what the dial stands at
 * @param by who put it in; missing where it was the machine itself
 * @param saidBy who said how it was
 * @param onceOut the moments that would follow if it came out, in seconds since then
 * @param onceOutTooSoon the same where it comes out before {@code enoughFromMin}
 * @param apart pieces that came out while the rest went on
 * @param enoughFromMin from which minute on its coast is enough; missing where none is in this oven
 * @param lacks what it lacks where it came out too soon
 * @param checking which piece to look at, where, how, as it is by then
 * @param asked what the oven's thermometer seems to tell and nobody has said
 * @param look what came of the last look
 * @param probe the probe in it
 * @param air what the oven's thermometer says
 * @param found what the others in its oven tell of that; missing where they tell nothing that matters
 * @param taps what was tapped, last first
 * @param portions helpings lifted
 * @param leftovers from when it is out
 * @param reckoning true while what follows from the latest is being worked out; the stream tells it
 * @param lesson what the oven's log has taught with this bake
 * @param card what does not change while it runs
 * @param now the server's clock, so that a tablet whose clock is wrong still counts right
 */
public record BakeView(
        UUID id,
        long revision,
        String title,
        int ovenId,
        String ovenName,
        OvenKind ovenKind,
        boolean held,
        double thicknessMm,
        double dialC,
        double targetC,
        double predictedMin,
        double checkFromMin,
        double likelyMin,
        double noLaterThanMin,
        WindowView window,
        double restMinutes,
        Instant startedAt,
        @MaybeAbsent Instant outAt,
        @MaybeAbsent Instant loggedAt,
        @MaybeAbsent Double actualMin,
        @MaybeAbsent Verdict verdict,
        @MaybeAbsent Double probeC,
        @MaybeAbsent String note,
        @MaybeAbsent String by,
        @MaybeAbsent String saidBy,
        List<MomentView> moments,
        List<MomentView> onceOut,
        List<MomentView> onceOutTooSoon,
        List<ApartView> apart,
        @MaybeAbsent Double enoughFromMin,
        @MaybeAbsent LacksView lacks,
        CheckingView checking,
        List<AskedView> asked,
        @MaybeAbsent LookView look,
        @MaybeAbsent ProbeView probe,
        @MaybeAbsent AirView air,
        @MaybeAbsent Message found,
        List<TapView> taps,
        @MaybeAbsent Integer portions,
        @MaybeAbsent LeftoversView leftovers,
        @MaybeAbsent Boolean reckoning,
        @MaybeAbsent Message lesson,
        boolean hasPhoto,
        BakeCard card,
        Instant now) {

    /** When it is done, minutes since it went in. */
    public record WindowView(double checkFromMin, double likelyMin, double noLaterThanMin) {
        static WindowView of(CheckWindow window) {
            return new WindowView(window.checkFromMin(), window.likelyMin(), window.noLaterThanMin());
        }
    }

    /** A stretch with one thing to do in it; the last has no end. */
    public record MomentView(
            Moment.Phase phase,
            Message say,
            Message hint,
            double fromSeconds,
            @MaybeAbsent Double untilSeconds,
            Message next,
            @MaybeAbsent Integer step) {
        static MomentView of(Moment m) {
            return new MomentView(
                    m.phase(),
                    m.say(),
                    m.hint(),
                    m.fromSeconds(),
                    Double.isInfinite(m.untilSeconds()) ? null : m.untilSeconds(),
                    m.next(),
                    m.step() < 0 ? null : m.step());
        }
    }

    /**
     * What came of a look.
     *
     * @param giveItMin how much longer from then until the hands come back to it, minutes; 0 where they are there
     * @param then what they do then, where it is something else than to take it out
     * @param peakIfOutC the warmest its middle gets if it comes out at that moment, °C
     * @param early whether it was before it was likely done
     * @param surprising whether it is so far from what was reckoned that it may have been another piece
     */
    public record LookView(
            double minute,
            Assessment.Advice advice,
            double giveItMin,
            @MaybeAbsent Message then,
            double peakIfOutC,
            double widthBeforeMin,
            double widthAfterMin,
            boolean early,
            boolean surprising) {}

    /**
     * It came out too soon.
     *
     * @param unsafe whether it must not be eaten as it is
     * @param peakC the warmest its middle gets on the board, °C
     * @param leastC the least for this fish and these guests, °C
     * @param backMin how long it takes if it goes back before long, minutes; missing where this oven does not get it there
     * @param lower the targets that it does come to and that may be chosen, the highest first
     */
    public record LacksView(
            boolean unsafe,
            double peakC,
            double leastC,
            @MaybeAbsent Double backMin,
            List<Doneness> lower) {
        static LacksView of(Shortfall s) {
            return new LacksView(
                    s.unsafe(),
                    s.peakC(),
                    s.leastC(),
                    s.backMin().isPresent() ? s.backMin().getAsDouble() : null,
                    s.lower());
        }
    }

    /**
     * Something that the oven's thermometer seems to tell.
     *
     * @param kind DOOR or DIAL
     * @param at when it seems to have been
     * @param number DOOR: for about how long, s
     * @param celsius DIAL: to about what, °C
     */
    public record AskedView(
            TapKind kind,
            Instant at,
            @MaybeAbsent Integer number,
            @MaybeAbsent Double celsius) {}

    /**
     * A probe in a bake.
     *
     * @param celsius its last reading, °C; missing before the first
     * @param at when that was
     * @param trust whether it is believed
     * @param words what to tell the cook
     * @param battery per cent
     */
    public record ProbeView(
            String device,
            Instant since,
            @MaybeAbsent Instant until,
            @MaybeAbsent Double celsius,
            @MaybeAbsent Instant at,
            @MaybeAbsent Trust trust,
            @MaybeAbsent Message words,
            @MaybeAbsent Integer battery) {}

    /**
     * An oven's own thermometer.
     *
     * @param hotInMin how long until it has the dial's heat, minutes; 0 where it has
     */
    public record AirView(String device, double celsius, Instant at, double hotInMin) {}

    /**
     * Something tapped.
     *
     * @param by who tapped it; missing where it was the machine itself
     */
    public record TapView(
            UUID id,
            TapKind kind,
            Instant at,
            @MaybeAbsent Cue cue,
            @MaybeAbsent Double celsius,
            @MaybeAbsent Integer number,
            @MaybeAbsent Doneness doneness,
            @MaybeAbsent String by) {
        /** Whether the dial was turned, and to what is known. */
        public boolean turned() {
            return kind == TapKind.DIAL && celsius != null;
        }

        static TapView of(Tap tap, String by) {
            return new TapView(
                    tap.getId(),
                    tap.kind(),
                    tap.at(),
                    tap.cue(),
                    tap.hasCelsius() ? tap.celsius() : null,
                    tap.number(),
                    tap.doneness(),
                    by);
        }
    }

    /**
     * What is left of it.
     *
     * @param fridgeBy by when it is in the fridge
     * @param cleared what became of it; missing while nobody has said
     * @param useBy the last day to eat it, where it is in the fridge
     * @param words the rule
     */
    public record LeftoversView(
            Instant fridgeBy,
            @MaybeAbsent TapKind cleared,
            @MaybeAbsent Instant useBy,
            Message words) {}

    /**
     * What does not change while it runs.
     *
     * @param question what the bench was asked
     * @param carving the steps to the plate
     * @param expectedPortions helpings to expect
     */
    public record BakeCard(
            EstimateRequest question, List<CautionAnswer> cautions, List<CarvingView> carving, int expectedPortions) {}

    /** How it is checked. */
    public record CheckingView(Message say, Message how, Message where, List<Cue> cues) {}

    /** A step of carving. */
    public record CarvingView(Carving.Picture picture, Message say, Message hint) {}
}
