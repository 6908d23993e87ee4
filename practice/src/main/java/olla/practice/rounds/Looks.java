package olla.practice.rounds;

import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.DoubleStream;
import olla.core.doneness.Band;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.practice.kitchen.Going;
import olla.practice.kitchen.Lip;
import olla.practice.kitchen.Way;

/** What there is to see and feel of a hidden fish. It is blurred as it is in kitchens; looked at again it is blurred otherwise. */
final class Looks {

    /* By how much a sense is off, K: what is felt at the lip, what is seen between the flakes, what is felt through paper; how far a
     * tip is beside the coldest, and what a probe reads wrong (orders of magnitude, from memory). */
    private static final double LIP_K = 1.5;
    private static final double FLAKES_K = 1;
    private static final double TOUCH_K = 3;
    private static final double BESIDE_K = 1;
    private static final double PROBE_K = 0.6;

    /* From where flesh gives and springs back, and is firm, °C (common practice, no source). */
    private static final double SPRINGS_C = 46;
    private static final double FIRM_C = 56;

    private static final int DECIMALS = 10;

    private Looks() {}

    static Seen of(Move move, Slip slip, Going going, SplittableRandom blur) {
        double coldest = going.coldestC(move.dish());
        return switch (move.kind()) {
            case LOOK ->
                slip.way() == Way.OILED
                        ? new Seen(move, Message.of("practice.from-above"), List.of(), top(going.topC(move.dish())))
                        : words(move, Message.of("practice.nothing-shows"));
            case KNIFE -> words(move, knife(coldest + LIP_K * blur.nextGaussian()));
            case FORK ->
                new Seen(
                        move,
                        Message.of(
                                "practice.between-flakes",
                                "look",
                                Band.of(coldest + FLAKES_K * blur.nextGaussian())
                                        .look()),
                        rounded(Arrays.stream(going.throughC(move.dish()))),
                        List.of());
            case TOUCH -> words(move, touch(coldest + TOUCH_K * blur.nextGaussian()));
            case PROBE ->
                words(
                        move,
                        Message.of(
                                "practice.probe-reads",
                                "celsius",
                                Quantity.celsius(coldest
                                        + Math.abs(BESIDE_K * blur.nextGaussian())
                                        + PROBE_K * blur.nextGaussian())));
            case OUT -> words(move, Message.of("practice.is-out"));
            case SERVE -> words(move, Message.of("practice.is-served"));
        };
    }

    private static Seen words(Move move, Message words) {
        return new Seen(move, words, List.of(), List.of());
    }

    private static Message knife(double celsius) {
        return Message.of(
                switch (Lip.feels(celsius)) {
                    case KNIFE_COLD -> "practice.tip-cold";
                    case KNIFE_WARM -> "practice.tip-warm";
                    default -> "practice.tip-hot";
                });
    }

    private static Message touch(double celsius) {
        return Message.of(
                celsius < SPRINGS_C
                        ? "practice.touch-soft"
                        : celsius < FIRM_C ? "practice.touch-springs" : "practice.touch-firm");
    }

    private static List<List<Double>> top(double[][] rows) {
        return Arrays.stream(rows)
                .map(row -> rounded(Arrays.stream(row).filter(c -> !Double.isNaN(c))))
                .filter(row -> !row.isEmpty())
                .toList();
    }

    private static List<Double> rounded(DoubleStream celsius) {
        return celsius.mapToObj(c -> (double) Math.round(c * DECIMALS) / DECIMALS)
                .toList();
    }
}
