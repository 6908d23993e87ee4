package olla.server.bench;

import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import olla.core.estimate.CheckWindow;
import olla.core.estimate.Doubt;
import olla.core.estimate.Estimate;
import olla.core.estimate.Frames;
import olla.core.estimate.Trace;
import olla.core.fish.Measured;
import olla.core.fish.Piece;
import olla.core.safety.Caution;
import olla.core.units.Dial;
import olla.server.web.MaybeAbsent;

/**
 * The ticket. Times in minutes, temperatures in °C, masses in g; the three minutes of the window are missing where this
 * oven never brings the piece to its target.
 */
public record EstimateAnswer(
        PieceAnswer piece,
        double bakeMinutes,
        @MaybeAbsent Double checkFromMin,
        @MaybeAbsent Double likelyMin,
        @MaybeAbsent Double noLaterThanMin,
        double pullC,
        double peakC,
        double restMinutes,
        double meanAtPullC,
        double waterLossG,
        double lethalityMinutesAt70,
        DialAnswer dial,
        TraceAnswer trace,
        SectionsAnswer sections,
        List<DoubtAnswer> doubts,
        List<CautionAnswer> cautions,
        List<String> assumptions) {

    /** The piece with its missing sides filled in. */
    public record PieceAnswer(
            double thicknessMm,
            double widthMm,
            double lengthMm,
            double massG,
            double startTempC,
            Measured measured,
            double thicknessDoubtMm) {}

    /** One temperature on the dials of a kitchen. */
    public record DialAnswer(
            int celsius, int fahrenheit, @MaybeAbsent Double gasMark, int fanCelsius) {}

    /** The course of temperatures; arrays of one length. */
    public record TraceAnswer(double[] minute, double[] coldestC, double[] meanC, double[] topFaceC) {}

    /**
     * Pictures of the half-section, mid-plane first, bottom row first. Each picture is Base64 of one byte a place:
     * temperature in °C plus {@value #CELSIUS_SHIFT}.
     *
     * @param outline x, y pairs in mm of the half outline, from the middle of the underside to the middle of the top
     */
    public record SectionsAnswer(
            int columns,
            int rows,
            double halfWidthMm,
            double heightMm,
            double[][] outline,
            double[] minute,
            List<String> picture,
            double[] coldestXMm,
            double[] coldestYMm) {}

    /** What makes the window wide. */
    public record DoubtAnswer(String what, double minutes) {}

    /** Something that can hurt somebody. */
    public record CautionAnswer(String code, Caution.Weight weight, String text, String source) {}

    private static final int CELSIUS_SHIFT = 50;

    static EstimateAnswer of(Estimate e) {
        CheckWindow window = e.window().orElse(null);
        Piece piece = e.piece();
        Dial dial = e.dial();
        return new EstimateAnswer(
                new PieceAnswer(
                        round(piece.thicknessMm()),
                        round(piece.widthMm()),
                        round(piece.lengthMm()),
                        round(piece.massG()),
                        round(piece.startTempC()),
                        piece.measured(),
                        round(piece.thicknessDoubtMm())),
                round(e.bakeMinutes()),
                window == null ? null : round(window.checkFromMin()),
                window == null ? null : round(window.likelyMin()),
                window == null ? null : round(window.noLaterThanMin()),
                round(e.pullC()),
                round(e.peakC()),
                round(e.restMinutes()),
                round(e.meanAtPullC()),
                round(e.waterLossG()),
                Math.round(e.lethalityMinutesAt70() * 1e4) / 1e4,
                new DialAnswer(dial.celsius(), dial.fahrenheit(), dial.gasMark(), dial.fanCelsius()),
                trace(e.trace()),
                sections(e.frames()),
                e.doubts().stream().map(EstimateAnswer::doubt).toList(),
                e.cautions().stream().map(EstimateAnswer::caution).toList(),
                e.assumptions());
    }

    private static TraceAnswer trace(Trace t) {
        return new TraceAnswer(
                rounded(t.minute(), 1e3),
                rounded(t.coldestC(), 1e2),
                rounded(t.meanC(), 1e2),
                rounded(t.topFaceC(), 1e2));
    }

    private static SectionsAnswer sections(Frames f) {
        return new SectionsAnswer(
                f.columns(),
                f.rows(),
                f.halfWidthMm(),
                f.heightMm(),
                f.outline().stream().map(p -> rounded(p, 1e2)).toArray(double[][]::new),
                rounded(f.minute(), 1e3),
                f.celsius().stream().map(EstimateAnswer::picture).toList(),
                rounded(f.coldestXMm(), 1e2),
                rounded(f.coldestYMm(), 1e2));
    }

    private static String picture(int[] celsius) {
        byte[] bytes = new byte[celsius.length];
        for (int i = 0; i < bytes.length; i++) {
            bytes[i] = (byte) Math.max(0, Math.min(255, celsius[i] + CELSIUS_SHIFT));
        }
        return Base64.getEncoder().encodeToString(bytes);
    }

    private static DoubtAnswer doubt(Doubt d) {
        return new DoubtAnswer(d.what(), round(d.minutes()));
    }

    private static CautionAnswer caution(Caution c) {
        return new CautionAnswer(c.code(), c.weight(), c.text(), c.source());
    }

    private static double round(double value) {
        return Math.round(value * 100) / 100.0;
    }

    private static double[] rounded(double[] values, double places) {
        return Arrays.stream(values).map(v -> Math.round(v * places) / places).toArray();
    }
}
