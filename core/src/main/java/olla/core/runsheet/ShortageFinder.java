package olla.core.runsheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import olla.core.evening.DialTable;
import olla.core.evening.DialTables;
import olla.core.evening.Evening;
import olla.core.evening.EveningOven;
import olla.core.evening.Kitchen;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.runsheet.Shortage.What;

/** Gives the kitchen one more of a thing after the other, and sees whether all could then be in time. */
final class ShortageFinder {

    /* So much sooner somebody could have begun, minutes. */
    private static final double SOONER_MIN = 60;

    private static final String ONE_MORE = "+";

    private final Problem problem;
    private final Decision[] decisions;
    private final RunSheet sheet;

    private ShortageFinder(Problem problem, Decision[] decisions, RunSheet sheet) {
        this.problem = problem;
        this.decisions = decisions;
        this.sheet = sheet;
    }

    static Optional<Shortage> of(Problem problem, Decision[] decisions, RunSheet sheet) {
        return sheet.inTime() ? Optional.empty() : Optional.of(new ShortageFinder(problem, decisions, sheet).found());
    }

    private Shortage found() {
        Kitchen kitchen = problem.evening().kitchen();
        Optional<RunSheet> sooner = tried(problem.sooner(SOONER_MIN));
        if (sooner.isPresent()) {
            double first = sooner.get().steps().stream()
                    .mapToDouble(SheetStep::fromMin)
                    .min()
                    .orElse(problem.facts().nowMin());
            return shortage(What.TIME, "time", "", first, problem.facts().nowMin());
        }
        if (kitchen.hands().size() < Kitchen.MOST_HANDS) {
            Optional<RunSheet> with = tried(problem.in(problem.evening().in(kitchen.withMoreHands())));
            if (with.isPresent()) {
                return hands(with.get());
            }
        }
        for (int i = 0; i < kitchen.ovens().size(); i++) {
            EveningOven oven = kitchen.ovens().get(i);
            Optional<RunSheet> with = oven.shelves() < EveningOven.MOST_SHELVES
                    ? tried(problem.in(problem.evening().in(kitchen.withMoreShelves(i))))
                    : Optional.empty();
            if (with.isPresent()) {
                return span(What.SHELF, "shelf", oven, with.get());
            }
        }
        Kitchen burner =
                new Kitchen(kitchen.ovens(), Math.min(Kitchen.MOST_BURNERS, kitchen.burners() + 1), kitchen.hands());
        Optional<RunSheet> with = tried(problem.in(problem.evening().in(burner)));
        if (with.isPresent()) {
            return cooking(What.BURNER, "burner", "", with.get());
        }
        for (EveningOven oven : kitchen.ovens()) {
            Optional<RunSheet> other = kitchen.ovens().size() < Kitchen.MOST_OVENS ? twice(oven) : Optional.empty();
            if (other.isPresent()) {
                return cooking(What.OVEN, "oven", oven.key() + ONE_MORE, other.get());
            }
        }
        return shortage(What.MORE_THAN_ONE, "several", "", 0, 0);
    }

    /* With a second oven like this one. */
    private Optional<RunSheet> twice(EveningOven oven) {
        EveningOven second = new EveningOven(
                oven.key() + ONE_MORE,
                oven.name(),
                oven.kind(),
                oven.calibration(),
                oven.shelves(),
                oven.tray(),
                oven.keepsC());
        List<EveningOven> ovens = new ArrayList<>(problem.evening().kitchen().ovens());
        ovens.add(second);
        Map<DialTables.Place, DialTable> tables = new HashMap<>(problem.tables().tables());
        problem.tables().tables().forEach((place, table) -> {
            if (place.oven().equals(oven.key())) {
                tables.put(new DialTables.Place(place.dish(), second.key()), table);
            }
        });
        Kitchen kitchen = problem.evening().kitchen();
        Evening other = problem.evening().in(new Kitchen(ovens, kitchen.burners(), kitchen.hands()));
        return tried(problem.in(other, new DialTables(tables)));
    }

    private Optional<RunSheet> tried(Problem other) {
        Decision[] begin = new Decision[decisions.length];
        Decision[] plan = PlanSearch.better(other, FirstPlan.of(other, begin), Effort.FIRST, better -> {}, Stop.NEVER);
        RunSheet with = SheetWriter.write(other, plan);
        return with.inTime() ? Optional.of(with) : Optional.empty();
    }

    /* When more hands are at something than there are. */
    private Shortage hands(RunSheet with) {
        double from = Double.POSITIVE_INFINITY;
        double until = Double.NEGATIVE_INFINITY;
        for (SheetStep step : with.steps()) {
            long at = with.steps().stream()
                    .filter(s -> s.kind().attended())
                    .filter(s -> s.fromMin() <= step.fromMin() && s.untilMin() > step.fromMin())
                    .count();
            if (step.kind().attended() && at > problem.evening().kitchen().handsAt(step.fromMin())) {
                from = Math.min(from, step.fromMin());
                until = Math.max(until, step.untilMin());
            }
        }
        return from < until
                ? shortage(What.HANDS, "hands", "", from, until)
                : shortage(What.HANDS, "hands", "", problem.facts().nowMin(), 0);
    }

    /* While more trays are in an oven than it has shelves. */
    private Shortage span(What what, String key, EveningOven oven, RunSheet with) {
        double from = Double.POSITIVE_INFINITY;
        double until = Double.NEGATIVE_INFINITY;
        List<DishTime> in =
                with.dishes().stream().filter(d -> d.oven().equals(oven.key())).toList();
        for (DishTime dish : in) {
            List<DishTime> beside = in.stream()
                    .filter(d -> d.inMin() <= dish.inMin() && d.likelyMin() > dish.inMin())
                    .toList();
            if (beside.size() > 1) {
                from = Math.min(from, dish.inMin());
                until = Math.max(
                        until,
                        beside.stream().mapToDouble(DishTime::likelyMin).min().orElseThrow());
            }
        }
        return shortage(what, key, oven.name(), from < until ? from : in.get(0).inMin(), from < until ? until : 0);
    }

    /* While something is in an oven that there is not, or as many pots are on as there are not burners for. */
    private Shortage cooking(What what, String key, String oven, RunSheet with) {
        List<DishTime> its =
                with.dishes().stream().filter(d -> d.oven().equals(oven)).toList();
        return shortage(
                what,
                key,
                "",
                its.stream().mapToDouble(DishTime::inMin).min().orElse(0),
                its.stream().mapToDouble(DishTime::likelyMin).max().orElse(0));
    }

    private Shortage shortage(What what, String key, String oven, double fromMin, double untilMin) {
        return new Shortage(
                what,
                Message.of(
                        "sheet.short." + key,
                        "oven",
                        Message.typed(oven),
                        "minutes",
                        Quantity.minutes(Math.ceil(Math.max(1, untilMin - fromMin)))),
                fromMin,
                untilMin,
                nearest());
    }

    /* What the sheet does: it is served later, or something waits longer than it can. */
    private Message nearest() {
        if (!sheet.cost().kept()) {
            return Message.of("sheet.nearest.none");
        }
        Message later = sheet.lateMin() < RunSheet.IN_TIME_MIN
                ? Message.NOTHING
                : Message.of("sheet.nearest.later", "minutes", Quantity.minutes(Math.ceil(sheet.lateMin())));
        Message waits = sheet.dishes().stream()
                .filter(d -> d.waitsMin() > d.mostWaitMin() + RunSheet.IN_TIME_MIN)
                .max(Comparator.comparingDouble(d -> d.waitsMin() - d.mostWaitMin()))
                .map(d -> Message.of(
                        "sheet.nearest.waits",
                        "dish",
                        d.name(),
                        "minutes",
                        Quantity.minutes(Math.ceil(d.waitsMin())),
                        "most",
                        Quantity.minutes(Math.floor(d.mostWaitMin()))))
                .orElse(Message.NOTHING);
        return Message.sentences(later, waits);
    }
}
