package olla.core.evening;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BiFunction;

/**
 * What each dish takes at each dial of each oven it may go into.
 *
 * @param tables by place: a dish's key and an oven's
 */
public record DialTables(Map<Place, DialTable> tables) {

    /** A dish in an oven. */
    public record Place(String dish, String oven) {}

    /** Is told how far the making has come. */
    public interface Progress {

        /**
         * So many tables of so many are there.
         *
         * @param made above 0
         * @param of no fewer
         */
        void made(int made, int of);
    }

    /** Takes over a copy. */
    public DialTables {
        tables = Map.copyOf(tables);
    }

    /**
     * Makes them.
     *
     * @throws java.util.concurrent.CancellationException where the calling thread is interrupted meanwhile
     */
    public static DialTables of(Evening evening, Progress progress) {
        Thread asker = Thread.currentThread();
        return of(evening, progress, (dish, oven) -> DialTable.of(dish, oven, asker));
    }

    /**
     * Makes them, with what is there already taken from where it is kept.
     *
     * @param made makes the table of a dish in an oven, or has it; asked by several threads at once
     */
    public static DialTables of(Evening evening, Progress progress, BiFunction<FishDish, EveningOven, DialTable> made) {
        List<Runnable> work = new ArrayList<>();
        Map<Place, DialTable> tables = new ConcurrentHashMap<>();
        AtomicInteger done = new AtomicInteger();
        for (EveningOven oven : evening.kitchen().ovens()) {
            for (FishDish dish : evening.fish()) {
                if (dish.goesInto(oven)) {
                    work.add(() -> tables.put(new Place(dish.key(), oven.key()), made.apply(dish, oven)));
                }
            }
            for (SideDish side : evening.sides()) {
                if (side.where() == SideDish.Where.OVEN) {
                    tables.put(new Place(side.key(), oven.key()), DialTable.of(side, oven));
                }
            }
        }
        work.parallelStream().forEach(one -> {
            one.run();
            progress.made(done.incrementAndGet(), work.size());
        });
        return new DialTables(tables);
    }

    /**
     * The same with the ovens as they were found tonight: moved by what each dish's minutes owe to the oven, which is quicker than to
     * solve it again and says the same within a few per cent.
     *
     * @param said the evening they were made for
     * @param found the same evening with its ovens as they were found
     */
    public DialTables told(Evening said, Evening found) {
        Map<Place, DialTable> moved = new HashMap<>(tables);
        for (int i = 0; i < said.kitchen().ovens().size(); i++) {
            EveningOven before = said.kitchen().ovens().get(i);
            EveningOven after = found.kitchen().ovens().get(i);
            if (!before.calibration().equals(after.calibration())) {
                moved.replaceAll((place, table) -> place.oven().equals(after.key())
                        ? table.told(before.calibration(), after.calibration())
                        : table);
                for (SideDish side : found.sides()) {
                    moved.computeIfPresent(
                            new Place(side.key(), after.key()), (place, table) -> DialTable.of(side, after));
                }
            }
        }
        return new DialTables(moved);
    }

    /** What a dish takes in an oven; without any dial where it does not go there, or is never done. */
    public List<Baking> of(String dish, String oven) {
        DialTable table = tables.get(new Place(dish, oven));
        return table == null ? List.of() : table.bakings();
    }
}
