package olla.core.estimate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.dress.Dress;
import olla.core.dress.Sheet;
import olla.core.estimate.RuleOfThumb.Span;
import olla.core.estimate.RuleOfThumb.Way;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.oven.Programme;
import olla.core.simulation.BakeModel;
import olla.core.simulation.BakeRun;
import olla.core.uncertainty.BakeSpec;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Ensemble;
import olla.core.uncertainty.OvenCalibration;
import olla.core.units.Imperial;

/** The ways of reckoning a bake, side by side, so that their disagreement is seen and not averaged away. */
public final class RulesOfThumb {

    private static final Message COMMON = Message.of("source.common-no-source");
    private static final Message LOG = Message.of("source.log");

    /**
     * Ten minutes an inch at 230 °C / 450 °F, five more in foil or sauce, twice as long from frozen (published: Canadian Department of
     * Fisheries cookery rule, from memory).
     */
    public static final double RULE_MIN_AN_INCH = 10;

    /** What the same rule adds for what is covered, minutes. */
    public static final double RULE_COVERED_MIN = 5;

    private static final double RULE_FROZEN = 2;
    private static final double RULE_OVEN_C = 230;

    /** A crust at 200 to 220 °C, minutes a kilo of fish at least (common practice, no source; it varies widely). */
    public static final double WEIGHT_FROM_MIN_A_KILO = 25;

    /** And at most. */
    public static final double WEIGHT_TO_MIN_A_KILO = 30;

    private static final double WEIGHT_OVEN_FROM_C = 200;
    private static final double WEIGHT_OVEN_TO_C = 220;

    /* A fixed time at 175 to 190 °C, and a little more where the piece is thick (common practice, no source). */
    private static final double MODERATE_OVEN_C = 180;
    private static final double MODERATE_MIN = 20;
    private static final double MODERATE_THICK_MORE_MIN = 5;
    private static final double MODERATE_THICK_MM = 28;

    /* Within this a rule and the model agree, and two dials are the same one (Olla's choice). */
    private static final double AGREE = 0.15;
    private static final double SAME_DIAL_C = 12;

    private final BakeSpec dish;
    private final double openMin;
    private final double fixedMin;

    private RulesOfThumb(BakeSpec dish, double openMin, double fixedMin) {
        this.dish = dish;
        this.openMin = openMin;
        this.fixedMin = fixedMin;
    }

    /**
     * All that speak about this dish.
     *
     * @param openMin the model's likely length of the open stages, minutes
     * @param fixedMin what the other stages in the oven take, minutes
     */
    static List<RuleOfThumb> of(BakeSpec dish, CheckWindow window, double openMin, double fixedMin, OvenRecord log) {
        RulesOfThumb rules = new RulesOfThumb(dish, openMin, fixedMin);
        List<RuleOfThumb> all = new ArrayList<>();
        if (dish.dress().salt().isPresent()) {
            all.add(rules.weightRule());
        } else {
            all.add(rules.thicknessRule());
            if (dish.piece().cut() != Cut.WHOLE && !dish.piece().frozen()) {
                all.add(rules.moderateOven());
            }
        }
        all.add(heatModel(window));
        all.add(rules.log(window, log));
        return List.copyOf(all);
    }

    private RuleOfThumb thicknessRule() {
        Piece piece = dish.piece();
        double minutes = RULE_MIN_AN_INCH * piece.thicknessMm() / Imperial.MM_PER_INCH;
        if (covered(dish.dress())) {
            minutes += RULE_COVERED_MIN;
        }
        if (piece.frozen()) {
            minutes *= RULE_FROZEN;
        }
        Message says = Message.of(
                "rule.thickness",
                "dial",
                Quantity.dial(RULE_OVEN_C),
                "covered",
                covered(dish.dress()),
                "frozen",
                piece.frozen(),
                "minutes",
                Math.round(minutes));
        return new RuleOfThumb(
                Way.THICKNESS_RULE,
                Optional.of(new Span(minutes, minutes)),
                Message.sentences(says, against(minutes, RULE_OVEN_C)),
                Message.of("source.cookery-rule"));
    }

    private static boolean covered(Dress dress) {
        return dress.closedBy(Sheet.FOIL) || dress.pour().isPresent();
    }

    private RuleOfThumb weightRule() {
        double kilos = dish.piece().massG() / 1000;
        double from = WEIGHT_FROM_MIN_A_KILO * kilos;
        double to = WEIGHT_TO_MIN_A_KILO * kilos;
        Message says = Message.of(
                "rule.weight",
                "perKiloFrom",
                WEIGHT_FROM_MIN_A_KILO,
                "perKiloTo",
                WEIGHT_TO_MIN_A_KILO,
                "dialFrom",
                Quantity.dial(WEIGHT_OVEN_FROM_C),
                "dialTo",
                Quantity.dial(WEIGHT_OVEN_TO_C),
                "from",
                Math.round(from),
                "to",
                Math.round(to));
        return new RuleOfThumb(
                Way.WEIGHT_RULE,
                Optional.of(new Span(from, to)),
                Message.sentences(
                        says, against((from + to) / 2, dish.programme().bakeTempC())),
                COMMON);
    }

    private RuleOfThumb moderateOven() {
        boolean thick = dish.piece().thicknessMm() >= MODERATE_THICK_MM;
        double minutes = MODERATE_MIN + (thick ? MODERATE_THICK_MORE_MIN : 0);
        Message says = Message.of(
                "rule.moderate",
                "dial",
                Quantity.dial(MODERATE_OVEN_C),
                "minutes",
                minutes,
                "thick",
                thick,
                "more",
                MODERATE_THICK_MORE_MIN);
        return new RuleOfThumb(
                Way.MODERATE_OVEN,
                Optional.of(new Span(minutes, minutes)),
                Message.sentences(says, against(minutes, MODERATE_OVEN_C)),
                COMMON);
    }

    /* What the model makes of a rule's minutes in that rule's own oven. */
    private Message against(double minutes, double ovenC) {
        OptionalDouble model = modelAt(ovenC);
        double here = dish.programme().bakeTempC();
        Message dial = Math.abs(ovenC - here) <= SAME_DIAL_C
                ? Message.NOTHING
                : Message.of("rule.your-dial", "dial", Quantity.dial(here));
        if (model.isEmpty()) {
            return Message.sentences(Message.of("rule.never-done", "dial", Quantity.dial(ovenC)), dial);
        }
        double miss = minutes - model.getAsDouble();
        if (Math.abs(miss) <= AGREE * model.getAsDouble()) {
            return Message.sentences(Message.of("rule.agrees"), dial);
        }
        Message misses = Message.of(
                miss < 0 ? "rule.too-short" : "rule.too-long",
                "minutes",
                Math.round(Math.abs(miss)),
                "thick",
                dish.piece().thicknessMm() > Imperial.MM_PER_INCH);
        return Message.sentences(misses, dial);
    }

    /* By the ratio of two coarse runs, which is finer than either. */
    private OptionalDouble modelAt(double ovenC) {
        BakeModel coarse = dish.model(BakeModel.Fineness.COARSE);
        OptionalDouble here = new BakeRun(coarse, dish.programme()).minutesFor(dish.targetC());
        OptionalDouble there = new BakeRun(coarse, dish.programme().at(ovenC)).minutesFor(dish.targetC());
        if (here.isEmpty() || there.isEmpty()) {
            return OptionalDouble.empty();
        }
        double ratio = Math.max(Programme.LEAST_MINUTES, there.getAsDouble())
                / Math.max(Programme.LEAST_MINUTES, here.getAsDouble());
        return OptionalDouble.of(fixedMin + openMin * ratio);
    }

    private static RuleOfThumb heatModel(CheckWindow window) {
        return new RuleOfThumb(
                Way.HEAT_MODEL,
                Optional.of(new Span(window.checkFromMin(), window.noLaterThanMin())),
                Message.of(
                        "rule.heat-model",
                        "members",
                        Ensemble.MEMBERS,
                        "from",
                        Math.round(window.checkFromMin()),
                        "to",
                        Math.round(window.noLaterThanMin())),
                Message.of("source.model"));
    }

    private RuleOfThumb log(CheckWindow window, OvenRecord log) {
        if (log.bakes() == 0) {
            return new RuleOfThumb(Way.OVEN_LOG, Optional.empty(), Message.of("rule.log.none"), LOG);
        }
        double minutes = window.likelyMin() * trustingTheDial() * log.ratio();
        return new RuleOfThumb(
                Way.OVEN_LOG,
                Optional.of(new Span(minutes, minutes)),
                Message.of(
                        "rule.log",
                        "bakes",
                        log.bakes(),
                        "percent",
                        Math.round(100 * log.ratio()),
                        "minutes",
                        Math.round(minutes)),
                LOG);
    }

    /* What the model's time would be, over what it is, if nothing had been learned of this oven. */
    private double trustingTheDial() {
        if (!dish.calibration().checked()) {
            return 1;
        }
        OptionalDouble taught = coarse(dish);
        OptionalDouble trusting = coarse(new BakeSpec(
                dish.piece(), dish.dress(), dish.kind(), OvenCalibration.UNCHECKED, dish.programme(), dish.targetC()));
        return taught.isEmpty() || trusting.isEmpty()
                ? 1
                : (fixedMin + trusting.getAsDouble()) / (fixedMin + taught.getAsDouble());
    }

    private static OptionalDouble coarse(BakeSpec dish) {
        return new BakeRun(dish.model(BakeModel.Fineness.COARSE), dish.programme()).minutesFor(dish.targetC());
    }
}
