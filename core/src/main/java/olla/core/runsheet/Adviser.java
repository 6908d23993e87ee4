package olla.core.runsheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import olla.core.evening.EveningOven;
import olla.core.evening.FishDish;
import olla.core.evening.Kitchen;
import olla.core.fish.MeasuredBy;
import olla.core.fish.Piece;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.runsheet.Advice.Change;
import olla.core.uncertainty.BakeTimes;
import olla.core.uncertainty.Doubt;

/** Tries one change after the other and takes the one by which a plan gains most. */
final class Adviser {

    /* Less is no weak point, and no gain worth a change, as a share of evenings (ours, no source). */
    private static final double WEAK = 0.02;
    private static final double WORTH = 0.03;

    private static final int[] SOONER_MIN = {5, 10};
    private static final int[] OTHER_DIAL_C = {-10, 10};

    private final Problem problem;
    private final Decision[] decisions;
    private final Scenarios scenarios;
    private final Chance now;
    private final List<Change> changes = new ArrayList<>();

    private Adviser(Problem problem, Decision[] decisions, Scenarios scenarios) {
        this.problem = problem;
        this.decisions = decisions;
        this.scenarios = scenarios;
        this.now = scenarios.chance(decisions);
    }

    static Advice of(Problem problem, Decision[] decisions, Scenarios scenarios) {
        return new Adviser(problem, decisions, scenarios).advice();
    }

    private Advice advice() {
        int weakest = -1;
        double most = WEAK;
        for (int i = 0; i < decisions.length; i++) {
            double late = now.lateBy().getOrDefault(problem.chains().get(i).key(), 0.0);
            if (late > most) {
                weakest = i;
                most = late;
            }
        }
        if (weakest < 0) {
            return new Advice(now, "", Message.NOTHING, Optional.empty());
        }
        Chain chain = problem.chains().get(weakest);
        if (decisions[weakest] != null) {
            sooner(weakest);
            otherDial(weakest);
            known(weakest);
        }
        kitchens();
        Optional<Change> best = changes.stream()
                .filter(change -> change.within3() >= now.within3() + WORTH)
                .max(Comparator.comparingDouble(Change::within3));
        Message why = Message.of("sheet.weakest", "dish", chain.name(), "times", Math.round(100 * most));
        return new Advice(now, chain.key(), why, best);
    }

    private void sooner(int weakest) {
        for (int minutes : SOONER_MIN) {
            Decision[] other = decisions.clone();
            other[weakest] = decisions[weakest].sooner(minutes);
            tried(
                    other,
                    Message.of(
                            "sheet.change.sooner",
                            "dish",
                            problem.chains().get(weakest).name(),
                            "minutes",
                            Quantity.minutes(minutes)));
        }
    }

    /* The dial for all that shares the oven's heat with it. */
    private void otherDial(int weakest) {
        Decision its = decisions[weakest];
        if (its.oven() < 0) {
            return;
        }
        for (int by : OTHER_DIAL_C) {
            Decision[] other = decisions.clone();
            boolean can = true;
            for (int i = 0; i < other.length; i++) {
                Decision one = decisions[i];
                if (one != null && one.oven() == its.oven() && one.dialC() == its.dialC()) {
                    other[i] = one.at(one.dialC() + by);
                    can &= problem.chains().get(i).goes(one.oven(), one.dialC() + by);
                }
            }
            if (can) {
                tried(
                        other,
                        Message.of(
                                "sheet.change.dial",
                                "oven",
                                Message.typed(oven(its).name()),
                                "dial",
                                Quantity.dial(its.dialC() + by)));
            }
        }
    }

    private EveningOven oven(Decision decision) {
        return problem.evening().kitchen().ovens().get(decision.oven());
    }

    private void tried(Decision[] other, Message say) {
        Cost was = new Decoder(problem, decisions).cost();
        Cost is = new Decoder(problem, other).cost();
        if (is.broken() <= was.broken() && is.late() <= was.late()) {
            changes.add(new Change(say, scenarios.chance(other).within3()));
        }
    }

    /* Measured with a ruler, or in an oven that has been checked. */
    private void known(int weakest) {
        if (weakest >= problem.evening().fish().size()) {
            return;
        }
        FishDish dish = problem.evening().fish().get(weakest);
        if (dish.piece().measured() != MeasuredBy.RULER) {
            double left = Math.min(1, Piece.RULER_MM / dish.piece().thicknessDoubtMm());
            Map<String, BakeTimes.Left> better = Map.of(dish.key(), new BakeTimes.Left(left, 1));
            changes.add(new Change(
                    Message.of(
                            "sheet.change.ruler",
                            "dish",
                            problem.chains().get(weakest).name()),
                    scenarios.chance(decisions, better).within3()));
        }
        EveningOven oven = oven(decisions[weakest]);
        if (!oven.calibration().checked()) {
            double left = Math.min(1, Doubt.CHECKED_OVEN_C / oven.calibration().offsetDoubtC());
            Map<String, BakeTimes.Left> better = new HashMap<>();
            for (int i = 0; i < problem.evening().fish().size(); i++) {
                if (decisions[i] != null && decisions[i].oven() == decisions[weakest].oven()) {
                    better.put(problem.chains().get(i).key(), new BakeTimes.Left(1, left));
                }
            }
            changes.add(new Change(
                    Message.of("sheet.change.thermometer", "oven", Message.typed(oven.name())),
                    scenarios.chance(decisions, better).within3()));
        }
    }

    /* More hands, another tray. */
    private void kitchens() {
        Kitchen kitchen = problem.evening().kitchen();
        if (kitchen.hands().size() < Kitchen.MOST_HANDS) {
            elsewhere(kitchen.withMoreHands(), Message.of("sheet.change.hands"));
        }
        for (int oven = 0; oven < kitchen.ovens().size(); oven++) {
            if (kitchen.ovens().get(oven).shelves() < EveningOven.MOST_SHELVES) {
                elsewhere(
                        kitchen.withMoreShelves(oven),
                        Message.of(
                                "sheet.change.shelf",
                                "oven",
                                Message.typed(kitchen.ovens().get(oven).name())));
            }
        }
    }

    private void elsewhere(Kitchen kitchen, Message say) {
        Problem other = problem.in(problem.evening().in(kitchen));
        Decision[] plan = PlanSearch.better(other, decisions, Effort.TRIAL, better -> {}, Stop.NEVER);
        changes.add(new Change(say, scenarios.in(other).chance(plan).within3()));
    }
}
