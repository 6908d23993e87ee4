package olla.core.dish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import olla.core.dress.Bed;
import olla.core.dress.Dress;
import olla.core.dress.Finish;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.dress.Topping;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.MeasuredBy;
import olla.core.fish.Orientation;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.units.Temperature;
import org.junit.jupiter.api.Test;

/** The dish as it is laid, and what each dress lays. */
class DishTest {

    private static final Piece PORTION =
            new Piece(Species.HAKE, Cut.PORTION, MeasuredBy.RULER, 25, 75, 110, 200, 6, false);
    private static final Piece BREAM =
            new Piece(Species.SEA_BREAM, Cut.WHOLE, MeasuredBy.RULER, 45, 110, 330, 800, 6, false);

    private static Dish of(Laid... layers) {
        return new Dish(Vessel.SHEET_TRAY, List.of(layers), Optional.empty(), new Bare(2e-12, 1));
    }

    @Test
    void theFishLiesOnAllThatIsUnderIt() {
        Laid.Under leaves = new Laid.Under(Stuff.VEGETABLES, 10, 0, 22);
        Laid.Under slices = new Laid.Under(Stuff.CITRUS, 7, 0, 22);
        assertThat(of(leaves, slices).liftMm()).isEqualTo(17);
        assertThat(of(leaves, new Laid.Coat(Stuff.spread(500, 120, 1), 3, 12)).liftMm())
                .isEqualTo(13);
        // A sauce creeps under a fish on nothing else; on a bed it does not lift it further.
        Laid.Liquid sauce = new Laid.Liquid(Stuff.SAUCE, 8, 1, 20, 22);
        assertThat(of(sauce).liftMm()).isEqualTo(1);
        assertThat(of(leaves, sauce).liftMm()).isEqualTo(10);
    }

    @Test
    void oneThingIsNotInTwoPlaces() {
        Laid.Coat coat = new Laid.Coat(Stuff.spread(500, 120, 1), 3, 12);
        assertThatThrownBy(() -> of(coat, coat))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("Coat");
    }

    @Test
    void whatIsShutInOrBuriedDoesNotColour() {
        assertThat(Dress.open().dish(PORTION).browns()).isTrue();
        assertThat(Dress.in(new Parcel(Sheet.FOIL)).dish(PORTION).browns()).isFalse();
        assertThat(Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND))
                        .dish(BREAM)
                        .browns())
                .isFalse();
    }

    @Test
    void aDressLaysItsUsualLayers() {
        assertThat(Dress.open(Finish.BARE).on(Bed.ofCitrus()).dish(PORTION).layers())
                .singleElement()
                .isInstanceOf(Laid.Under.class);
        assertThat(Dress.under(new Topping(Mix.CRUMB, Topping.When.AFTER, 6))
                        .dish(PORTION)
                        .layers())
                .singleElement()
                .isEqualTo(new Laid.On(Mix.CRUMB.stuff(), 6, 1, Temperature.MIXED_C));
        assertThat(Dress.open().dish(BREAM).the(Laid.Inside.class))
                .hasValueSatisfying(inside -> assertThat(inside.isHollow()).isTrue());
        assertThat(Dress.open()
                        .dish(BREAM.set(Orientation.LYING, Filling.STUFFING))
                        .the(Laid.Inside.class))
                .hasValueSatisfying(inside -> assertThat(inside.stuff()).isEqualTo(Stuff.STUFFING));
    }

    /** A mixture holds the heat that its parts hold (exact, by definition of heat capacity). */
    @Test
    void wetterSaltHoldsAsMuchMoreAsItsWater() {
        Stuff damp = Stuff.dampSalt(1.7, 0.5, 1200, 880, 100);
        assertThat(damp.heatCapacityJm3K()).isCloseTo(1200 * 880 + 100 * 4180.0, within(1e-6));
        assertThat(damp.wetter(1.3)).isEqualTo(Stuff.dampSalt(1.7, 0.5, 1200, 880, 130));
    }
}
