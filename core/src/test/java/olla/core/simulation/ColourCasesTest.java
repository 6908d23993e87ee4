package olla.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import olla.core.dress.Coat;
import olla.core.dress.Dress;
import olla.core.dress.Finish;
import olla.core.dress.Mix;
import olla.core.dress.Topping;
import olla.core.dress.Topping.When;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.core.oven.Stage.Add;
import olla.core.oven.Stage.Bake;
import olla.core.oven.Stage.Grill;
import olla.core.oven.Stage.Rest;
import olla.core.oven.Stage.Turn;
import olla.core.oven.Stage.What;
import olla.core.simulation.Browning.Colour;
import org.junit.jupiter.api.Test;

/**
 * What colour cooks get, with one law of the face's temperature and one number for each stuff (all common practice, no source). The
 * numbers were chosen by these cases: where a stuff has one case only it holds that the law gets there, where it has several (crumb, bare
 * skin, glaze) that one number serves them all.
 */
class ColourCasesTest {

    private static final Dress CRUMB = Dress.under(new Topping(Mix.CRUMB, When.BEFORE, 6));

    private static Piece piece(Species species, Cut cut, double thickMm, double grams) {
        OptionalDouble open = OptionalDouble.empty();
        OptionalDouble thick = thickMm > 0 ? OptionalDouble.of(thickMm) : open;
        return Piece.from(species, cut, thick, OptionalDouble.of(grams), open, open, open, false);
    }

    private static Piece hake() {
        return piece(Species.HAKE, Cut.PORTION, 25, 160);
    }

    private static Piece bream() {
        return piece(Species.SEA_BREAM, Cut.WHOLE, 0, 900);
    }

    private static Bake bake(double dialC, double minutes) {
        return new Bake(dialC, OptionalDouble.of(minutes));
    }

    private static double index(Piece piece, Dress dress, OvenKind oven, Stage... stages) {
        BakeModel model = new BakeModel(piece, dress, OvenModel.trusted(oven), Unknowns.NONE, BakeModel.Fineness.FINE);
        List<Stage> all = new ArrayList<>(Arrays.asList(stages));
        all.add(new Rest(2));
        Programme programme = new Programme(all);
        return new BakeRun(model, programme).run(programme).browning();
    }

    private static Colour colour(Piece piece, Dress dress, OvenKind oven, Stage... stages) {
        return Colour.of(index(piece, dress, oven, stages));
    }

    private static Colour still(Piece piece, Dress dress, Stage... stages) {
        return colour(piece, dress, OvenKind.STILL, stages);
    }

    @Test
    void breadedStripsAreGoldenInTenMinutesAtThreeHundredAndFifty() {
        Piece strip = piece(Species.HADDOCK, Cut.STRIP, 20, 45);
        assertThat(still(strip, Dress.in(new Coat(2.5)), bake(177, 5), new Turn(), bake(177, 5)))
                .isEqualTo(Colour.GOLD);
    }

    @Test
    void crumbAndCheeseIsGoldAfterTenMinutesAndOneUnderTheGrill() {
        assertThat(still(hake(), CRUMB, bake(230, 10), new Grill(1))).isEqualTo(Colour.GOLD);
    }

    @Test
    void crumbAndCheeseStandsFourteenMinutesAndFourUnderTheGrill() {
        assertThat(still(hake(), CRUMB, bake(200, 14), new Grill(4))).isIn(Colour.GOLD, Colour.BROWN);
    }

    @Test
    void crumbIsGoldInAQuarterOfAnHourAtTwoHundred() {
        assertThat(still(hake(), CRUMB, bake(200, 15))).isEqualTo(Colour.GOLD);
        assertThat(still(hake(), CRUMB, bake(200, 20))).isEqualTo(Colour.GOLD);
        assertThat(still(hake(), CRUMB, bake(160, 12))).isIn(Colour.PALE, Colour.BLOND);
    }

    @Test
    void mayonnaiseIsGoldInOneToTwoMinutesUnderTheGrill() {
        Dress late = Dress.under(new Topping(Mix.MAYONNAISE, When.AFTER, 4));
        assertThat(still(hake(), late, bake(220, 10), new Add(What.TOPPING), new Grill(2)))
                .isEqualTo(Colour.GOLD);
        assertThat(still(hake(), late, bake(220, 10), new Add(What.TOPPING), new Grill(0.5)))
                .isIn(Colour.PALE, Colour.BLOND);
    }

    /** Nearer the grill it browns sooner, farther later. */
    @Test
    void aHandCloserIsGoldSooner() {
        Dress late = Dress.under(new Topping(Mix.MAYONNAISE, When.AFTER, 4));
        for (double[] far : new double[][] {{80, 0.5, 1.2}, {250, 1.2, 3.5}}) {
            Grill soon = new Grill(far[1], far[0], "");
            assertThat(still(hake(), late, bake(220, 10), new Add(What.TOPPING), soon))
                    .as("%s mm", far[0])
                    .isIn(Colour.PALE, Colour.BLOND);
            assertThat(still(hake(), late, bake(220, 10), new Add(What.TOPPING), soon.lasting(far[2])))
                    .as("%s mm", far[0])
                    .isEqualTo(Colour.GOLD);
        }
    }

    @Test
    void whatIsBoundWithCreamIsGoldInThreeMinutesUnderTheGrill() {
        Dress sauced = Dress.under(new Topping(Mix.SHELLFISH, When.BEFORE, 6));
        assertThat(still(hake(), sauced, bake(200, 15), new Grill(3))).isEqualTo(Colour.GOLD);
    }

    @Test
    void aGlazeIsGoldAtFourHundredAndFiftyAndUnderTheGrill() {
        Dress glazed = Dress.open(Finish.GLAZED);
        assertThat(still(hake(), glazed, bake(232, 6), new Add(What.GLAZE), bake(232, 3), new Grill(1)))
                .isEqualTo(Colour.GOLD);
        assertThat(still(hake(), glazed, bake(232, 6), new Add(What.GLAZE), bake(232, 3), new Grill(2.5)))
                .isEqualTo(Colour.GOLD);
    }

    @Test
    void oiledSkinIsGoldOnAWholeFishAndAPortionIsPale() {
        assertThat(still(bream(), Dress.open(Finish.OILED), bake(230, 27))).isEqualTo(Colour.GOLD);
        assertThat(still(hake(), Dress.open(Finish.OILED), bake(230, 11))).isEqualTo(Colour.PALE);
        assertThat(still(hake(), Dress.open(), bake(200, 14))).isEqualTo(Colour.PALE);
    }

    @Test
    void aWoodOvenBrownsAWholeFish() {
        assertThat(colour(bream(), Dress.open(Finish.OILED), OvenKind.WOOD, bake(280, 21)))
                .isEqualTo(Colour.BROWN);
    }

    /** Whatever lies uppermost last is what is seen: the colour under it is gone. */
    @Test
    void whatGoesOnLastBeginsPale() {
        double bare = index(bream(), Dress.open(Finish.OILED), OvenKind.STILL, bake(230, 27));
        double covered = index(
                bream(),
                Dress.open(Finish.OILED).spread(List.of(new Topping(Mix.CRUMB, When.AFTER, 6))),
                OvenKind.STILL,
                bake(230, 26.5),
                new Add(What.TOPPING),
                bake(230, 0.5));
        assertThat(bare).isGreaterThan(Colour.GOLD.from());
        assertThat(covered).isLessThan(0.1);
    }
}
