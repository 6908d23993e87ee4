package olla.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Orientation;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.messages.Refusal;
import olla.core.messages.Refusals;
import olla.core.messages.RefusedInput;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Which targets are offered to whom (FDA Food Code 3-801.11, 3-402.11 and 3-401.11, from memory). */
class AssuranceTest {

    private static Piece piece(Species species, Filling filling) {
        OptionalDouble open = OptionalDouble.empty();
        return Piece.from(species, Cut.FILLET, open, OptionalDouble.of(500), open, open, open, false)
                .set(Orientation.LYING, filling);
    }

    private static List<String> refused(Assurance assurance, Doneness target, Piece piece) {
        Refusals refusals = new Refusals();
        assurance.check(target, piece, refusals);
        try {
            refusals.throwIfAny();
            return List.of();
        } catch (RefusedInput no) {
            return no.refusals().stream().map(Refusal::field).toList();
        }
    }

    @ParameterizedTest
    @EnumSource(Doneness.class)
    void guestsAtRiskGetTheOfficialMinimumAndNothingBelow(Doneness target) {
        Assurance atRisk = new Assurance(true, Parasites.FROZEN);
        assertThat(refused(atRisk, target, piece(Species.SALMON, Filling.NONE)))
                .isEqualTo(target == Doneness.OFFICIAL ? List.of() : List.of("doneness"));
    }

    @ParameterizedTest
    @CsvSource({
        "SALMON,BARELY_SET,UNKNOWN,true",
        "SALMON,JUST_OPAQUE,UNKNOWN,true",
        "SALMON,FLAKES,UNKNOWN,false",
        "SALMON,BARELY_SET,FROZEN,false",
        "SALMON,BARELY_SET,FARMED,false",
        "TUNA,BARELY_SET,UNKNOWN,false"
    })
    void underDoneFishNeedsItsAnswerOnParasites(Species species, Doneness target, Parasites answer, boolean refused) {
        List<String> fields = refused(new Assurance(false, answer), target, piece(species, Filling.NONE));
        assertThat(fields).isEqualTo(refused ? List.of("parasites") : List.of());
    }

    @Test
    void aStuffingCooksTheFleshAnyway() {
        assertThat(refused(Assurance.NONE, Doneness.JUST_OPAQUE, piece(Species.SALMON, Filling.STUFFING)))
                .isEmpty();
    }

    @Test
    void anAnswerSettlesItsCautionAndNoOther() {
        Piece salmon = piece(Species.SALMON, Filling.NONE);
        List<Caution> all =
                Cautions.of(salmon, Dress.open(), OvenKind.STILL, new Programme(200, OptionalDouble.empty(), 4), 46);
        Assurance frozen = new Assurance(false, Parasites.FROZEN);
        assertThat(all)
                .filteredOn(c -> frozen.settles(c, Species.SALMON))
                .extracting(Caution::code)
                .containsExactly("PARASITES");
        assertThat(all).noneMatch(c -> Assurance.NONE.settles(c, Species.SALMON));
    }

    /** Who eats and what was done about parasites decide how far the coast must come, °C (bands: common practice). */
    @Test
    void theLeastPeakIsThatOfTheLowestTargetThatIsOffered() {
        assertThat(new Assurance(true, Parasites.FROZEN).leastPeakC(Species.SALMON))
                .isEqualTo(63);
        assertThat(Assurance.NONE.leastPeakC(Species.SALMON)).isEqualTo(55);
        assertThat(new Assurance(false, Parasites.FARMED).leastPeakC(Species.SALMON))
                .isEqualTo(43);
        assertThat(Assurance.NONE.leastPeakC(Species.TUNA)).isEqualTo(43);
        for (Doneness target : Doneness.values()) {
            for (Parasites parasites : Parasites.values()) {
                for (boolean risk : new boolean[] {true, false}) {
                    Assurance said = new Assurance(risk, parasites);
                    assertThat(said.allows(target, piece(Species.SALMON, Filling.NONE)))
                            .isEqualTo(target.peakC() >= said.leastPeakC(Species.SALMON));
                }
            }
        }
    }
}
