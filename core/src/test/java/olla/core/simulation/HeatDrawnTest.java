package olla.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import olla.core.dress.Bed;
import olla.core.dress.Dress;
import olla.core.dress.SaltCrust;
import olla.core.dress.Side;
import olla.core.dress.Vegetable;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.HeatDraw;
import olla.core.oven.OvenHeat;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import org.junit.jupiter.api.Test;

/** What dishes take from their oven. */
class HeatDrawnTest {

    private static final OptionalDouble OPEN = OptionalDouble.empty();

    private static Piece piece(Species species, Cut cut, double massG) {
        return Piece.from(species, cut, OPEN, OptionalDouble.of(massG), OPEN, OPEN, OPEN, false);
    }

    private static HeatDraw draws(Piece piece, Dress dress, double dialC, double minutes) {
        BakeModel model = new BakeModel(
                piece, dress, OvenModel.trusted(OvenKind.STILL), Unknowns.NONE, BakeModel.Fineness.COARSE);
        Programme programme = new Programme(dialC, OptionalDouble.of(minutes), 0);
        return new BakeRun(model, programme).draws(programme);
    }

    /**
     * A portion of 160 g of lean fish at 230 °C takes what warms it from 4 to some 62 °C on the average (3.6 kJ/kg K, ASHRAE, from memory), what
     * dries from its face (some 5 g) and what its part of the tray takes (order of magnitude: 0.1 kg of steel by 100 K).
     */
    @Test
    void aPortionTakesWhatItIsWarmedBy() {
        HeatDraw draws = draws(piece(Species.HAKE, Cut.PORTION, 160), Dress.open(), 230, 11);
        double warmed = 0.160 * 3600 * 58 + 0.005 * 2.26e6 + 0.1 * 480 * 100;
        assertThat(draws.at(0.5) * 11 * 60).isCloseTo(warmed, within(0.2 * warmed));
    }

    @Test
    void whatIsColdTakesMost() {
        Piece whole = piece(Species.SEA_BREAM, Cut.WHOLE, 1500);
        for (Dress dress : new Dress[] {Dress.open(), Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND))}) {
            HeatDraw draws = draws(whole, dress, 210, 42);
            assertThat(draws.firstW()).isGreaterThan(1.3 * draws.lastW());
        }
    }

    /** No single dish of a household cools an oven that is kept up: neither a big fish in salt nor eight portions on their vegetables. */
    @Test
    void oneDishIsNoLoad() {
        double spare = OvenHeat.spareW(OvenKind.STILL, 230);
        SaltCrust salt = new SaltCrust(SaltCrust.Damping.WET_SAND);
        assertThat(draws(piece(Species.SEA_BREAM, Cut.WHOLE, 2500), Dress.in(salt), 230, 55)
                        .firstW())
                .isLessThan(spare);
        Dress base = Dress.onto(new Bed(java.util.List.of(Vegetable.POTATO), 20), Side.of(Vegetable.TOMATO));
        assertThat(draws(piece(Species.HAKE, Cut.PORTION, 160), base, 200, 40)
                        .times(8)
                        .firstW())
                .isLessThan(spare);
    }
}
