package olla.core.oven;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ShelfTest {

    /** Heat rises: under the roof of an oven it is the hotter, and a fan evens that out (common practice, no source). */
    @Test
    void itIsHotterAboveAndAFanEvensItOut() {
        Spot above = Shelf.UPPER.in(OvenKind.STILL);
        Spot below = Shelf.LOWER.in(OvenKind.STILL);
        assertThat(above.warmerK()).isPositive().isEqualTo(-below.warmerK());
        assertThat(Shelf.UPPER.in(OvenKind.FAN).warmerK()).isPositive().isLessThan(above.warmerK() / 2);
        assertThat(Shelf.UPPER.in(OvenKind.FAN).doubtK()).isPositive().isLessThan(above.doubtK());
        assertThat(Shelf.UPPER.words(OvenKind.STILL).orElseThrow())
                .hasToString("oven.shelf{shelf=UPPER, off=6 KELVIN, doubt=5 KELVIN}");
    }

    @ParameterizedTest
    @EnumSource(OvenKind.class)
    void inTheMiddleAnOvenIsWhatItIsKnownToBe(OvenKind kind) {
        assertThat(Shelf.MIDDLE.in(kind).middle()).isTrue();
        assertThat(Shelf.MIDDLE.words(kind).isPresent()).isEqualTo(kind.shelves());
    }

    /** Bricks have one floor, and embers one grate. */
    @ParameterizedTest
    @EnumSource(names = {"WOOD", "CLOSED_BARBECUE"})
    void aFireHasNoShelves(OvenKind kind) {
        for (Shelf shelf : Shelf.values()) {
            assertThat(shelf.in(kind)).isEqualTo(Spot.MIDDLE);
            assertThat(shelf.words(kind)).isEmpty();
        }
    }
}
