package olla.core.reliability;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.reliability.CameOut.Told;
import org.hipparchus.stat.descriptive.StreamingStatistics;

/**
 * How far the tickets of some bakes could be trusted.
 *
 * @param bakes how many came out and were judged
 * @param inside how many were done inside their ticket's window
 * @param earlier how many before it
 * @param later how many after it
 * @param error how much later than likely those that were just right were done; empty for fewer than two
 * @param points how often what was to be done by a percentile of its ticket's window was done by then
 */
public record Reliability(
        int bakes, int inside, int earlier, int later, Optional<MeanError> error, List<Point> points) {

    /** What a window promises: it runs from the 10th to the 90th percentile. */
    public static final double PROMISED = 0.8;

    /* Fewer say nothing of the long run (ours). */
    private static final int FEWEST = 5;

    /* Nobody notices less, minutes (ours). */
    private static final double NOTICED_MIN = 0.5;

    /* A mean so many of its standard errors off is no chance: one in twenty, as is usual. */
    private static final double NO_CHANCE = 2;

    /* Of so many is the running mean (ours). */
    private static final int RUNNING = 10;

    private static final double[] PERCENTILES = {0.1, 0.5, 0.9};

    /**
     * A mean error.
     *
     * @param bakes of how many
     * @param meanMin later than likely, minutes, below 0 for sooner
     * @param standardErrorMin of that mean, minutes
     */
    public record MeanError(int bakes, double meanMin, double standardErrorMin) {

        private static Optional<MeanError> of(double[] errors) {
            if (errors.length < 2) {
                return Optional.empty();
            }
            StreamingStatistics statistics = new StreamingStatistics();
            for (double error : errors) {
                statistics.addValue(error);
            }
            return Optional.of(new MeanError(
                    errors.length, statistics.getMean(), statistics.getStandardDeviation() / Math.sqrt(errors.length)));
        }

        private boolean noticed() {
            return Math.abs(meanMin) >= NOTICED_MIN;
        }

        /* Whether it is more than chance, and more than nobody notices. */
        private boolean matters() {
            return bakes >= FEWEST && noticed() && Math.abs(meanMin) > NO_CHANCE * standardErrorMin;
        }
    }

    /**
     * A point of the reliability diagram.
     *
     * @param promised the percentile of the window, 0 to 1
     * @param done how many of those that were just right were done by then
     */
    public record Point(double promised, Share done) {}

    /** Counted from bakes in any order. */
    public static Reliability of(Collection<CameOut> bakes) {
        double[] errors = bakes.stream()
                .map(CameOut::errorMin)
                .filter(error -> error.isPresent())
                .mapToDouble(error -> error.getAsDouble())
                .toArray();
        return new Reliability(
                bakes.size(),
                count(bakes, Told.INSIDE),
                count(bakes, Told.EARLIER),
                count(bakes, Told.LATER),
                MeanError.of(errors),
                points(bakes));
    }

    /**
     * How the error went: after each bake the mean of the last ten of which it can be told.
     *
     * @param bakes oldest first
     * @return as many, minutes later than likely; NaN before the first of which it can be told
     */
    public static double[] running(List<CameOut> bakes) {
        double[] means = new double[bakes.size()];
        Deque<Double> last = new ArrayDeque<>();
        for (int i = 0; i < means.length; i++) {
            bakes.get(i).errorMin().ifPresent(last::add);
            if (last.size() > RUNNING) {
                last.remove();
            }
            means[i] = last.stream().mapToDouble(error -> error).average().orElse(Double.NaN);
        }
        return means;
    }

    private static int count(Collection<CameOut> bakes, Told told) {
        return (int) bakes.stream().filter(bake -> bake.told() == told).count();
    }

    private static List<Point> points(Collection<CameOut> bakes) {
        List<CameOut> right =
                bakes.stream().filter(bake -> bake.errorMin().isPresent()).toList();
        List<Point> points = new ArrayList<>();
        for (double percentile : PERCENTILES) {
            if (!right.isEmpty()) {
                int by = (int) right.stream()
                        .filter(bake -> bake.outMin() <= edge(bake, percentile))
                        .count();
                points.add(new Point(percentile, Share.of(by, right.size())));
            }
        }
        return points;
    }

    private static double edge(CameOut bake, double percentile) {
        if (percentile < 0.5) {
            return bake.window().checkFromMin();
        }
        return percentile > 0.5 ? bake.window().noLaterThanMin() : bake.window().likelyMin();
    }

    /** Of how many it can be told when they were done. */
    public int judged() {
        return inside + earlier + later;
    }

    /** How many of those were done inside; empty where it can be told of none. */
    public Optional<Share> held() {
        return judged() == 0 ? Optional.empty() : Optional.of(Share.of(inside, judged()));
    }

    /** How far the windows held, in a sentence. */
    public Message words() {
        if (judged() < FEWEST) {
            return Message.of("taught.too-few", "bakes", judged(), "least", FEWEST);
        }
        Share share = held().orElseThrow();
        String how = share.mayBe(PROMISED)
                ? "taught.as-promised"
                : share.share() < PROMISED ? "taught.too-narrow" : "taught.wider-than-needed";
        return Message.of("taught.held", "inside", inside, "bakes", judged(), "how", Message.of(how));
    }

    /** On which side they were off, in a sentence. */
    public Message side() {
        return error.filter(MeanError::matters)
                .map(mean -> Message.of(
                        mean.meanMin() > 0 ? "taught.later" : "taught.sooner",
                        "minutes",
                        Quantity.minutes(Math.abs(mean.meanMin()))))
                .orElseGet(() -> error.filter(mean -> mean.bakes() >= FEWEST).isPresent()
                        ? Message.of("taught.no-side")
                        : Message.NOTHING);
    }

    /** The mean error in short, as a table has it; nothing where too few can tell. */
    public Message mean() {
        return error.map(mean -> {
                    if (!mean.noticed()) {
                        return Message.of("taught.as-likely");
                    }
                    String how = mean.meanMin() > 0 ? "taught.mean-later" : "taught.mean-sooner";
                    return Message.of(how, "minutes", Quantity.minutes(Math.abs(mean.meanMin())));
                })
                .orElse(Message.NOTHING);
    }
}
