package olla.core.fish;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How honest the reckoning from weight is, over a simulated market. */
class MarketProperties {

    private static final int FISH = 1000;

    /* 80 % of a normal distribution lie within this many standard deviations. */
    private static final double Z_80 = 1.2816;

    /*
     * How fish of one species differ, as standard deviations of the logarithm: thickness over length 20 %, depth 10 %,
     * fullness 10 % (spawned, starved, gutted; common practice, no source).
     */
    private static final double THICKNESS_SPREAD = 0.20;
    private static final double DEPTH_SPREAD = 0.10;
    private static final double FILL_SPREAD = 0.10;

    private static double varied(double usual, double spread, Random random) {
        return usual * Math.exp(spread * random.nextGaussian());
    }

    @Test
    void fourFifthsOfAMarketLieInsideTheBandOfFourFifths() {
        Random random = new Random(20261125);
        int inside = 0;
        for (int i = 0; i < FISH; i++) {
            Species species = Species.values()[random.nextInt(Species.values().length)];
            BodyShape shape = species.shape();
            double lengthMm = 250 + 250 * random.nextDouble();
            double thicknessMm = lengthMm * varied(shape.thicknessOverLength(), THICKNESS_SPREAD, random);
            double depthMm = lengthMm * varied(shape.depthOverLength(), DEPTH_SPREAD, random);
            double massG = Piece.DENSITY_KG_M3
                    * 1e-6
                    * varied(shape.fill(), FILL_SPREAD, random)
                    * lengthMm
                    * depthMm
                    * thicknessMm;
            if (massG < Cut.WHOLE.leastMassG()) {
                inside++;
                continue;
            }
            OptionalDouble unknown = OptionalDouble.empty();
            Piece reckoned =
                    Piece.from(species, Cut.WHOLE, unknown, OptionalDouble.of(massG), unknown, unknown, unknown, false);
            double away = Math.abs(Math.log(thicknessMm / reckoned.thicknessMm()));
            if (away < Z_80 * Piece.SCALE_FRACTION) {
                inside++;
            }
        }
        assertThat(inside / (double) FISH).isBetween(0.76, 0.88);
    }

    /** The demo's whole trout: 460 g and 44 mm. */
    @ParameterizedTest
    @CsvSource({"TROUT,460,44"})
    void fromWeightAloneTheDemosFishIsWithinFifteenPercent(Species species, double massG, double thicknessMm) {
        OptionalDouble unknown = OptionalDouble.empty();
        Piece reckoned =
                Piece.from(species, Cut.WHOLE, unknown, OptionalDouble.of(massG), unknown, unknown, unknown, false);
        assertThat(reckoned.thicknessMm()).isBetween(thicknessMm * 0.85, thicknessMm * 1.15);
    }

    @Test
    void lengthAloneIsEnoughForAWholeFishAndLessSure() {
        OptionalDouble unknown = OptionalDouble.empty();
        Piece byLength =
                Piece.from(Species.TROUT, Cut.WHOLE, unknown, unknown, unknown, OptionalDouble.of(350), unknown, false);
        assertThat(byLength.measured()).isEqualTo(MeasuredBy.LENGTH);
        assertThat(byLength.lengthMm()).isEqualTo(350);
        assertThat(byLength.massG()).isBetween(380.0, 480.0);
        Piece byMass = Piece.from(
                Species.TROUT,
                Cut.WHOLE,
                unknown,
                OptionalDouble.of(byLength.massG()),
                unknown,
                unknown,
                unknown,
                false);
        assertThat(byLength.thicknessMm()).isCloseTo(byMass.thicknessMm(), org.assertj.core.api.Assertions.within(0.5));
        assertThat(byLength.thicknessDoubtMm()).isGreaterThan(byMass.thicknessDoubtMm());
    }
}
