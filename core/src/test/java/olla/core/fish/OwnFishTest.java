package olla.core.fish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import olla.core.messages.RefusedInput;
import olla.core.safety.Assurance;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A fish that is not in the table, by its build, its fat and its closest relation. */
class OwnFishTest {

    /** Said as the table has it, it is that fish (exact). */
    @ParameterizedTest
    @EnumSource(Species.class)
    void oneLikeItsRelationIsMadeAsThatOne(Species species) {
        OwnFish own = like(species);
        assertThat(own.composition().water()).isCloseTo(species.composition().water(), within(1e-9));
        assertThat(own.composition().protein()).isEqualTo(species.composition().protein());
        assertThat(own.formsHistamine()).isEqualTo(species.formsHistamine());
        assertThat(own.fromReefs()).isEqualTo(species.fromReefs());
    }

    private static OwnFish like(Species species) {
        return new OwnFish(
                "bannie",
                species,
                species.shape(),
                Math.max(0.2, 100 * species.composition().fat()));
    }

    /** Fat takes the place of water in raw fish: their sum stays about the same (published: composition tables, from memory). */
    @ParameterizedTest
    @CsvSource({"1, LEAN_WHITE", "3, MEDIUM", "12, OILY"})
    void fatTakesThePlaceOfWater(double fat, Group group) {
        OwnFish own = new OwnFish("bannie", Species.COD, BodyShape.TORPEDO, fat);
        Composition made = own.composition();
        assertThat(made.water() + made.fat())
                .isCloseTo(
                        Species.COD.composition().water()
                                + Species.COD.composition().fat(),
                        within(1e-9));
        assertThat(made.fat()).isCloseTo(fat / 100, within(1e-12));
        assertThat(own.group()).isEqualTo(group);
    }

    @Test
    void itIsReckonedAsAnyOther() {
        OptionalDouble none = OptionalDouble.empty();
        Piece own = Piece.from(like(Species.HAKE), Cut.PORTION, OptionalDouble.of(25), none, none, none, none, false);
        Piece hake = Piece.from(Species.HAKE, Cut.PORTION, OptionalDouble.of(25), none, none, none, none, false);
        assertThat(own.massG()).isCloseTo(hake.massG(), within(1e-6));
        assertThat(own.species().words().values()).containsEntry("value", "bannie");
    }

    @Test
    void whatNoFishIsIsRefused() {
        assertThatThrownBy(() -> new OwnFish(" ", Species.COD, BodyShape.DEEP, 3))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("ownName");
        assertThatThrownBy(() -> new OwnFish("bannie", Species.COD, BodyShape.DEEP, 70))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("fatPercent");
    }

    /** A tuna of one's own is cautioned for as a tuna, and not let off what tuna is let off. */
    @Test
    void anExemptionIsNotHandedOn() {
        assertThat(Assurance.NONE.freeOfParasites(Species.TUNA)).isTrue();
        assertThat(Assurance.NONE.freeOfParasites(like(Species.TUNA))).isFalse();
        assertThat(like(Species.TUNA).formsHistamine()).isTrue();
    }
}
