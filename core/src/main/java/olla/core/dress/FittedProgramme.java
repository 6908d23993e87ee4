package olla.core.dress;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.core.oven.Stage.Add;
import olla.core.oven.Stage.Bake;
import olla.core.oven.Stage.Grill;
import olla.core.oven.Stage.Hob;
import olla.core.oven.Stage.Turn;
import olla.core.oven.Stage.Uncover;
import olla.core.oven.Stage.What;

/**
 * A cook's own programme after the dish was changed: what the dish does not contradict stays as it was, what it asks for is put
 * in. A programme that goes with its dish is left alone.
 *
 * @param programme as it goes now
 * @param dropped stages that had to go
 * @param put stages that were put in
 */
public record FittedProgramme(Programme programme, List<Stage> dropped, List<Stage> put) {

    /* What joined stays in so long where nothing followed, minutes (common practice, no source). */
    private static final double AFTER_MIN = 3;

    /** Takes over copies. */
    public FittedProgramme {
        dropped = List.copyOf(dropped);
        put = List.copyOf(put);
    }

    /**
     * Fits a programme to a dish.
     *
     * @throws olla.core.messages.RefusedInput where what is put in makes it longer than any bake
     */
    public static FittedProgramme of(Programme own, Dress dress) {
        return new Fitting(own, dress).fitted();
    }

    /** The stages while they are changed. */
    private static final class Fitting {
        private final Dress dress;
        private final List<Stage> stages;
        private final List<Stage> dropped = new ArrayList<>();
        private final List<Stage> put = new ArrayList<>();

        Fitting(Programme own, Dress dress) {
            this.dress = dress;
            stages = new ArrayList<>(own.stages());
        }

        FittedProgramme fitted() {
            if (!UsualProgramme.grills(dress)) {
                drop(s -> s instanceof Grill);
            }
            if (!dress.turns()) {
                drop(s -> s instanceof Turn);
            }
            if (!dress.vessel().ware().onTheHob()) {
                drop(s -> s instanceof Hob);
            }
            // Nothing joins what is not on the heat yet.
            while (!lasts(stages.get(0))) {
                dropped.add(stages.remove(0));
            }
            match(s -> s instanceof Uncover, dress.opened() ? 1 : 0, new Uncover());
            Map<What, Integer> wanted = new EnumMap<>(What.class);
            wanted.put(What.FISH, dress.fishJoins() ? 1 : 0);
            wanted.put(What.TOPPING, dress.later().size());
            wanted.put(What.SIDES, dress.sideStarts().size());
            if (!dress.glazed()) {
                wanted.put(What.GLAZE, 0);
            }
            wanted.forEach((what, times) -> match(s -> s instanceof Add a && a.what() == what, times, new Add(what)));
            return new FittedProgramme(new Programme(stages), dropped, put);
        }

        private void drop(Predicate<Stage> which) {
            stages.stream().filter(which).forEach(dropped::add);
            stages.removeIf(which);
        }

        /* As often as the dish asks for it: the last ones go first. */
        private void match(Predicate<Stage> is, int times, Stage one) {
            int there = (int) stages.stream().filter(is).count();
            for (int i = stages.size() - 1; there > times; i--) {
                if (is.test(stages.get(i))) {
                    dropped.add(stages.remove(i));
                    there--;
                }
            }
            for (; there < times; there++) {
                // What had to go from another place has only moved, with what the cook says of it.
                Optional<Stage> moved = dropped.stream().filter(is).findFirst();
                moved.ifPresentOrElse(dropped::remove, () -> put.add(one));
                put(moved.orElse(one), there);
            }
        }

        /* Beside so many of its kind. */
        private void put(Stage one, int there) {
            int last = last(FittedProgramme::lasts);
            if (one instanceof Add add && add.what() == What.FISH) {
                Bake first = (Bake) stages.get(first(s -> s instanceof Bake));
                double headStart = dress.bed().headStartMinutes(first.tempC());
                stages.addAll(
                        0,
                        Arrays.asList(
                                first.lasting(OptionalDouble.of(Math.max(Programme.LEAST_MINUTES, headStart))), one));
            } else if (one instanceof Add add && add.what() == What.SIDES) {
                int bake = last(s -> s instanceof Bake);
                List<Double> starts = dress.sideStarts();
                double next = there + 1 < starts.size() ? starts.get(there + 1) : 0;
                stages.addAll(bake + 1, Arrays.asList(one, after(bake, starts.get(there) - next)));
            } else if (one instanceof Uncover && first(FittedProgramme::topping) >= 0) {
                stages.add(first(FittedProgramme::topping), one);
            } else if (stages.stream().filter(FittedProgramme::lasts).count() > 1) {
                stages.add(last, one);
            } else {
                stages.addAll(last + 1, Arrays.asList(one, after(last, AFTER_MIN)));
            }
        }

        /* The same heat goes on. */
        private Bake after(int bake, double minutes) {
            return new Bake(((Bake) stages.get(bake)).tempC(), OptionalDouble.of(minutes));
        }

        private int first(Predicate<Stage> is) {
            int i = 0;
            while (i < stages.size() && !is.test(stages.get(i))) {
                i++;
            }
            return i < stages.size() ? i : -1;
        }

        private int last(Predicate<Stage> is) {
            int i = stages.size() - 1;
            while (!is.test(stages.get(i))) {
                i--;
            }
            return i;
        }
    }

    private static boolean lasts(Stage stage) {
        return stage instanceof Bake || stage instanceof Grill || stage instanceof Hob;
    }

    private static boolean topping(Stage stage) {
        return stage instanceof Add add && add.what() == What.TOPPING;
    }
}
