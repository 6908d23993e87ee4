package olla.standin.evenings;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import java.util.stream.LongStream;
import olla.core.evening.DialTables;
import olla.core.runsheet.Chance;
import olla.core.runsheet.Facts;
import olla.core.runsheet.Planner;
import olla.core.runsheet.RunSheet;
import olla.core.runsheet.Scenarios;
import olla.core.uncertainty.Observation.Verdict;

/** Cooks random evenings in three ways and prints what came of them: {@code Evenings [how many] [first seed]}. */
public final class Evenings {

    private static final double NEAR_MIN = 3;
    private static final double NOT_FAR_MIN = 5;

    private Evenings() {}

    /**
     * One evening, cooked in every way; nothing where it cannot be in time.
     *
     * @param said how likely the sheet said it holds, before anything had happened
     */
    record Cooked(
            long seed,
            boolean canBe,
            Chance said,
            EveningRun.Served again,
            EveningRun.Served printed,
            EveningRun.Served byRule,
            int plans) {}

    /** What came of many evenings cooked in one way. */
    record Sum(
            double near,
            double notFar,
            double within10,
            double inBand,
            double under,
            double over,
            double lateMin,
            double waitedMin) {
        static Sum of(List<EveningRun.Served> served) {
            double guests = 0;
            double near = 0;
            double notFar = 0;
            double within10 = 0;
            double late = 0;
            double fish = 0;
            double waited = 0;
            double[] said = new double[Verdict.values().length];
            for (EveningRun.Served one : served) {
                guests += one.guests();
                near += Math.abs(one.lateMin()) <= NEAR_MIN ? one.guests() : 0;
                notFar += Math.abs(one.lateMin()) <= NOT_FAR_MIN ? one.guests() : 0;
                within10 += Math.abs(one.lateMin()) <= 2 * NOT_FAR_MIN ? one.guests() : 0;
                late += one.guests() * Math.min(60, Math.max(0, one.lateMin()));
                for (EveningRun.FishServed dish : one.fish()) {
                    fish++;
                    waited += dish.waitedMin();
                    said[dish.verdict().ordinal()]++;
                }
            }
            return new Sum(
                    near / guests,
                    notFar / guests,
                    within10 / guests,
                    said[Verdict.RIGHT.ordinal()] / fish,
                    said[Verdict.UNDER.ordinal()] / fish,
                    said[Verdict.OVER.ordinal()] / fish,
                    late / guests,
                    waited / fish);
        }
    }

    /** Cooks the evening of one seed. */
    static Cooked cook(long seed, boolean taught) {
        DrawnEvening drawn = DrawnEvening.of(seed, taught);
        DialTables tables = DialTables.of(drawn.evening(), (made, of) -> {});
        SheetCook again = new SheetCook(drawn.evening(), tables, true);
        RunSheet sheet = again.first(EveningRun.BEGINS_MIN);
        if (!sheet.inTime()) {
            return new Cooked(seed, false, null, null, null, null, 0);
        }
        return new Cooked(
                seed,
                true,
                Planner.of(drawn.evening(), tables, Facts.at(EveningRun.BEGINS_MIN))
                        .chance(sheet, Scenarios::solve),
                new EveningRun(drawn, again).run(),
                new EveningRun(drawn, new SheetCook(drawn.evening(), tables, false)).run(),
                new EveningRun(drawn, new RuleCook(drawn.evening())).run(),
                again.plans());
    }

    /** Runs. */
    public static void main(String[] args) {
        int count = args.length > 0 ? Integer.parseInt(args[0]) : 200;
        long first = args.length > 1 ? Long.parseLong(args[1]) : 1;
        boolean each = args.length > 2;
        for (boolean taught : new boolean[] {false, true}) {
            List<Cooked> cooked = new ArrayList<>();
            int refused = 0;
            long seed = first;
            while (cooked.size() < count) {
                int more = count - cooked.size();
                List<Cooked> some = LongStream.range(seed, seed + more)
                        .parallel()
                        .mapToObj(s -> cook(s, taught))
                        .toList();
                seed += more;
                refused += (int) some.stream().filter(c -> !c.canBe()).count();
                some.stream().filter(Cooked::canBe).forEach(cooked::add);
            }
            if (each) {
                cooked.forEach(Evenings::print);
            }
            System.out.printf(
                    Locale.ROOT,
                    "%n%s: %d evenings, %d guests; of %d drawn %d could not be in time and were said so; planned again %.1f times an evening%n%n",
                    taught ? "Ovens known from some bakes" : "Ovens nobody has checked",
                    count,
                    cooked.stream().mapToInt(c -> c.again().guests()).sum(),
                    count + refused,
                    refused,
                    cooked.stream().mapToInt(Cooked::plans).average().orElse(0));
            System.out.printf(
                    Locale.ROOT,
                    "The sheets said: within 3 min %.0f %%, within 5 min %.0f %%%n%n",
                    100 * said(cooked, Chance::within3),
                    100 * said(cooked, Chance::within5));
            System.out.println(
                    "| Cooked | within 3 min | within 5 min | within 10 min | late on the average | fish right | under | over | waits on the average |");
            System.out.println("|---|---|---|---|---|---|---|---|---|");
            line(
                    "by the run sheet, planned again",
                    cooked.stream().map(Cooked::again).toList());
            line(
                    "by the run sheet as printed",
                    cooked.stream().map(Cooked::printed).toList());
            line("by rules of thumb", cooked.stream().map(Cooked::byRule).toList());
        }
    }

    /* Of how many guests it was said. */
    private static double said(List<Cooked> cooked, ToDoubleFunction<Chance> of) {
        double guests = cooked.stream().mapToInt(c -> c.again().guests()).sum();
        return cooked.stream()
                        .mapToDouble(c -> c.again().guests() * of.applyAsDouble(c.said()))
                        .sum()
                / guests;
    }

    private static void print(Cooked one) {
        System.out.printf(
                Locale.ROOT,
                "%d: said %.2f, late %.1f %.1f %.1f; again %s%n",
                one.seed(),
                one.said().within5(),
                one.again().lateMin(),
                one.printed().lateMin(),
                one.byRule().lateMin(),
                one.again().fish());
    }

    private static void line(String name, List<EveningRun.Served> served) {
        Sum sum = Sum.of(served);
        System.out.printf(
                Locale.ROOT,
                "| %s | %.0f %% | %.0f %% | %.0f %% | %.1f min | %.0f %% | %.0f %% | %.0f %% | %.1f min |%n",
                name,
                100 * sum.near(),
                100 * sum.notFar(),
                100 * sum.within10(),
                sum.lateMin(),
                100 * sum.inBand(),
                100 * sum.under(),
                100 * sum.over(),
                sum.waitedMin());
    }
}
