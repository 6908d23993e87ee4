package olla.core.estimate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.doneness.Band;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.fish.Piece;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.simulation.BakeModel;
import olla.core.simulation.BakeRecorder;
import olla.core.simulation.BakeRun;
import olla.core.simulation.Unknowns;

/**
 * The same fish otherwise: to each target, and in a gentle, a middling and a hot oven.
 *
 * @param targets from the least done up; without those that this oven never reaches
 * @param dials from the gentlest up; without those that scorch the sheet or never reach the target
 * @param why which dial Olla would choose, and why, nothing where no dial does it
 * @param stuffed as it is and otherwise, where a stuffing sets the time; empty where none does
 * @param touching how much longer it takes where pieces touch; empty where that is next to nothing, and for what hardly can
 */
public record Alternatives(
        List<ToTarget> targets,
        List<AtDial> dials,
        Message why,
        List<StuffedOtherwise> stuffed,
        Optional<Touching> touching) {

    /** Dials that are compared, °C. */
    static final double[] DIALS_C = {160, 200, 230};

    /* A crumb or a glaze browns too late in a gentler oven, °C (common practice, no source). */
    private static final double BROWNS_FROM_C = 200;

    /* A gentler oven has to be worth its minutes: no more than so many longer than the hottest (Olla's choice). */
    private static final double MOST_LONGER_MIN = 15;

    /* Less is not worth a word, minutes (ours). */
    private static final double TELLS_FROM_MIN = 0.5;

    /**
     * To one target.
     *
     * @param minutes in the oven
     * @param outerC the uppermost face when it comes out, °C
     * @param dryShare part of the flesh past 66 °C when it comes out, 0 to 1
     * @param lostG what it weighs less when it is served, g
     */
    public record ToTarget(Doneness target, double minutes, double outerC, double dryShare, double lostG) {}

    /**
     * At one dial.
     *
     * @param minutes in the oven
     * @param marginMin from flaking to dry in the middle, minutes: the time there is to catch it
     * @param dryShare part of the flesh past 66 °C when it comes out, 0 to 1
     * @param lostG what it weighs less when it is served, g
     * @param chosen whether Olla would take it
     */
    public record AtDial(
            double tempC, double minutes, double marginMin, double dryShare, double lostG, boolean chosen) {}

    /**
     * Where it lies between others like it, all touching.
     *
     * @param minutes in the oven, for the middle one
     * @param laterMin longer by so much than apart
     */
    public record Touching(double minutes, double laterMin) {}

    /** What can be done about a stuffing (common practice, no source). */
    public enum Way {
        AS_IT_IS,
        /** Half as much of it. */
        LESS,
        /** Filled in as it comes from the pan. */
        HOT,
        /** Cooked apart, and served beside the fish. */
        BESIDE
    }

    /**
     * With the stuffing otherwise.
     *
     * @param minutes in the oven
     * @param fleshPeakC the warmest that the coldest flesh gets by then, °C
     * @param dryShare part of the flesh past 66 °C when it comes out, 0 to 1
     */
    public record StuffedOtherwise(Way way, double minutes, double fleshPeakC, double dryShare) {}

    /** Reckons them. */
    static Alternatives of(Piece piece, Dress dress, OvenModel oven, Programme programme, Doneness target) {
        BakeModel model = new BakeModel(piece, dress, oven, Unknowns.NONE, BakeModel.Fineness.FINE);
        List<ToTarget> targets = new ArrayList<>();
        BakeRun here = new BakeRun(model, programme);
        for (Doneness other : Doneness.values()) {
            OptionalDouble open = here.minutesFor(other.peakC());
            if (open.isPresent()) {
                Programme closed = here.closed(open.getAsDouble());
                BakeRecorder went = here.run(closed);
                targets.add(new ToTarget(
                        other,
                        closed.bakeMinutes().orElseThrow(),
                        went.outerAtPullC(),
                        went.dryAtPull(),
                        went.juice().lostG()));
            }
        }
        List<AtDial> dials = new ArrayList<>();
        for (double tempC : DIALS_C) {
            if (dress.sheet().filter(sheet -> tempC > sheet.limitC()).isPresent()) {
                continue;
            }
            BakeRun run = new BakeRun(model, programme.at(tempC));
            OptionalDouble open = run.minutesFor(target.peakC());
            if (open.isPresent()) {
                Programme closed = run.closed(open.getAsDouble());
                BakeRecorder went = run.run(closed);
                double margin = run.outFor(Band.DRY.fromC()) - run.outFor(Doneness.FLAKES.peakC());
                dials.add(new AtDial(
                        tempC,
                        closed.bakeMinutes().orElseThrow(),
                        margin,
                        went.dryAtPull(),
                        went.juice().lostG(),
                        false));
            }
        }
        return chosen(
                targets,
                dials,
                dress,
                StuffingWays.of(piece, dress, oven, programme, target),
                touching(model, programme, target, targets));
    }

    private static Optional<Touching> touching(
            BakeModel model, Programme programme, Doneness target, List<ToTarget> apart) {
        Optional<ToTarget> alone =
                apart.stream().filter(to -> to.target() == target).findFirst();
        Optional<BakeModel> among = model.touching();
        if (alone.isEmpty() || among.isEmpty()) {
            return Optional.empty();
        }
        BakeRun run = new BakeRun(among.get(), programme);
        OptionalDouble open = run.minutesFor(target.peakC());
        if (open.isEmpty()) {
            return Optional.empty();
        }
        double minutes = run.closed(open.getAsDouble()).bakeMinutes().orElseThrow();
        return Optional.of(new Touching(minutes, minutes - alone.get().minutes()))
                .filter(t -> t.laterMin() >= TELLS_FROM_MIN);
    }

    private static Alternatives chosen(
            List<ToTarget> targets,
            List<AtDial> dials,
            Dress dress,
            List<StuffedOtherwise> stuffed,
            Optional<Touching> touching) {
        if (dials.isEmpty()) {
            return new Alternatives(targets, dials, Message.NOTHING, stuffed, touching);
        }
        double hottest = dials.get(dials.size() - 1).minutes();
        boolean browns = dress.colours();
        AtDial best = dials.stream()
                .filter(d -> !browns || d.tempC() >= BROWNS_FROM_C)
                .filter(d -> d.minutes() - hottest <= MOST_LONGER_MIN)
                .max(Comparator.comparingDouble(AtDial::marginMin))
                .orElse(dials.get(dials.size() - 1));
        List<AtDial> marked = dials.stream()
                .map(d -> new AtDial(d.tempC(), d.minutes(), d.marginMin(), d.dryShare(), d.lostG(), d == best))
                .toList();
        return new Alternatives(List.copyOf(targets), marked, why(best, dials, browns), stuffed, touching);
    }

    private static Message why(AtDial best, List<AtDial> dials, boolean browns) {
        AtDial hottest = dials.get(dials.size() - 1);
        Message chosen = Message.of(
                "dial.chosen",
                "dial",
                Quantity.dial(best.tempC()),
                "margin",
                Quantity.minutes(best.marginMin()),
                "percent",
                Math.round(100 * best.dryShare()),
                "dry",
                Quantity.celsius(Band.DRY.fromC()));
        if (best == hottest) {
            return Message.sentences(chosen, Message.of(browns ? "dial.gentler-pale" : "dial.gentler-long"));
        }
        return Message.sentences(
                chosen,
                Message.of(
                        "dial.hottest",
                        "dial",
                        Quantity.dial(hottest.tempC()),
                        "quicker",
                        Quantity.minutes(best.minutes() - hottest.minutes()),
                        "margin",
                        Quantity.minutes(hottest.marginMin()),
                        "percent",
                        Math.round(100 * hottest.dryShare())));
    }
}
