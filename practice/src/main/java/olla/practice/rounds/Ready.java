package olla.practice.rounds;

import java.util.Arrays;
import java.util.List;
import olla.practice.kitchen.Going;

/** When each dish has to come out for its coldest flesh to peak at its target after the rest that its ticket says. */
final class Ready {

    /* How often a rest is tried, minutes, from so far below the target on, K; and when it is given up. */
    private static final double EVERY_MIN = 1;
    private static final double FROM_K = 25;
    private static final double LONGEST_MIN = 180;

    private Ready() {}

    /**
     * Goes through a round in which all stay in.
     *
     * @param moves whose doors are opened
     * @return for each dish, minutes; NaN where this oven does not bring it there
     */
    static double[] of(Exercise exercise, List<Move> moves) {
        Going going = exercise.setting().begin();
        int dishes = exercise.slips().size();
        double[] ready = new double[dishes];
        double[] before = new double[dishes];
        Arrays.fill(ready, Double.NaN);
        Arrays.fill(before, Double.NaN);
        boolean[] out = new boolean[dishes];
        int next = 0;
        for (double minute = EVERY_MIN; minute < LONGEST_MIN && anyOpen(ready); minute += EVERY_MIN) {
            while (next < moves.size() && moves.get(next).minute() <= minute) {
                Move move = moves.get(next++);
                going.until(move.minute());
                // All stay in here; what was on the board by then had no hand in the oven.
                if (!out[move.dish()]) {
                    going.handAt(move.dish(), move.kind().doorS());
                }
                out[move.dish()] |= move.kind() == Move.Kind.OUT;
            }
            going.until(minute);
            for (int dish = 0; dish < dishes; dish++) {
                Slip slip = exercise.slips().get(dish);
                if (Double.isNaN(ready[dish]) && going.coldestC(dish) > slip.targetC() - FROM_K) {
                    double peak = going.peakIfOutC(dish, slip.restMin());
                    if (peak >= slip.targetC()) {
                        double part = Double.isNaN(before[dish])
                                ? 1
                                : (slip.targetC() - before[dish]) / (peak - before[dish]);
                        ready[dish] = minute - EVERY_MIN * (1 - part);
                    }
                    before[dish] = peak;
                }
            }
        }
        return ready;
    }

    private static boolean anyOpen(double[] ready) {
        return Arrays.stream(ready).anyMatch(Double::isNaN);
    }
}
