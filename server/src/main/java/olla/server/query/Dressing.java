package olla.server.query;

import java.util.List;
import olla.core.dress.Dress;
import olla.core.dress.UsualProgramme;
import olla.core.messages.Refusals;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.server.query.EstimateRequest.DressInput;
import olla.server.query.EstimateRequest.StageInput;

/**
 * A dress with its programme, apart from any fish.
 *
 * @param dress the dress
 * @param programme its stages
 */
public record Dressing(Dress dress, Programme programme) {

    /**
     * Reads both.
     *
     * @param pieces how many share the vessel
     * @throws olla.core.messages.RefusedInput a line for each field that will not do, or where the two do not go together
     */
    public static Dressing check(DressInput input, List<StageInput> stages, int pieces) {
        Refusals refusals = new Refusals();
        Dress dress = refusals.take("dress", () -> DressReader.of(input, pieces));
        Programme programme = refusals.take("programme", () -> ProgrammeReader.of(stages, dress));
        refusals.throwIfAny();
        boolean plain = programme.stages().stream().allMatch(s -> s instanceof Stage.Bake || s instanceof Stage.Rest);
        if (!plain) {
            UsualProgramme.check(dress, OvenKind.STILL, programme, refusals);
        }
        refusals.throwIfAny();
        return new Dressing(dress, programme);
    }
}
