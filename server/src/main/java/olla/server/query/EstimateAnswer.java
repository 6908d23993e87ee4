package olla.server.query;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.OptionalDouble;
import olla.core.doneness.Lethality;
import olla.core.dress.Dress;
import olla.core.dress.FittedProgramme;
import olla.core.dress.Parcel;
import olla.core.dress.Part;
import olla.core.dress.Quantities;
import olla.core.estimate.Estimate;
import olla.core.fish.MeasuredBy;
import olla.core.fish.Piece;
import olla.core.fish.PlausibilityCheck.Slip;
import olla.core.habits.Which;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.oven.Stage;
import olla.core.plan.Ahead;
import olla.core.plan.TrayFit;
import olla.core.safety.Caution;
import olla.core.simulation.Browning;
import olla.core.simulation.Frames;
import olla.core.simulation.Juice;
import olla.core.simulation.StageSpan;
import olla.core.simulation.Trace;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Doubt;
import olla.core.units.Amount;
import olla.core.units.Dial;
import olla.core.units.Measure;
import olla.server.query.EstimateRequest.HabitPartInput;
import olla.server.query.EstimateRequest.StageInput;
import olla.server.query.EstimateRequest.StageKind;
import olla.server.web.MaybeAbsent;

/**
 * The ticket. Times in minutes, temperatures in °C, masses in g; the three minutes of the window are missing where this
 * oven never brings the piece to its target.
 */
public record EstimateAnswer(
        PieceAnswer piece,
        double bakeMinutes,
        List<StageSpanAnswer> programme,
        @MaybeAbsent FittedAnswer fitted,
        @MaybeAbsent Double checkFromMin,
        @MaybeAbsent Double likelyMin,
        @MaybeAbsent Double noLaterThanMin,
        double pullC,
        double peakC,
        double restMinutes,
        double usualRestMinutes,
        double meanAtPullC,
        JuiceAnswer juice,
        @MaybeAbsent Double fillingPeakC,
        @MaybeAbsent Browning.Colour colour,
        @MaybeAbsent Double goldMin,
        @MaybeAbsent ForgottenAnswer forgotten,
        double lethalityMinutesAt70,
        Message lethalityWords,
        QuantitiesAnswer quantities,
        DialAnswer dial,
        TraceAnswer trace,
        SectionsAnswer sections,
        List<DoubtAnswer> doubts,
        List<CautionAnswer> cautions,
        List<Message> assumptions,
        List<SlipAnswer> slips,
        @MaybeAbsent FitAnswer fit,
        List<AheadAnswer> ahead,
        List<HabitAnswer> habits) {

    /**
     * The cook's own programme as it goes with the dress.
     *
     * @param dropped stages that the dress contradicts
     * @param put stages that it asks for
     */
    public record FittedAnswer(List<StageInput> programme, List<StageInput> dropped, List<StageInput> put) {
        static FittedAnswer of(FittedProgramme fitted) {
            return new FittedAnswer(
                    inputs(fitted.programme().stages()), inputs(fitted.dropped()), inputs(fitted.put()));
        }

        private static List<StageInput> inputs(List<Stage> stages) {
            return stages.stream().map(StageInput::of).toList();
        }
    }

    /**
     * What can be made before the evening.
     *
     * @param hours how long before baking at the most; 0 for what has to wait until then
     */
    public record AheadAnswer(Part part, double hours, Message words) {}

    /**
     * Whether the pieces go into the vessel whose size was said.
     *
     * @param holds how many such pieces lie in it side by side
     * @param enough whether that is all of them
     */
    public record FitAnswer(int holds, boolean enough, Message words) {}

    /** The piece with its missing sides filled in. */
    public record PieceAnswer(
            double thicknessMm,
            double widthMm,
            double lengthMm,
            double massG,
            double startTempC,
            MeasuredBy measured,
            double thicknessDoubtMm,
            @MaybeAbsent Double stuffingG) {}

    /**
     * A stage on the clock, with its length.
     *
     * @param open true where the length was solved
     * @param note what the cook says of what is added
     * @param untilC it goes on until the coldest flesh has come to this, °C
     * @param underMm how far under the grill, mm; where that is not as usual
     */
    public record StageSpanAnswer(
            StageKind stage,
            @MaybeAbsent Double tempC,
            @MaybeAbsent Double share,
            @MaybeAbsent Stage.What what,
            @MaybeAbsent String note,
            @MaybeAbsent Double untilC,
            @MaybeAbsent Double underMm,
            boolean open,
            double fromMin,
            double toMin,
            double coldestC) {}

    /**
     * What one piece loses.
     *
     * @param lostG what it weighs less when it is served, g
     * @param liquorG how much of that is kept around it as juice, g; absent where the oven or the salt has it
     * @param bite how it eats
     */
    public record JuiceAnswer(double lostG, @MaybeAbsent Double liquorG, Juice.Bite bite) {
        static JuiceAnswer of(Juice juice, Dress dress) {
            return new JuiceAnswer(
                    round(juice.lostG()), dress.keepsJuice() ? round(juice.liquorG()) : null, juice.bite());
        }
    }

    /**
     * What one of the kitchen's habits has changed.
     *
     * @param minutes how much later it makes this dish; below 0 for sooner
     */
    public record HabitAnswer(Which.About about, double minutes, Message words) {

        /* Less than that nobody notices, minutes. */
        private static final double NOTICED_MIN = 0.2;

        static List<HabitAnswer> of(Question question, double likelyMin) {
            return question.habits().stream()
                    .map(part -> of(part, -likelyMin * Math.expm1(-part.logSlower())))
                    .filter(habit -> Math.abs(habit.minutes()) >= NOTICED_MIN)
                    .toList();
        }

        private static Quantity length(double minutes) {
            return minutes < 1 ? Quantity.seconds(60 * minutes) : Quantity.minutes(minutes);
        }

        private static HabitAnswer of(HabitPartInput part, double minutes) {
            Message change =
                    Message.of(minutes > 0 ? "habit.later" : "habit.sooner", "minutes", length(Math.abs(minutes)));
            return new HabitAnswer(
                    part.about(),
                    round(minutes),
                    Message.of(
                            Message.word(part.about()).key(),
                            "name",
                            part.name() == null ? "" : part.name(),
                            "change",
                            change,
                            "bakes",
                            part.bakes()));
        }
    }

    /** What comes of leaving a crust shut for longer. */
    public record ForgottenAnswer(double minutes, double peakC) {}

    /** What the dress takes for all pieces. */
    public record QuantitiesAnswer(
            List<AmountAnswer> amounts,
            List<Message> advice,
            @MaybeAbsent SheetAnswer sheet,
            List<PartAnswer> byPart) {}

    /** So much for one part of the dish. */
    public record PartAnswer(Part part, AmountAnswer amount) {}

    /** So much of something, and how that is said: on a scale or in spoons; the value is in g or ml. */
    public record AmountAnswer(Message what, double value, Measure measure, Amount said) {
        public static AmountAnswer of(Amount a) {
            return new AmountAnswer(a.what(), round(a.value()), a.measure(), a);
        }
    }

    /** A sheet to cut. */
    public record SheetAnswer(double acrossMm, double alongMm, int layers, Parcel.Fold fold) {}

    /**
     * One temperature on the dials of a kitchen.
     *
     * @param shelf where in it to slide the dish; missing where there are no shelves
     */
    public record DialAnswer(
            int celsius,
            int fahrenheit,
            @MaybeAbsent Double gasMark,
            int fanCelsius,
            @MaybeAbsent Message shelf) {}

    /**
     * The course of temperatures, of the crust on bare flesh, of the juice around it and of how brown the top is; arrays of one length.
     *
     * @param fillingC empty where nothing is inside
     * @param liquorG empty where the oven or the salt has it
     */
    public record TraceAnswer(
            double[] minute,
            double[] coldestC,
            double[] meanC,
            double[] topFaceC,
            double[] outerC,
            double[] fillingC,
            double[] crustMm,
            double[] liquorG,
            double[] browning) {}

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
            double baseMm,
            double[][] outline,
            List<LayerAnswer> layers,
            double[] minute,
            List<String> picture,
            double[] coldestXMm,
            double[] coldestYMm) {}

    /** A layer round, under, on or in the flesh: its half outline, and from which minute it is there. */
    public record LayerAnswer(Frames.Kind kind, double[][] outline, double fromMinute) {}

    /**
     * What makes the window wide.
     *
     * @param minutes one standard deviation, minutes
     * @param narrowsToMin how wide the window would be with the remedy, minutes
     * @param remedy what a cook can do about it; missing where there is nothing
     */
    public record DoubtAnswer(
            Message what,
            double minutes,
            double narrowsToMin,
            @MaybeAbsent Message remedy) {

        /** A doubt as it is told. */
        public static DoubtAnswer of(Doubt d) {
            return new DoubtAnswer(
                    d.what(),
                    round(d.minutes()),
                    round(d.narrowsToMin()),
                    d.remedy().nothing() ? null : d.remedy());
        }
    }

    /** Something that can hurt somebody, and when it matters. */
    public record CautionAnswer(String code, Caution.Weight weight, Caution.When when, Message text, Message source) {

        static CautionAnswer of(Caution c) {
            return new CautionAnswer(c.code(), c.weight(), c.when(), c.text(), c.source());
        }
    }

    private static final int CELSIUS_SHIFT = 50;

    /** Reckons a question and writes the answer down. */
    public static EstimateAnswer of(Question question) {
        return of(question, question.answer());
    }

    /** The answer to a question, as it was reckoned. */
    public static EstimateAnswer of(Question question, Estimate e) {
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
                        round(piece.thicknessDoubtMm()),
                        piece.stuffingG() == 0 ? null : round(piece.stuffingG())),
                round(e.bakeMinutes()),
                programme(question, e),
                question.fitted().map(FittedAnswer::of).orElse(null),
                window == null ? null : round(window.checkFromMin()),
                window == null ? null : round(window.likelyMin()),
                window == null ? null : round(window.noLaterThanMin()),
                round(e.pullC()),
                round(e.peakC()),
                round(e.restMinutes()),
                round(question.dress().usualRestMinutes()),
                round(e.meanAtPullC()),
                JuiceAnswer.of(e.juice(), question.dress()),
                maybe(e.fillingPeakC()),
                e.colour().orElse(null),
                maybe(e.goldMin()),
                e.forgotten()
                        .map(f -> new ForgottenAnswer(f.minutes(), round(f.peakC())))
                        .orElse(null),
                Math.round(e.lethalityMinutesAt70() * 1e4) / 1e4,
                Lethality.meaning(e.lethalityMinutesAt70()),
                quantities(question, e),
                new DialAnswer(
                        dial.celsius(),
                        dial.fahrenheit(),
                        dial.gasMark(),
                        dial.fanCelsius(),
                        question.shelf().words(question.ovenKind()).orElse(null)),
                trace(e.trace(), question.dress().keepsJuice()),
                sections(e.frames()),
                e.doubts().stream().map(DoubtAnswer::of).toList(),
                e.cautions().stream()
                        .filter(c -> !question.assurance().settles(c, piece.species()))
                        .map(CautionAnswer::of)
                        .toList(),
                e.assumptions(),
                question.slips().stream().map(SlipAnswer::of).toList(),
                question.dress()
                        .vessel()
                        .size()
                        .map(size -> fit(new TrayFit(size.lengthMm(), size.widthMm()), piece, question))
                        .orElse(null),
                Ahead.of(piece, question.dress()).stream()
                        .map(step -> new AheadAnswer(step.part(), step.hours(), step.words()))
                        .toList(),
                window == null ? List.of() : HabitAnswer.of(question, window.likelyMin()));
    }

    private static FitAnswer fit(TrayFit vessel, Piece piece, Question question) {
        int holds = vessel.holds(piece);
        Message count = Message.of("fit.holds", "pieces", holds, "wanted", question.pieces());
        Message words = vessel.how(piece) == TrayFit.How.STRAIGHT
                ? count
                : Message.sentences(vessel.words(piece, question.dress().style()), count);
        return new FitAnswer(holds, holds >= question.pieces(), words);
    }

    /**
     * A question where a thickness and a mass do not go together.
     *
     * @param field which was likely mistyped
     * @param meant what was likely meant, mm or g
     */
    public record SlipAnswer(
            String field, Message question, @MaybeAbsent Double meant) {
        public static SlipAnswer of(Slip slip) {
            return new SlipAnswer(
                    slip.field(),
                    slip.question(),
                    slip.meant().isPresent() ? slip.meant().getAsDouble() : null);
        }
    }

    private static Double maybe(OptionalDouble value) {
        return value.isPresent() ? round(value.getAsDouble()) : null;
    }

    private static List<StageSpanAnswer> programme(Question question, Estimate e) {
        List<StageSpanAnswer> spans = new ArrayList<>();
        for (int i = 0; i < e.stages().size(); i++) {
            StageSpan span = e.stages().get(i);
            Stage asked = question.programme().stages().get(i);
            Stage.Bake bake = span.stage() instanceof Stage.Bake b ? b : null;
            spans.add(new StageSpanAnswer(
                    kind(span.stage()),
                    bake == null ? null : bake.tempC(),
                    bake == null ? null : bake.share(),
                    span.stage() instanceof Stage.Add add ? add.what() : null,
                    span.stage().note().isEmpty() ? null : span.stage().note(),
                    bake == null ? null : maybe(bake.untilC()),
                    span.stage() instanceof Stage.Grill grill ? StageInput.underMm(grill) : null,
                    asked instanceof Stage.Bake b && b.open(),
                    round(span.fromMin()),
                    round(span.toMin()),
                    round(span.coldestC())));
        }
        return spans;
    }

    private static StageKind kind(Stage stage) {
        if (stage instanceof Stage.Bake) {
            return StageKind.BAKE;
        }
        if (stage instanceof Stage.Grill) {
            return StageKind.GRILL;
        }
        if (stage instanceof Stage.Add) {
            return StageKind.ADD;
        }
        if (stage instanceof Stage.Hob) {
            return StageKind.HOB;
        }
        if (stage instanceof Stage.Uncover) {
            return StageKind.UNCOVER;
        }
        return stage instanceof Stage.Turn ? StageKind.TURN : StageKind.REST;
    }

    private static QuantitiesAnswer quantities(Question question, Estimate e) {
        Quantities q = question.quantities(e.bakeMinutes());
        return new QuantitiesAnswer(
                q.amounts().stream().map(AmountAnswer::of).toList(),
                q.advice(),
                q.sheet()
                        .map(sheet -> new SheetAnswer(
                                sheet.acrossMm(),
                                sheet.alongMm(),
                                sheet.layers(),
                                question.dress().parcel().orElseThrow().fold()))
                        .orElse(null),
                q.byPart().stream()
                        .map(o -> new PartAnswer(o.part(), AmountAnswer.of(o.amount())))
                        .toList());
    }

    private static TraceAnswer trace(Trace t, boolean keepsJuice) {
        return new TraceAnswer(
                rounded(t.minute(), 1e3),
                rounded(t.coldestC(), 1e2),
                rounded(t.meanC(), 1e2),
                rounded(t.topFaceC(), 1e2),
                rounded(t.outerC(), 1e2),
                rounded(t.fillingC(), 1e2),
                rounded(t.crustMm(), 1e2),
                keepsJuice ? rounded(t.liquorG(), 1e1) : new double[0],
                rounded(t.browning(), 1e2));
    }

    /** Pictures as they are sent. */
    public static SectionsAnswer sections(Frames f) {
        return new SectionsAnswer(
                f.columns(),
                f.rows(),
                f.halfWidthMm(),
                f.heightMm(),
                f.baseMm(),
                outline(f.outline()),
                f.layers().stream()
                        .map(l -> new LayerAnswer(l.kind(), outline(l.outline()), round(l.fromMinute())))
                        .toList(),
                rounded(f.minute(), 1e3),
                f.celsius().stream().map(EstimateAnswer::picture).toList(),
                rounded(f.coldestXMm(), 1e2),
                rounded(f.coldestYMm(), 1e2));
    }

    private static double[][] outline(List<double[]> points) {
        return points.stream().map(p -> rounded(p, 1e2)).toArray(double[][]::new);
    }

    private static String picture(int[] celsius) {
        byte[] bytes = new byte[celsius.length];
        for (int i = 0; i < bytes.length; i++) {
            bytes[i] = (byte) Math.max(0, Math.min(255, celsius[i] + CELSIUS_SHIFT));
        }
        return Base64.getEncoder().encodeToString(bytes);
    }

    private static double round(double value) {
        return Math.round(value * 100) / 100.0;
    }

    private static double[] rounded(double[] values, double places) {
        return Arrays.stream(values).map(v -> Math.round(v * places) / places).toArray();
    }
}
