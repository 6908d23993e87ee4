package olla.server.query;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import olla.core.dress.Dress;
import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.server.query.EstimateRequest.StageInput;
import olla.server.query.EstimateRequest.StageKind;
import olla.server.web.Lengths;

/** Reads a programme from a request. */
final class ProgrammeReader {

    private ProgrammeReader() {}

    /**
     * The programme.
     *
     * @param dress what a rest of no length is taken from; null where it was refused
     * @throws olla.core.messages.RefusedInput a line for each stage that will not do
     */
    static Programme of(List<StageInput> given, Dress dress) {
        Refusals refusals = new Refusals();
        if (given == null || given.isEmpty() || given.stream().anyMatch(Objects::isNull)) {
            refusals.add("", "refusal.no-stages").throwIfAny();
        }
        List<Stage> stages = new ArrayList<>();
        for (StageInput input : given) {
            Stage stage = refusals.take("", () -> stage(input, dress));
            if (stage != null) {
                stages.add(stage);
            }
        }
        refusals.throwIfAny();
        return new Programme(stages);
    }

    private static Stage stage(StageInput input, Dress dress) {
        Refusals refusals = new Refusals();
        if (input.stage() == null) {
            refusals.add("stage", "missing.stage", "choices", Message.codes(StageKind.values()))
                    .throwIfAny();
        }
        if (input.note() != null) {
            refusals.length("note", "stage-note", input.note(), 0, Lengths.RECIPE_LINE);
        }
        switch (input.stage()) {
            case BAKE -> {
                if (input.tempC() == null) {
                    refusals.add("tempC", "missing.dial");
                }
                if (input.untilC() != null && input.minutes() != null) {
                    refusals.add("minutes", "refusal.until-or-minutes");
                }
            }
            case GRILL -> {
                if (input.minutes() == null) {
                    refusals.add("minutes", "missing.grill");
                }
            }
            case ADD -> {
                if (input.what() == null) {
                    refusals.add("what", "missing.added", "choices", Message.codes(Stage.What.values()));
                }
            }
            case HOB -> {
                if (input.minutes() == null) {
                    refusals.add("minutes", "missing.hob");
                }
            }
            case TURN, UNCOVER -> {}
            case REST -> {
                if (input.tempC() != null) {
                    refusals.add("restTempC", "refusal.rest-has-no-dial");
                }
            }
        }
        refusals.throwIfAny();
        Stage stage = unnoted(input, dress);
        return input.note() == null ? stage : stage.noted(input.note().strip());
    }

    private static Stage unnoted(StageInput input, Dress dress) {
        return switch (input.stage()) {
            case BAKE ->
                new Stage.Bake(
                        input.tempC(),
                        optional(input.minutes()),
                        input.share() == null ? 1 : input.share(),
                        optional(input.untilC()));
            case HOB -> new Stage.Hob(input.minutes());
            case UNCOVER -> new Stage.Uncover();
            case GRILL -> {
                Stage.Grill usual = new Stage.Grill(input.minutes());
                yield input.underMm() == null ? usual : new Stage.Grill(usual.minutes(), input.underMm(), usual.note());
            }
            case ADD -> new Stage.Add(input.what());
            case TURN -> new Stage.Turn();
            case REST ->
                new Stage.Rest(
                        input.minutes() != null ? input.minutes() : dress == null ? 0 : dress.usualRestMinutes());
        };
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
