package olla.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import olla.core.Bakes;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.estimate.Estimate;
import olla.core.fish.Cut;
import olla.core.fish.Group;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * How much a fish weighs less once it is baked, against composition tables: what is there of protein stays, so its share raw over its
 * share cooked is what is left of the weight (published: USDA National Nutrient Database, Standard Reference, raw and "cooked, dry heat",
 * g of protein in 100 g, from memory).
 */
class CookLossTest {

    private record Protein(Species species, double raw, double cooked) {
        double yield() {
            return raw / cooked;
        }
    }

    private static final List<Protein> TABLE = List.of(
            new Protein(Species.COD, 17.81, 22.83),
            new Protein(Species.HADDOCK, 16.32, 19.99),
            new Protein(Species.SNAPPER, 20.51, 26.30),
            new Protein(Species.TILAPIA, 20.08, 26.15),
            new Protein(Species.FLOUNDER, 12.41, 15.24),
            new Protein(Species.HALIBUT, 18.56, 22.54),
            new Protein(Species.SEA_BASS, 18.43, 23.63),
            new Protein(Species.TROUT, 19.94, 23.80),
            new Protein(Species.MACKEREL, 18.60, 23.85),
            new Protein(Species.SALMON, 20.42, 22.10));

    private static final double WITHIN = 0.04;

    /* As fillets are baked: an inch thick, a moderate oven, until they are what the official advice wants. */
    private static Juice baked(Species species) {
        return Bakes.hake()
                .of(species, Cut.PORTION)
                .oven(OvenKind.STILL, 190)
                .to(Doneness.OFFICIAL)
                .juice();
    }

    @ParameterizedTest
    @EnumSource(Group.class)
    void aGroupKeepsWhatTheTablesSay(Group group) {
        List<Protein> its =
                TABLE.stream().filter(p -> p.species().group() == group).toList();
        double table = its.stream().mapToDouble(Protein::yield).average().orElseThrow();
        double ours = its.stream()
                .mapToDouble(p -> baked(p.species()).keptShare())
                .average()
                .orElseThrow();
        assertThat(ours).isCloseTo(table, within(WITHIN));
    }

    @ParameterizedTest
    @EnumSource(Doneness.class)
    void whatDoesNotEvaporateLiesAroundIt(Doneness target) {
        Juice open = Bakes.hake().to(target).juice();
        Juice shut =
                Bakes.hake().in(Dress.in(new Parcel(Sheet.FOIL))).to(target).juice();
        assertThat(open.evaporatedG()).isPositive();
        assertThat(Dress.open().keepsJuice()).isFalse();
        assertThat(Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)).keepsJuice())
                .isFalse();
        assertThat(Dress.in(new Parcel(Sheet.FOIL)).keepsJuice()).isTrue();
        assertThat(open.liquorG()).isCloseTo(open.lostG() - open.evaporatedG(), within(1e-9));
        assertThat(shut.evaporatedG()).isZero();
        assertThat(shut.liquorG()).isEqualTo(shut.lostG());
    }

    @Test
    void whatLiesAroundItComesOutLittleByLittle() {
        Estimate shut = Bakes.hake().in(Dress.in(new Parcel(Sheet.FOIL))).to(Doneness.FLAKES);
        double[] liquor = shut.trace().liquorG();
        assertThat(liquor).isSorted();
        assertThat(liquor[0]).isZero();
        assertThat(liquor[liquor.length - 1]).isCloseTo(shut.juice().liquorG(), within(0.01));
    }

    /** Common practice, no source: barely set is all juice, the official temperature is firm in lean fish and not in oily. */
    @Test
    void howItEatsIsWhatCooksSay() {
        assertThat(Bakes.hake().to(Doneness.BARELY_SET).juice().bite()).isEqualTo(Juice.Bite.VERY_JUICY);
        assertThat(Bakes.hake().to(Doneness.JUST_OPAQUE).juice().bite()).isEqualTo(Juice.Bite.JUICY);
        assertThat(Bakes.hake().to(Doneness.OFFICIAL).juice().bite()).isEqualTo(Juice.Bite.FIRM);
        assertThat(baked(Species.SALMON).bite()).isEqualTo(Juice.Bite.JUICY);
        assertThat(Bakes.hake().given(40).to(Doneness.OFFICIAL).juice().bite()).isEqualTo(Juice.Bite.DRY);
    }

    @Test
    /* And a little more: it has as many ends. */
    void halfAPieceLosesHalfAsMuch() {
        double whole =
                Bakes.hake().sides(80, 120, 200).to(Doneness.FLAKES).juice().lostG();
        double half =
                Bakes.hake().sides(80, 60, 100).to(Doneness.FLAKES).juice().lostG();
        assertThat(half).isBetween(0.48 * whole, 0.6 * whole);
    }
}
