package olla.practice.kitchen;

import java.util.ArrayList;
import java.util.List;

/** A hidden kitchen as time goes by in it. Mutable; for one thread. */
public final class Going {

    /* How long the door was open when all went in, s (common practice, no source). */
    private static final double PUT_IN_S = 20;

    private final HiddenOven oven;
    private final List<Baking> dishes = new ArrayList<>();
    private final boolean[] out;
    private final double stepS;
    private double seconds;
    private double openUntilS = PUT_IN_S;

    Going(List<HiddenBake> bakes) {
        HiddenBake first = bakes.get(0);
        oven = new HiddenOven(first.oven(), first.programme().bakeTempC(), first.phase());
        bakes.forEach(bake -> dishes.add(new Baking(bake.dish())));
        out = new boolean[dishes.size()];
        stepS = dishes.stream().mapToDouble(Baking::safeS).min().orElseThrow();
    }

    private Going(Going like) {
        oven = new HiddenOven(like.oven);
        like.dishes.forEach(dish -> dishes.add(dish.copy()));
        out = like.out.clone();
        stepS = like.stepS;
        seconds = like.seconds;
        openUntilS = like.openUntilS;
    }

    /** As it stands now; what goes on from it changes nothing here. */
    public Going copy() {
        return new Going(this);
    }

    /** Goes on until a minute; nothing where that is past. */
    public void until(double minute) {
        while (seconds < 60 * minute - 1e-6) {
            step(Math.min(stepS, 60 * minute - seconds));
        }
    }

    private void step(double dt) {
        double takesW = 0;
        for (int dish = 0; dish < out.length; dish++) {
            Baking baking = dishes.get(dish);
            baking.step(out[dish] ? Around.BOARD : Around.in(oven), dt);
            takesW += out[dish] ? 0 : baking.takesW();
        }
        oven.passes(dt, takesW, seconds < openUntilS);
        seconds += dt;
    }

    /** A hand at a dish: the door is open from now on for so many seconds, unless the dish is out. */
    public void handAt(int dish, double forSeconds) {
        if (!out[dish]) {
            openUntilS = Math.max(openUntilS, seconds + forSeconds);
        }
    }

    /** Takes a dish out. */
    public void takeOut(int dish) {
        out[dish] = true;
    }

    /** The coldest flesh of a dish's thickest part, °C. */
    public double coldestC(int dish) {
        return dishes.get(dish).coldestC();
    }

    /** The warmest that it has been, °C. */
    public double peakC(int dish) {
        return dishes.get(dish).peakC();
    }

    /** The oven's air, °C. */
    public double airC() {
        return oven.airC();
    }

    /** Through the flesh in the middle of a dish, from below to above, °C. */
    public double[] throughC(int dish) {
        return dishes.get(dish).throughC();
    }

    /** The uppermost of a dish as seen from above, by rows along it; NaN where there is nothing, °C. */
    public double[][] topC(int dish) {
        return dishes.get(dish).topC();
    }

    /** What a dish gets to where it comes out now and lies for so long, °C. */
    public double peakIfOutC(int dish, double restMin) {
        return dishes.get(dish).peakIfOutC(restMin);
    }
}
