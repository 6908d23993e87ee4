package olla.core.runsheet;

import java.util.List;
import olla.core.oven.HeatDraw;
import olla.core.oven.OvenHeat;
import olla.core.oven.OvenKind;

/** How far an oven's air comes to lie below its dial because of all that is in it at once. */
final class FullOven {

    /**
     * Something that is in it.
     *
     * @param fromMin when it goes in
     * @param untilMin when it comes out
     * @param draws what it takes
     */
    record Inside(double fromMin, double untilMin, double dialC, HeatDraw draws) {

        private double drawsW(double minute) {
            boolean in = minute >= fromMin && minute < untilMin;
            return in ? draws.at((minute - fromMin) / (untilMin - fromMin)) : 0;
        }
    }

    /** By how much the air is cooler while something is in: on the average and at most, K. */
    record Cooler(double meanK, double mostK) {
        static final Cooler NOT = new Cooler(0, 0);
    }

    private final List<Inside> inside;
    private final double fromMin;
    private final double[] coolerK;

    private FullOven(List<Inside> inside, double fromMin, double[] coolerK) {
        this.inside = inside;
        this.fromMin = fromMin;
        this.coolerK = coolerK;
    }

    /** All that is in an oven in the course of an evening. */
    static FullOven of(OvenKind kind, List<Inside> inside) {
        double dial = inside.stream().mapToDouble(Inside::dialC).max().orElse(0);
        double spare = OvenHeat.spareW(kind, dial);
        double most = inside.stream().mapToDouble(i -> i.draws().firstW()).sum();
        if (most <= spare) {
            return new FullOven(inside, 0, new double[0]);
        }
        double from = inside.stream().mapToDouble(Inside::fromMin).min().orElse(0);
        double until = inside.stream().mapToDouble(Inside::untilMin).max().orElse(0);
        double[] cooler = new double[1 + (int) Math.ceil(until - from)];
        for (int m = 1; m < cooler.length; m++) {
            double minute = from + m - 0.5;
            double drawn = inside.stream().mapToDouble(i -> i.drawsW(minute)).sum();
            cooler[m] = OvenHeat.aMinuteLater(cooler[m - 1], spare, drawn);
        }
        return new FullOven(inside, from, cooler);
    }

    /** Whether it is ever drawn below its dial. */
    boolean cools() {
        for (double k : coolerK) {
            if (k > 0) {
                return true;
            }
        }
        return false;
    }

    /** What that is for one of those inside. */
    Cooler during(int which) {
        Inside it = inside.get(which);
        double sum = 0;
        double most = 0;
        int minutes = 0;
        for (int m = 0; m < coolerK.length; m++) {
            double minute = fromMin + m;
            if (minute >= it.fromMin() && minute <= it.untilMin()) {
                sum += coolerK[m];
                most = Math.max(most, coolerK[m]);
                minutes++;
            }
        }
        return minutes == 0 ? Cooler.NOT : new Cooler(sum / minutes, most);
    }
}
