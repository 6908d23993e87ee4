package olla.server.lessons;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.doneness.Doneness;
import olla.core.estimate.TestBake;
import olla.core.estimate.TestBake.TestDish;
import olla.core.messages.Message;
import olla.core.oven.OvenKind;
import olla.core.oven.Stage;
import olla.core.uncertainty.OvenCalibration;
import olla.server.query.EstimateRequest;
import olla.server.query.EstimateRequest.CalibrationInput;
import olla.server.query.EstimateRequest.DressInput;
import olla.server.query.EstimateRequest.DressKind;
import olla.server.query.EstimateRequest.OvenInput;
import olla.server.query.EstimateRequest.PieceInput;
import olla.server.query.EstimateRequest.StageInput;

/**
 * A dish that would tell something of an oven.
 *
 * @param dish which, in words
 * @param tells what it would tell, on the average
 * @param narrowsMin by how much narrower the windows of everyday dishes would be, minutes, on the average
 * @param question the same as it is asked of the bench
 */
record TestBakeAnswer(Message dish, Message tells, double narrowsMin, EstimateRequest question) {

    static TestBakeAnswer of(TestBake one, OvenKind kind, OvenCalibration believed) {
        return new TestBakeAnswer(
                one.dish().words(), one.words(), one.fromMin() - one.toMin(), question(one.dish(), kind, believed));
    }

    private static EstimateRequest question(TestDish dish, OvenKind kind, OvenCalibration believed) {
        List<StageInput> programme = List.of(
                StageInput.of(new Stage.Bake(dish.tempC(), OptionalDouble.empty())),
                StageInput.of(new Stage.Rest(dish.dress().usualRestMinutes())));
        return new EstimateRequest(
                PieceInput.of(dish.species().key(), dish.cut(), dish.thicknessMm(), dish.massG()),
                DressInput.of(dress(dish)),
                new OvenInput(kind, CalibrationInput.of(believed), null),
                programme,
                true,
                null,
                Doneness.FLAKES,
                1,
                null,
                null,
                null);
    }

    private static DressKind dress(TestDish dish) {
        return switch (dish) {
            case PORTION, THICK_PORTION, WHOLE -> DressKind.OPEN_TRAY;
            case PARCHMENT -> DressKind.PARCHMENT;
            case FOIL -> DressKind.FOIL;
            case SALT_CRUST -> DressKind.SALT_CRUST;
        };
    }
}
