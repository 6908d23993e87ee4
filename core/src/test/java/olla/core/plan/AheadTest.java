package olla.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.Bakes;
import olla.core.dress.Bed;
import olla.core.dress.Coat;
import olla.core.dress.Dress;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.Pour;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.dress.Topping;
import olla.core.dress.Vegetable;
import olla.core.fish.Filling;
import olla.core.fish.Orientation;
import olla.core.fish.Piece;
import org.junit.jupiter.api.Test;

/** What is made before the evening (common practice, no source, but where another is named). */
class AheadTest {

    private static final Piece HAKE = Bakes.hake().piece();

    private static List<String> said(Dress dress) {
        return Ahead.of(HAKE, dress).stream()
                .map(step -> step.words().key() + " " + step.hours())
                .toList();
    }

    @Test
    void whatKeepsLongestStandsFirst() {
        Dress dress = Dress.under(new Topping(Mix.HERBS, Topping.When.BEFORE, 4), Topping.ONE_MORE)
                .on(new Bed(List.of(Vegetable.LEEK, Vegetable.SPINACH), 10));
        assertThat(said(dress))
                .containsExactly("ahead.crumb 72.0", "ahead.herbs 24.0", "ahead.vegetables 24.0", "ahead.topped 6.0");
        assertThat(said(Dress.open())).isEmpty();
        assertThat(said(Dress.in(new Coat(3)))).containsExactly("ahead.coat 12.0");
    }

    @Test
    void whatCuresTheFleshOrDrawsItsWaterWaits() {
        assertThat(said(Dress.in(new Parcel(Sheet.PARCHMENT)))).containsExactly("ahead.parcel 6.0");
        assertThat(said(Dress.in(new Parcel(Sheet.PARCHMENT))
                        .lyingIn(new Pour(Pour.Liquid.WINE, OptionalDouble.of(20), OptionalDouble.empty(), false))))
                .containsExactly("ahead.parcel-sour 0.5");
        assertThat(said(Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND))))
                .containsExactly("ahead.salt-damped 24.0", "ahead.salt-on 0.0");
    }

    /** Raw fish keeps a day or two in the fridge (published: USDA FSIS, from memory): nothing with it in keeps longer. */
    @Test
    void nothingWithTheFishInItKeepsLongerThanFishDoes() {
        Piece stuffed = HAKE.set(Orientation.LYING, Filling.STUFFING);
        for (Mix mix : Mix.values()) {
            assertThat(Ahead.of(stuffed, Dress.under(new Topping(mix, Topping.When.BEFORE, 4))))
                    .allMatch(step -> step.hours() <= 96)
                    .filteredOn(step -> step.words().key().equals("ahead.topped"))
                    .allMatch(step -> step.hours() <= 24);
        }
    }
}
