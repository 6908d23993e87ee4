package olla.core.runsheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import olla.core.evening.Baking;
import olla.core.evening.EveningOven;
import olla.core.evening.HandTimes;

/**
 * Makes of what is decided a whole evening: when each dish is in and out follows from when it is to be ready, hands that have to
 * be at an oven are there, all else is laid where hands are free, as late as can be before the heat and as soon as can be after
 * it. Says what that costs. A function of its input; one object for one plan.
 */
final class Decoder {

    /* What costs as much as a minute in which everybody waits (ours, no source; those of waiting tried on random evenings): a minute
    longer on the pass than can be, planned so; a minute that a course is late on the average; a minute longer than can be on the
    average; an oven turned between two dishes; a minute that something is prepared sooner than needed; a minute that something
    waits for hands. */
    private static final double TOO_LONG = 2;
    private static final double LATE = 2;
    private static final double WAITED_LONG = 0.5;
    private static final double TURNED = 0.5;
    private static final double EARLY = 0.002;
    private static final double HANDS_WAIT = 0.5;

    /* Hands are never quite on the minute: a dish comes later than planned by so much on the average, give or take, minutes
    (common practice, no source). */
    static final double HANDS_LATE_MIN = 1.5;
    static final double HANDS_SD_MIN = 1.5;

    /* A kitchen strays further from what was reckoned than is believed of it: by so much, of a standard deviation (ours; of 86 fish of
    random evenings). */
    static final double STRAYS = 1.5;

    /* What cannot be at all, minutes. */
    private static final double NEVER = 1000;

    /* Between what hands do before the heat and what needs it done, minutes (common practice, no source). */
    private static final double SPARE_MIN = 3;

    /* Work is slower than thought as often as not: what would leave no room for that is begun sooner, where it can be (common practice,
    no source). */
    private static final double ROOM = 1.25;

    /* What hands are at takes at least so much longer, minutes. */
    private static final double NOT_DONE_YET_MIN = 0.5;

    /* Trays that meet for less are not changed about, minutes (common practice, no source). */
    private static final double AMONG_MIN = 10;

    private final Problem problem;
    private final List<Chain> chains;
    private final Facts facts;
    private final Decision[] decisions;
    private final Baking[] baking;
    private final double[] in;
    private final double[] out;
    private final double[] ready;
    private final double[] late;
    private final double[] plated;
    private final double[][] outs;
    private final boolean[] decided;
    private final double[] coolerK;
    private final double[] fullMin;
    private final HandClock hands;
    private final List<Placed> placed = new ArrayList<>();
    private final List<OvenUse> uses = new ArrayList<>();
    private Queue queue;
    private double broken;
    private double lateMin;
    private double harm;

    /** @param decisions by chain; null for one that is left out of the reckoning */
    Decoder(Problem problem, Decision[] decisions) {
        this.problem = problem;
        this.chains = problem.chains();
        this.facts = problem.facts();
        this.decisions = decisions;
        int count = chains.size();
        this.baking = new Baking[count];
        this.in = new double[count];
        this.out = new double[count];
        this.ready = new double[count];
        this.outs = new double[count][];
        this.decided = new boolean[count];
        this.coolerK = new double[count];
        this.fullMin = new double[count];
        this.late = new double[problem.evening().coursesMin().size()];
        this.plated = new double[late.length];
        this.hands = new HandClock(problem);
        for (int i = 0; i < count; i++) {
            decided[i] = decisions[i] != null || !problem.open(chains.get(i));
        }
        heat();
        doors();
        fullOvens();
        atTheHeat();
        ovens();
        queue = new Queue(
                count, uses, problem.shelves(), problem.evening().kitchen().burners());
        for (int course = 0; course < late.length; course++) {
            course(course);
        }
        before();
        broken += hands.overrun(facts.nowMin());
        harm += HANDS_WAIT * hands.waiting(facts.nowMin());
    }

    Cost cost() {
        return new Cost(broken, lateMin, harm);
    }

    List<Placed> placed() {
        return placed;
    }

    Baking baking(int chain) {
        return baking[chain];
    }

    double in(int chain) {
        return in[chain];
    }

    double out(int chain) {
        return out[chain];
    }

    double ready(int chain) {
        return ready[chain];
    }

    /** When the plating of a course begins. */
    double plated(int course) {
        return plated[course];
    }

    /** How late a course is, minutes. */
    double late(int course) {
        return late[course];
    }

    /** How far off the moment is at which a dish is likely done: one standard deviation, minutes. */
    double sdMin(int chain) {
        Chain c = chains.get(chain);
        Facts.Baked happened = facts.baked().get(c.key());
        if (happened != null) {
            return happened.outMin().isPresent() ? 0 : happened.sdMin();
        }
        return baking[chain] == null ? c.hobSdMin() : baking[chain].sdMin();
    }

    /** How long a dish can wait once it could be on the plate, minutes. */
    double mostWaitMin(int chain) {
        return Math.max(0, chains.get(chain).waitsMin(baking[chain]) - restMin(chain));
    }

    double restMin(int chain) {
        return baking[chain] == null ? 0 : baking[chain].restMin();
    }

    /* When each is in and out, doors aside. */
    private void heat() {
        for (int i = 0; i < chains.size(); i++) {
            Chain chain = chains.get(i);
            if (!decided[i] || chain.heat() == Chain.Heat.NONE) {
                continue;
            }
            Facts.Baked happened = facts.baked().get(chain.key());
            if (happened != null) {
                int oven = problem.oven(happened.oven());
                baking[i] = oven < 0 ? null : chain.nearest(oven, happened.dialC());
                in[i] = happened.inMin();
                out[i] = happened.out(facts.nowMin());
                continue;
            }
            Decision decision = decisions[i];
            double minutes = chain.hobMin();
            if (chain.heat() == Chain.Heat.OVEN) {
                baking[i] = chain.goes(decision.oven(), decision.dialC())
                        ? chain.baking(decision.oven(), decision.dialC())
                        : null;
                if (baking[i] == null) {
                    broken += NEVER;
                    decided[i] = false;
                    continue;
                }
                minutes = baking[i].minutes();
            }
            Double pinned = facts.pinned().get(chain.step(Kind.PUT_IN));
            if (pinned != null) {
                in[i] = pinned + HandTimes.PUT_IN_MIN;
                out[i] = in[i] + minutes;
            } else {
                out[i] = problem.platedFrom(chain.course()) - decision.earlyMin() - chain.afterMin() - restMin(i);
                in[i] = out[i] - minutes;
                notBeforeNow(i);
            }
        }
    }

    /* What should have gone in by now, or cannot be ready to go in, goes in as soon as it can: hands that are late need no other plan. */
    private void notBeforeNow(int i) {
        if (started(i)) {
            return;
        }
        Chain chain = chains.get(i);
        double soonest = facts.nowMin()
                + left(chain.step(Kind.PREPARE), chain.prepareMin())
                + left(chain.step(Kind.DRESS), chain.dressMin())
                + HandTimes.PUT_IN_MIN;
        if (in[i] < soonest) {
            out[i] += soonest - in[i];
            in[i] = soonest;
        }
    }

    private double left(String step, double minutes) {
        if (minutes <= 0 || facts.settled(step)) {
            return 0;
        }
        Double begun = facts.begun().get(step);
        return begun == null ? minutes : Math.max(NOT_DONE_YET_MIN, begun + minutes - facts.nowMin());
    }

    private boolean started(int i) {
        return facts.baked().containsKey(chains.get(i).key());
    }

    private boolean isOut(int i) {
        return started(i) && facts.baked().get(chains.get(i).key()).outMin().isPresent();
    }

    /* A door that is opened for one dish costs the others in that oven heat, and so minutes. */
    private void doors() {
        int count = chains.size();
        double[] opened = new double[count];
        for (int i = 0; i < count; i++) {
            if (baking[i] == null || started(i) || decisions[i] == null) {
                continue;
            }
            for (int j = 0; j < count; j++) {
                if (j != i && baking[j] != null && oven(j) == oven(i)) {
                    opened[i] += within(i, in[j]) + within(i, out[j]);
                    for (double touch : baking[j].touches()) {
                        opened[i] += within(i, in[j] + touch);
                    }
                }
            }
        }
        for (int i = 0; i < count; i++) {
            takesLonger(i, opened[i] == 0 ? 0 : opened[i] * baking[i].doorMin());
        }
    }

    private void takesLonger(int i, double costs) {
        if (facts.pinned().containsKey(chains.get(i).step(Kind.PUT_IN))) {
            out[i] += costs;
        } else {
            in[i] -= costs;
            notBeforeNow(i);
        }
    }

    /* What together draws more than an oven has to spare cools it for all that is in it. */
    private void fullOvens() {
        List<EveningOven> ovens = problem.evening().kitchen().ovens();
        for (int oven = 0; oven < ovens.size(); oven++) {
            List<Integer> there = new ArrayList<>();
            List<FullOven.Inside> inside = new ArrayList<>();
            for (int i = 0; i < chains.size(); i++) {
                if (baking[i] != null && out[i] > in[i] && oven(i) == oven) {
                    there.add(i);
                    inside.add(new FullOven.Inside(in[i], out[i], baking[i].tempC(), baking[i].draws()));
                }
            }
            FullOven full = FullOven.of(ovens.get(oven).kind(), inside);
            for (int k = 0; full.cools() && k < there.size(); k++) {
                int i = there.get(k);
                if (!started(i)) {
                    FullOven.Cooler cooler = full.during(k);
                    coolerK[i] = cooler.mostK();
                    fullMin[i] = baking[i].minutes() * baking[i].slowerPerK() * cooler.meanK();
                    takesLonger(i, fullMin[i]);
                }
            }
        }
    }

    /** By how much the air about a dish comes to lie below the dial at most because its oven is full, K. */
    double coolerK(int chain) {
        return coolerK[chain];
    }

    /** What that costs it, minutes. */
    double fullMin(int chain) {
        return fullMin[chain];
    }

    /** Whether other trays are in its oven while a dish is. */
    boolean amongTrays(int chain) {
        return uses.stream()
                .filter(u -> u.chain() == chain && u.where() == Baking.Where.OVEN)
                .anyMatch(u -> uses.stream()
                        .anyMatch(o -> o.chain() != chain
                                && o.where() == Baking.Where.OVEN
                                && o.sharesRoom(u)
                                && o.meets(u) >= AMONG_MIN));
    }

    /* Two that go in or come out together are one opening. */
    private int within(int i, double minute) {
        return minute > in[i] + HandTimes.PUT_IN_MIN && minute < out[i] - HandTimes.LOOK_MIN ? 1 : 0;
    }

    private int oven(int i) {
        Facts.Baked happened = facts.baked().get(chains.get(i).key());
        return happened != null ? problem.oven(happened.oven()) : decisions[i].oven();
    }

    /* Hands that have to be at the heat, and what uses an oven or a burner. */
    private void atTheHeat() {
        for (int i = 0; i < chains.size(); i++) {
            Chain chain = chains.get(i);
            if (!decided[i] || chain.heat() == Chain.Heat.NONE) {
                continue;
            }
            boolean isOut = isOut(i);
            int oven = baking[i] == null ? Decision.NO_OVEN : oven(i);
            double dial = baking[i] == null ? 0 : baking[i].tempC() + turnedBy(i);
            if (!started(i)) {
                double put = in[i] - HandTimes.PUT_IN_MIN;
                attend(i, Kind.PUT_IN, 0, put, in[i], oven, dial);
                // Where that was pinned to a moment that is over.
                broken += Math.max(0, facts.nowMin() - put - 1e-9);
            }
            if (!isOut) {
                place(i, Kind.COOK, 0, Math.max(in[i], facts.nowMin()), out[i], 0, oven, dial);
                look(i, oven, dial);
            }
            uses(i, oven, isOut);
        }
    }

    /* What is in has what the dial stands at, whatever it went in at. */
    private double turnedBy(int i) {
        Facts.Baked happened = facts.baked().get(chains.get(i).key());
        return happened == null ? 0 : happened.nowC() - happened.dialC();
    }

    private void look(int i, int oven, double dial) {
        if (chains.get(i).heat() != Chain.Heat.OVEN) {
            return;
        }
        double grillMin = grillMin(i);
        double looked = out[i] - grillMin;
        touches(i, looked - HandTimes.LOOK_MIN, oven, dial);
        double setDown = grillMin == 0 ? HandTimes.SET_DOWN_MIN : 0;
        place(i, Kind.LOOK, 0, looked - HandTimes.LOOK_MIN, looked + setDown, HandTimes.LOOK_MIN + setDown, oven, dial);
        if (grillMin > 0) {
            place(i, Kind.GRILL, 0, looked, out[i], out[i] - looked, oven, dial);
        }
        // The same hands, from the look until it is out. Of what is in already nobody can choose when, nor say it to
        // the minute.
        if (started(i)) {
            hands.looseMoment(looked - HandTimes.LOOK_MIN, out[i] + setDown);
        } else {
            hands.moment(looked - HandTimes.LOOK_MIN, out[i] + setDown);
        }
    }

    private double grillMin(int i) {
        List<Baking.Span> spans = baking[i].spans();
        Baking.Span last = spans.get(spans.size() - 1);
        return last.where() == Baking.Where.GRILL ? last.untilMin() - last.fromMin() : 0;
    }

    /* Who looks at a dish does what is due at that moment as well. */
    private void touches(int i, double untilMin, int oven, double dial) {
        double stretch = (out[i] - in[i]) / baking[i].minutes();
        double half = HandTimes.TOUCH_MIN / 2;
        int number = 0;
        for (double touch : baking[i].touches()) {
            double at = in[i] + stretch * touch;
            number++;
            if (at > facts.nowMin() && at + half <= untilMin) {
                attend(i, Kind.TOUCH, number, at - half, at + half, oven, dial);
            }
        }
    }

    private void uses(int i, int oven, boolean isOut) {
        if (chains.get(i).heat() == Chain.Heat.HOB) {
            if (!isOut) {
                uses.add(new OvenUse(i, Decision.NO_OVEN, Baking.Where.HOB, in[i], out[i], 0, 1));
            }
            return;
        }
        double stretch = (out[i] - in[i]) / baking[i].minutes();
        for (Baking.Span span : baking[i].spans()) {
            uses.add(new OvenUse(
                    i,
                    span.where() == Baking.Where.HOB ? Decision.NO_OVEN : oven,
                    span.where(),
                    in[i] + stretch * span.fromMin(),
                    in[i] + stretch * span.untilMin(),
                    span.dialC() + turnedBy(i),
                    chains.get(i).shelves(oven)));
        }
    }

    /* What an oven cannot do: two dials, more trays than shelves, be hot at once. */
    private void ovens() {
        for (int a = 0; a < uses.size(); a++) {
            OvenUse one = uses.get(a);
            if (one.where() == Baking.Where.HOB) {
                crowded(one, problem.evening().kitchen().burners());
                continue;
            }
            crowded(one, problem.evening().kitchen().ovens().get(one.oven()).shelves());
            cold(one);
            for (int b = a + 1; b < uses.size(); b++) {
                OvenUse other = uses.get(b);
                if (other.oven() != one.oven() || other.chain() == one.chain()) {
                    continue;
                }
                if (settled(one) && settled(other)) {
                    continue;
                }
                double meets = one.meets(other);
                boolean grill = one.where() == Baking.Where.GRILL || other.where() == Baking.Where.GRILL;
                if (meets > 1e-9 && (grill || one.dialC() != other.dialC())) {
                    broken += meets + OvenUse.NEAR_K * (grill ? 0 : 1);
                } else if (meets <= 1e-9 && !grill && one.dialC() != other.dialC()) {
                    turned(one, other, -meets);
                }
            }
        }
    }

    private boolean settled(OvenUse use) {
        return started(use.chain());
    }

    private void turned(OvenUse one, OvenUse other, double gap) {
        OvenUse first = one.from() < other.from() ? one : other;
        OvenUse second = first == one ? other : one;
        double short_ = OvenUse.turningMin(first.dialC(), second.dialC()) - gap;
        if (short_ > 0) {
            broken += short_;
        }
        harm += TURNED;
    }

    private void crowded(OvenUse use, int room) {
        if (settled(use)) {
            return;
        }
        int there = 0;
        double shortest = use.until() - use.from();
        for (OvenUse other : uses) {
            if (other.sharesRoom(use) && other.isIn(use.from())) {
                there += other.shelves();
                shortest = Math.min(shortest, other.until() - use.from());
            }
        }
        broken += Math.max(0, there - room) * Math.max(1, shortest);
    }

    /* It is not hot sooner than it can be. */
    private void cold(OvenUse use) {
        if (!settled(use) && use.where() == Baking.Where.OVEN) {
            double hot = facts.nowMin() + OvenUse.turningMin(problem.hotC(use.oven()), use.dialC());
            broken += Math.max(0, hot - use.from());
        }
    }

    /* What follows the heat, and the plating of a course. */
    private void course(int course) {
        List<Integer> its = IntStream.range(0, chains.size())
                .filter(i -> decided[i] && chains.get(i).course() == course)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> out[i]))
                .toList();
        double last = problem.lastPlatedFrom(course);
        double from = problem.platedFrom(course);
        for (int i : its) {
            if (chains.get(i).heat() != Chain.Heat.NONE) {
                after(i);
                from = Math.max(from, ready[i]);
            }
        }
        String step = course + "." + Kind.PLATE;
        late[course] = Math.max(0, from - last);
        if (!facts.settled(step)) {
            Double pinned = facts.pinned().get(step);
            from = Math.max(Math.max(from, facts.nowMin()), pinned == null ? from : pinned);
            late[course] = Math.max(0, from - last);
            double until = from + problem.platingMin(course);
            placed.add(new Placed(-1, Kind.PLATE, 0, course, from, until, until - from, Decision.NO_OVEN, 0));
            hands.work(from, until);
        }
        plated[course] = from;
        lateMin += late[course];
        waits(course, its, from);
    }

    private void after(int i) {
        Chain chain = chains.get(i);
        double rested = out[i] + restMin(i);
        if (rested > facts.nowMin() && restMin(i) > 0) {
            place(i, Kind.REST, 0, out[i], rested, 0, Decision.NO_OVEN, 0);
        }
        ready[i] = rested;
        String step = chain.step(chain.after());
        if (chain.afterMin() > 0 && !facts.settled(step)) {
            Double pinned = facts.pinned().get(step);
            Double begun = isOut(i) ? facts.begun().get(step) : null;
            if (begun != null) {
                ready[i] = goesOn(i, chain.after(), begun, chain.afterMin());
                return;
            }
            double begins = pinned != null ? pinned : begins(chain, Math.max(rested, facts.nowMin()));
            work(i, chain.after(), begins, begins + chain.afterMin());
            ready[i] = begins + chain.afterMin();
        }
    }

    /* Carved late, since it cools, but not so late that slow hands would keep everybody waiting; drained at once. */
    private double begins(Chain chain, double from) {
        double last = chain.after() == Kind.CARVE
                ? hands.slotBefore(problem.platedFrom(chain.course()), ROOM * chain.afterMin())
                : from - 1;
        return last >= from ? last : hands.slotAfter(from, chain.afterMin());
    }

    /* What waiting and being late come to, on the average: by how sure each dish is, not by when it is likely ready. */
    private void waits(int course, List<Integer> its, double platedAt) {
        double plated = problem.platedFrom(course);
        CourseDraws draws = new CourseDraws(chains.size(), plated, platedAt);
        for (int i : its) {
            if (chains.get(i).heat() != Chain.Heat.NONE) {
                add(draws, i);
            }
        }
        harm += LATE * draws.lateMin();
        for (int i : its) {
            Chain chain = chains.get(i);
            if (chain.heat() == Chain.Heat.NONE) {
                continue;
            }
            lateMin += TOO_LONG * Math.max(0, plated - soonest(i) - mostWaitMin(i));
            harm += chain.harm() * draws.waitsBeyondMin(i, 0) + WAITED_LONG * draws.waitsBeyondMin(i, mostWaitMin(i));
            if (!started(i)) {
                harm += problem.movedHarm(chain.key(), in[i], decisions[i]);
                harm += baking[i] == null ? 0 : chain.lossAt(oven(i), baking[i]);
            }
        }
    }

    private void add(CourseDraws draws, int i) {
        draws.add(i, outs(i), soonest(i) - out[i]);
    }

    /* When a dish is out in each of the draws: hands are late, and what is before it in its place may be. */
    private double[] outs(int i) {
        if (outs[i] == null) {
            outs[i] = isOut(i) ? CourseDraws.outs(i, out[i], 0, out[i]) : stillIn(i);
        }
        return outs[i];
    }

    private double[] stillIn(int i) {
        double sd = Math.hypot(STRAYS * sdMin(i), HANDS_SD_MIN);
        if (started(i)) {
            double likely = facts.baked().get(chains.get(i).key()).likelyMin();
            return CourseDraws.outs(i, likely + HANDS_LATE_MIN, sd, facts.nowMin());
        }
        double[] its = CourseDraws.outs(i, out[i] + lookedMin(i) + HANDS_LATE_MIN, sd, Double.NEGATIVE_INFINITY);
        for (int k = 0; k < its.length; k++) {
            its[k] += held(i, k);
        }
        return its;
    }

    /** What the look costs that finds it not done yet, minutes. */
    double lookedMin(int i) {
        return baking[i] == null || started(i) ? 0 : baking[i].doorMin();
    }

    private double held(int i, int draw) {
        double held = 0;
        for (Queue.Before before : queue.before(i)) {
            held = Math.max(held, Queue.in(before, outs(before.chain())[draw]) - in[i]);
        }
        return held;
    }

    /** What has to be out before a dish goes in. */
    List<Queue.Before> before(int chain) {
        return started(chain) ? List.of() : queue.before(chain);
    }

    /* When it could be on the plate if hands are free. */
    private double soonest(int i) {
        return out[i] + restMin(i) + chains.get(i).afterMin();
    }

    /* What comes before the heat, as late as it can. */
    private void before() {
        List<Integer> order = IntStream.range(0, chains.size())
                .filter(i -> decided[i] && !started(i))
                .boxed()
                .sorted(Comparator.comparingDouble(this::due).reversed())
                .toList();
        for (int i : order) {
            Chain chain = chains.get(i);
            double due = due(i);
            double prepared = due;
            if (chain.heat() != Chain.Heat.NONE && chain.temperMin() > 0 && !facts.settled(chain.step(Kind.TEMPER))) {
                double out = due - chain.temperMin();
                prepared = out;
                if (due > facts.nowMin()) {
                    place(i, Kind.TEMPER, 0, out, due, 0, Decision.NO_OVEN, 0);
                }
            }
            if (chain.heat() == Chain.Heat.NONE) {
                prepared = lay(i, Kind.FINISH, chain.afterMin(), due);
                double waited = due - prepared - chain.afterMin();
                lateMin += TOO_LONG * Math.max(0, waited - chain.waitsMin(null));
            }
            double dressed = lay(i, Kind.DRESS, chain.dressMin(), due);
            double ended = lay(i, Kind.PREPARE, chain.prepareMin(), Math.min(prepared, dressed));
            harm += EARLY * Math.max(0, due - ended);
        }
    }

    /* Until when everything before the heat has to be done. */
    private double due(int i) {
        return chains.get(i).heat() == Chain.Heat.NONE ? plated[chains.get(i).course()] : in[i] - HandTimes.PUT_IN_MIN;
    }

    /** Lays a step of the hands before a moment; returns when it begins. */
    private double lay(int i, Kind kind, double minutes, double due) {
        String step = chains.get(i).step(kind);
        if (minutes <= 0 || facts.settled(step)) {
            return due;
        }
        Double begun = facts.begun().get(step);
        if (begun != null) {
            broken += Math.max(0, goesOn(i, kind, begun, minutes) - due);
            return begun;
        }
        Double pinned = facts.pinned().get(step);
        if (pinned != null) {
            broken += Math.max(0, pinned + minutes - due) + Math.max(0, facts.nowMin() - pinned);
            work(i, kind, pinned, pinned + minutes);
            return pinned;
        }
        HandClock.Work laid = inGoodTime(due, minutes);
        broken += Math.max(0, facts.nowMin() - laid.fromMin());
        hands.work(laid);
        place(i, kind, 0, laid.fromMin(), laid.untilMin(), minutes, Decision.NO_OVEN, 0);
        return laid.fromMin();
    }

    /* Hands are late, and slow: what can be done some minutes sooner is. */
    private HandClock.Work inGoodTime(double due, double minutes) {
        HandClock.Work laid = hands.workBefore(due - SPARE_MIN, ROOM * minutes);
        if (laid.fromMin() < facts.nowMin()) {
            laid = hands.workBefore(due, minutes);
        }
        return laid.fromMin() < facts.nowMin() ? hands.patchworkBefore(due, minutes) : laid;
    }

    /* Work that has begun goes on, and is put down for what takes a moment. It is never done this very moment: somebody would have said
    so. */
    private double goesOn(int i, Kind kind, double begun, double minutes) {
        double left = Math.max(NOT_DONE_YET_MIN, begun + minutes - facts.nowMin());
        HandClock.Work laid = hands.workFrom(facts.nowMin(), left);
        hands.work(laid);
        place(i, kind, 0, begun, laid.untilMin(), minutes, Decision.NO_OVEN, 0);
        return laid.untilMin();
    }

    private void work(int i, Kind kind, double from, double until) {
        place(i, kind, 0, from, until, until - from, Decision.NO_OVEN, 0);
        hands.work(from, until);
    }

    /* What takes a moment at an oven or the hob. */
    private void attend(int i, Kind kind, int number, double from, double until, int oven, double dial) {
        if (!facts.settled(
                number == 0 ? chains.get(i).step(kind) : chains.get(i).step(kind, number))) {
            place(i, kind, number, from, until, until - from, oven, dial);
            hands.moment(from, until);
        }
    }

    private void place(
            int i, Kind kind, int number, double from, double until, double handsMin, int oven, double dial) {
        placed.add(new Placed(i, kind, number, -1, from, until, handsMin, oven, dial));
    }
}
