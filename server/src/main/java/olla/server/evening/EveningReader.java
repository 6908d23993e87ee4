package olla.server.evening;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import olla.core.evening.Evening;
import olla.core.evening.EveningOven;
import olla.core.evening.FishDish;
import olla.core.evening.Hands;
import olla.core.evening.Kitchen;
import olla.core.evening.SideDish;
import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.plan.TrayFit;
import olla.server.evening.EveningInput.EveningFishInput;
import olla.server.evening.EveningInput.EveningHandsInput;
import olla.server.evening.EveningInput.EveningOvenInput;
import olla.server.evening.EveningInput.EveningSideInput;
import olla.server.ovens.Oven;
import olla.server.ovens.OvenRepository;
import olla.server.query.EstimateRequest;
import olla.server.query.Question;
import olla.server.web.Lengths;
import org.springframework.stereotype.Component;

/** Puts an evening as it was typed into the craft's terms, with what the ovens' logs have taught by now. */
@Component
class EveningReader {

    private static final int LONGEST_KEY = 40;

    private final OvenRepository ovens;

    EveningReader(OvenRepository ovens) {
        this.ovens = ovens;
    }

    /** How an oven is named in the craft's terms. */
    static String key(int ovenId) {
        return String.valueOf(ovenId);
    }

    /**
     * Reads it, and says everything that is wrong with it at once.
     *
     * @throws olla.core.messages.RefusedInput a line for each field that will not do
     */
    Evening read(EveningInput input) {
        Refusals refusals = new Refusals();
        refusals.length("name", "evening-name", input.name(), 1, Lengths.BAKE_TITLE);
        if (input.serveAt() == null) {
            refusals.add("serveAt", "missing.serve-at");
        }
        missing(refusals, "fish", input.fish());
        missing(refusals, "sides", input.sides());
        missing(refusals, "ovens", input.ovens());
        missing(refusals, "hands", input.hands());
        if (input.coursesMin() != null) {
            missing(refusals, "coursesMin", input.coursesMin());
        }
        refusals.throwIfAny();
        Map<Integer, Oven> known = ovens.findAll().stream().collect(Collectors.toMap(Oven::id, Function.identity()));
        List<EveningOven> its = new ArrayList<>();
        for (int i = 0; i < input.ovens().size(); i++) {
            EveningOvenInput oven = input.ovens().get(i);
            its.add(refusals.take("ovens." + i, () -> oven(oven, known)));
        }
        List<Hands> hands = new ArrayList<>();
        for (int i = 0; i < input.hands().size(); i++) {
            EveningHandsInput one = input.hands().get(i);
            hands.add(refusals.take("hands." + i, () -> hands(one)));
        }
        List<FishDish> fish = new ArrayList<>();
        for (int i = 0; i < input.fish().size(); i++) {
            EveningFishInput one = input.fish().get(i);
            fish.add(refusals.take("fish." + i, () -> fish(one, Boolean.TRUE.equals(input.atRisk()))));
        }
        List<SideDish> sides = new ArrayList<>();
        for (int i = 0; i < input.sides().size(); i++) {
            EveningSideInput one = input.sides().get(i);
            sides.add(refusals.take("sides." + i, () -> side(one)));
        }
        refusals.throwIfAny();
        List<Double> courses =
                input.coursesMin() == null || input.coursesMin().isEmpty() ? List.of(0.0) : input.coursesMin();
        return new Evening(input.guests(), courses, fish, sides, new Kitchen(its, input.burners(), hands));
    }

    private static void missing(Refusals refusals, String field, List<?> list) {
        if (list == null || list.stream().anyMatch(Objects::isNull)) {
            refusals.add(field, "missing.evening-part");
        }
    }

    private static EveningOven oven(EveningOvenInput input, Map<Integer, Oven> known) {
        Oven oven = known.get(input.ovenId());
        if (oven == null || oven.away()) {
            new Refusals()
                    .add("ovenId", "not-there.oven", "id", String.valueOf(input.ovenId()))
                    .throwIfAny();
        }
        boolean tray = input.trayLengthMm() != null && input.trayWidthMm() != null;
        return new EveningOven(
                key(oven.id()),
                oven.name(),
                oven.kind(),
                oven.calibration(),
                input.shelves(),
                tray ? Optional.of(new TrayFit(input.trayLengthMm(), input.trayWidthMm())) : Optional.empty(),
                input.dialC() == null ? OptionalDouble.empty() : OptionalDouble.of(input.dialC()));
    }

    private static Hands hands(EveningHandsInput input) {
        return new Hands(
                input.name() == null ? "" : input.name().strip(),
                input.fromMin() == null ? Double.NEGATIVE_INFINITY : input.fromMin(),
                input.untilMin() == null ? Double.POSITIVE_INFINITY : input.untilMin());
    }

    private static FishDish fish(EveningFishInput input, boolean atRisk) {
        Refusals refusals = named(input.key(), input.title());
        if (input.question() == null) {
            refusals.add("question", "missing.question");
        }
        if (input.ovenIds() != null) {
            missing(refusals, "ovenIds", input.ovenIds());
        }
        refusals.throwIfAny();
        Question question = refusals.take("question", () -> Question.of(asked(input.question(), atRisk)));
        refusals.throwIfAny();
        return new FishDish(
                input.key(),
                input.title().strip(),
                input.course() == null ? 0 : input.course(),
                question.piece(),
                question.dress(),
                question.ovenKind(),
                question.programme().opened(),
                Boolean.TRUE.equals(input.question().usual()),
                question.target(),
                question.pieces(),
                input.ovenIds() == null
                        ? Set.of()
                        : input.ovenIds().stream().map(EveningReader::key).collect(Collectors.toSet()),
                Boolean.TRUE.equals(input.frozen()));
    }

    /** The question of a dish for the guests of its evening; trays change places half-way, so each is as if in the middle. */
    static EstimateRequest asked(EstimateRequest question, boolean atRisk) {
        return new EstimateRequest(
                question.piece(),
                question.dress(),
                question.oven() == null ? null : question.oven().inTheMiddle(),
                question.programme(),
                question.usual(),
                question.fit(),
                question.doneness(),
                question.pieces(),
                atRisk || Boolean.TRUE.equals(question.atRisk()),
                question.parasites(),
                question.habits());
    }

    private static SideDish side(EveningSideInput input) {
        Refusals refusals = named(input.key(), input.title());
        if (input.where() == null) {
            refusals.add("where", "missing.where", "choices", Message.codes(SideDish.Where.values()));
        }
        boolean oven = input.where() == SideDish.Where.OVEN;
        if (oven && input.dialC() == null) {
            refusals.add("dialC", "missing.dial");
        }
        refusals.range("cookMin", "cooking", input.cookMin(), 0, Double.MAX_VALUE, Unit.MIN)
                .throwIfAny();
        return new SideDish(
                input.key(),
                input.title().strip(),
                input.course() == null ? 0 : input.course(),
                input.where(),
                input.prepareMin(),
                input.cookMin(),
                oven ? input.dialC() : 0,
                input.giveC() == null ? SideDish.USUAL_GIVE_C : input.giveC(),
                input.shelves() == null ? 1 : input.shelves(),
                input.finishMin(),
                input.waitsMin(),
                input.aheadH() == null ? 0 : input.aheadH());
    }

    private static Refusals named(String key, String title) {
        return new Refusals()
                .length("key", "dish-key", key, 1, LONGEST_KEY)
                .length("title", "bake-title", title, 1, Lengths.BAKE_TITLE);
    }
}
