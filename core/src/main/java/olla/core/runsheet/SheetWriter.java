package olla.core.runsheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import olla.core.evening.Baking;
import olla.core.evening.EveningOven;
import olla.core.evening.FishDish;
import olla.core.evening.HandTimes;
import olla.core.evening.Hands;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.oven.OvenKind;
import olla.core.plan.BakeFacts;
import olla.core.plan.HandStep;
import olla.core.uncertainty.CheckWindow;

/** Writes down what was decided: every step with its words, its leeway and its hands. */
final class SheetWriter {

    /* A full oven that is cooler by less is not spoken of, K (ours). */
    private static final double TELLS_FROM_K = 5;

    private final Problem problem;
    private final Decision[] decisions;
    private final Decoder plan;
    private final List<SheetStep> steps = new ArrayList<>();

    private SheetWriter(Problem problem, Decision[] decisions) {
        this.problem = problem;
        this.decisions = decisions;
        this.plan = new Decoder(problem, decisions);
    }

    static RunSheet write(Problem problem, Decision[] decisions) {
        return new SheetWriter(problem, decisions).sheet();
    }

    private RunSheet sheet() {
        plan.placed().forEach(placed -> steps.add(placed.chain() < 0 ? plating(placed) : step(placed)));
        preheating();
        steps.sort(Comparator.comparingDouble(SheetStep::fromMin)
                .thenComparing(SheetStep::untilMin)
                .thenComparing(SheetStep::key));
        List<RunSheet.CourseTime> courses = new ArrayList<>();
        for (int c = 0; c < problem.evening().coursesMin().size(); c++) {
            double wanted = problem.evening().coursesMin().get(c);
            courses.add(new RunSheet.CourseTime(wanted, wanted + plan.late(c)));
        }
        return new RunSheet(handed(), dishes(), courses, plan.cost());
    }

    private SheetStep plating(Placed placed) {
        String key = placed.owner() + "." + Kind.PLATE;
        return new SheetStep(
                key,
                "",
                Kind.PLATE,
                Message.of(
                        "sheet.PLATE",
                        "course",
                        placed.owner() + 1,
                        "courses",
                        problem.evening().coursesMin().size(),
                        "guests",
                        problem.evening().guests()),
                Message.NOTHING,
                placed.fromMin(),
                placed.untilMin(),
                placed.handsMin(),
                placed.fromMin(),
                placed.fromMin(),
                -1,
                "",
                0,
                problem.facts().pinned().containsKey(key));
    }

    private SheetStep step(Placed placed) {
        Chain chain = problem.chains().get(placed.chain());
        String key = placed.number() == 0 ? chain.step(placed.kind()) : chain.step(placed.kind(), placed.number());
        HandStep touch = placed.kind() == Kind.TOUCH ? touch(placed) : null;
        double leeway = leeway(placed.chain());
        double earliest = placed.fromMin();
        double latest = placed.fromMin();
        switch (placed.kind()) {
            case PUT_IN -> {
                earliest = Math.max(problem.facts().nowMin(), placed.fromMin() - spare(placed.chain()));
                latest = placed.fromMin() + leeway;
            }
            case PREPARE, DRESS, FINISH -> {
                boolean before = chain.heat() == Chain.Heat.NONE || placed.kind() != Kind.FINISH;
                double due = before ? due(chain, placed) : placed.fromMin() + leeway;
                earliest = before ? Math.min(placed.fromMin(), problem.minute(0)) : placed.fromMin();
                latest = Math.max(placed.fromMin(), due);
            }
            case LOOK -> {
                double sd = plan.sdMin(placed.chain());
                earliest = placed.fromMin() - CheckWindow.Z_90 * sd;
                latest = placed.fromMin() + CheckWindow.Z_90 * sd;
            }
            default -> {}
        }
        return new SheetStep(
                key,
                chain.key(),
                placed.kind(),
                touch != null ? touch.say() : say(placed, chain),
                touch != null ? touch.hint() : how(placed),
                placed.fromMin(),
                placed.untilMin(),
                placed.handsMin(),
                earliest,
                latest,
                -1,
                placed.oven() < 0
                        ? ""
                        : problem.evening().kitchen().ovens().get(placed.oven()).key(),
                placed.dialC(),
                problem.facts().pinned().containsKey(key));
    }

    private double due(Chain chain, Placed placed) {
        double end = chain.heat() == Chain.Heat.NONE
                ? plan.plated(chain.course())
                : plan.in(placed.chain()) + leeway(placed.chain()) - HandTimes.PUT_IN_MIN;
        double then = placed.kind() == Kind.PREPARE ? Math.max(chain.dressMin(), chain.temperMin()) : 0;
        return end - then - (placed.untilMin() - placed.fromMin());
    }

    /* How much later all of a dish could be without its course being late. */
    private double leeway(int chain) {
        return Math.max(0, platedAt(chain) - soonest(chain));
    }

    /* How much sooner it could be without waiting too long. */
    private double spare(int chain) {
        return Math.max(0, plan.mostWaitMin(chain) - leeway(chain));
    }

    private double soonest(int chain) {
        return plan.out(chain)
                + plan.restMin(chain)
                + problem.chains().get(chain).afterMin();
    }

    private double platedAt(int chain) {
        int course = problem.chains().get(chain).course();
        return plan.plated(course);
    }

    private Message say(Placed placed, Chain chain) {
        Message oven = placed.oven() < 0
                ? Message.of("sheet.hob")
                : Message.typed(
                        problem.evening().kitchen().ovens().get(placed.oven()).name());
        return Message.of(
                "sheet." + placed.kind(),
                "dish",
                chain.name(),
                "oven",
                oven,
                "dial",
                Quantity.dial(placed.dialC()),
                "heat",
                chain.heat().name(),
                "minutes",
                Quantity.minutes(
                        Math.round(placed.kind().work() ? placed.handsMin() : placed.untilMin() - placed.fromMin())));
    }

    /* How it goes in among others: what that costs it, and that one shelf is hotter than the other. */
    private Message how(Placed placed) {
        int chain = placed.chain();
        if (placed.kind() != Kind.PUT_IN || placed.oven() < 0) {
            return Message.NOTHING;
        }
        boolean full = plan.coolerK(chain) >= TELLS_FROM_K;
        boolean differ = plan.amongTrays(chain)
                && problem.evening().kitchen().ovens().get(placed.oven()).kind() == OvenKind.STILL;
        if (!full && !differ) {
            return Message.NOTHING;
        }
        return Message.of(
                "sheet.PUT_IN.among",
                "among",
                full && differ ? "BOTH" : full ? "FULL" : "SHELVES",
                "cooler",
                Quantity.kelvin(plan.coolerK(chain)),
                "longer",
                Quantity.minutes(Math.max(1, Math.rint(plan.fullMin(chain)))));
    }

    /* What is done to a dish in the oven: all that falls on one moment is one step. */
    private HandStep touch(Placed placed) {
        FishDish dish = problem.evening().fish().get(placed.chain());
        Baking baking = plan.baking(placed.chain());
        double likely = baking.minutes();
        double at = baking.touches().get(placed.number() - 1);
        return HandStep.of(BakeFacts.justIn(
                        baking.programme(), dish.piece(), dish.dress(), new BakeFacts.Window(likely, likely, likely)))
                .stream()
                .filter(step -> Math.abs(step.minute() - at) < 1e-6)
                .findFirst()
                .orElse(new HandStep(
                        0, at, Message.of("sheet.TOUCH", "dish", Message.typed(dish.title())), Message.NOTHING));
    }

    /* An oven is set when it has to be hot in time, and turned when the next dish wants another heat. */
    private void preheating() {
        List<EveningOven> ovens = problem.evening().kitchen().ovens();
        for (int oven = 0; oven < ovens.size(); oven++) {
            int here = oven;
            double dial = problem.hotC(oven);
            double free = problem.facts().nowMin();
            int number = 0;
            List<Placed> cooking = plan.placed().stream()
                    .filter(p -> p.kind() == Kind.COOK && p.oven() == here)
                    .sorted(Comparator.comparingDouble(Placed::fromMin))
                    .toList();
            for (Placed placed : cooking) {
                boolean started = problem.facts()
                        .baked()
                        .containsKey(problem.chains().get(placed.chain()).key());
                String key = RunSheet.preheat(
                        ovens.get(oven).key(),
                        problem.chains().get(placed.chain()).key());
                boolean set = problem.facts().settled(key);
                if (!started && !set && Math.abs(placed.dialC() - dial) > 1e-9) {
                    double takes = OvenUse.turningMin(dial, placed.dialC());
                    double from = Math.max(free, placed.fromMin() - takes - SURE_MIN);
                    number++;
                    steps.add(preheat(
                            ovens.get(oven),
                            key,
                            number,
                            Math.min(from, placed.fromMin()),
                            placed.fromMin(),
                            placed.dialC()));
                }
                dial = placed.dialC();
                free = Math.max(free, placed.untilMin());
            }
        }
    }

    /* An oven is set a little sooner than it has to be (common practice, no source). */
    private static final double SURE_MIN = 5;

    private SheetStep preheat(EveningOven oven, String key, int number, double from, double until, double dialC) {
        Message say = Message.of(
                number == 1 ? "sheet.PREHEAT" : "sheet.PREHEAT.turn",
                "oven",
                Message.typed(oven.name()),
                "dial",
                Quantity.dial(dialC));
        return new SheetStep(
                key, "", Kind.PREHEAT, say, Message.NOTHING, from, until, 0, from, from, -1, oven.key(), dialC, false);
    }

    /* Who is at what: the first pair of hands that is free, the one that was at that dish before where it can be. For what takes a
    moment, work is put down where nobody is free. */
    private List<SheetStep> handed() {
        List<Hands> hands = problem.evening().kitchen().hands();
        double[] free = new double[hands.size()];
        double[] moment = new double[hands.size()];
        Arrays.fill(free, Double.NEGATIVE_INFINITY);
        Arrays.fill(moment, Double.NEGATIVE_INFINITY);
        Map<String, Integer> last = new HashMap<>();
        List<SheetStep> handed = new ArrayList<>();
        for (SheetStep step : steps) {
            if (!step.kind().attended()) {
                handed.add(step);
                continue;
            }
            int by = free(step, hands, free, last.getOrDefault(step.dish(), -1));
            if (by < 0 && !step.kind().work()) {
                by = free(step, hands, moment, -1);
            }
            if (by < 0) {
                // It begins while other work is put down, or of two moments that nobody can say exactly one waits.
                by = soonest(step, hands, step.kind().work() ? free : moment);
            }
            if (by >= 0) {
                (step.kind().work() ? free : moment)[by] = step.untilMin();
                free[by] = Math.max(free[by], step.untilMin());
                last.put(step.dish(), by);
            }
            handed.add(step.by(by));
        }
        return handed;
    }

    private static int free(SheetStep step, List<Hands> hands, double[] from, int before) {
        int by = -1;
        for (int h = 0; h < from.length; h++) {
            boolean can =
                    from[h] <= step.fromMin() + Problem.CELL_MIN && hands.get(h).there(step.fromMin());
            if (can && (by < 0 || before == h)) {
                by = h;
            }
        }
        return by;
    }

    private static int soonest(SheetStep step, List<Hands> hands, double[] from) {
        int by = -1;
        for (int h = 0; h < from.length; h++) {
            if (hands.get(h).there(step.fromMin()) && (by < 0 || from[h] < from[by])) {
                by = h;
            }
        }
        return by;
    }

    private List<DishTime> dishes() {
        List<DishTime> dishes = new ArrayList<>();
        for (int i = 0; i < decisions.length; i++) {
            Chain chain = problem.chains().get(i);
            if (chain.heat() == Chain.Heat.NONE || plan.out(i) == 0 && plan.in(i) == 0) {
                continue;
            }
            dishes.add(dish(i, chain));
        }
        return dishes;
    }

    private DishTime dish(int i, Chain chain) {
        Baking baking = plan.baking(i);
        Facts.Baked happened = problem.facts().baked().get(chain.key());
        int oven = happened != null
                ? problem.oven(happened.oven())
                : decisions[i] == null ? Decision.NO_OVEN : decisions[i].oven();
        double wantedC = baking == null ? 0 : chain.wantedC(oven);
        Baking wanted = baking == null ? null : chain.nearest(oven, wantedC);
        double minutes = plan.out(i) - plan.in(i);
        return new DishTime(
                chain.key(),
                chain.name(),
                oven < 0 ? "" : problem.evening().kitchen().ovens().get(oven).key(),
                baking == null ? 0 : baking.tempC(),
                wantedC,
                plan.in(i),
                plan.out(i),
                plan.sdMin(i),
                soonest(i),
                Math.max(0, platedAt(i) - soonest(i)),
                plan.mostWaitMin(i),
                minutes,
                wanted == null ? 0 : wanted.minutes(),
                baking == null || happened != null ? 0 : Math.max(0, minutes - baking.minutes() - plan.fullMin(i)),
                baking == null ? 0 : baking.marginMin(),
                wanted == null ? 0 : wanted.marginMin(),
                decisions[i] == null ? 0 : decisions[i].earlyMin(),
                happened != null);
    }
}
