package olla.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import java.util.stream.Stream;
import olla.core.dish.Laid;
import olla.core.dish.Stuff;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.dress.Pour.Liquid;
import olla.core.dress.Topping.When;
import olla.core.fish.Cut;
import olla.core.fish.Kept;
import olla.core.fish.MeasuredBy;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.messages.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What a dish can be together, and the layers it makes. */
class DressTest {

    private static final Piece HAKE =
            new Piece(Species.HAKE, Cut.PORTION, MeasuredBy.RULER, 25, 80, 120, 200, 8, false);
    private static final Topping LATE = new Topping(Mix.CRUMB, When.AFTER, 3);
    private static final Topping FIRST = new Topping(Mix.PASTE, When.BEFORE, 4);

    private static Dress foil(boolean opened) {
        return Dress.in(new Parcel(Sheet.FOIL, Parcel.Fold.SEAM_UP, false, opened));
    }

    private static Pour stock(double ml, OptionalDouble floorMm2) {
        return new Pour(Liquid.STOCK, OptionalDouble.of(ml), floorMm2, false);
    }

    static Stream<Arguments> impossible() {
        Dress salt = Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND));
        Dress base = Dress.onto(new Bed(List.of(Vegetable.POTATO), 25));
        return Stream.of(
                arguments((Supplier<Dress>) () -> salt.on(Bed.ofCitrus()), "refusal.salt-alone"),
                arguments((Supplier<Dress>) () -> salt.spread(List.of(FIRST)), "refusal.salt-alone"),
                arguments((Supplier<Dress>) () -> salt.lyingIn(Pour.PAN_SAUCE), "refusal.salt-alone"),
                arguments((Supplier<Dress>) () -> foil(false).spread(List.of(LATE)), "refusal.shut-over-topping"),
                arguments(
                        (Supplier<Dress>) () -> base.closed(new Lid(Sheet.FOIL, false)),
                        "refusal.closed-before-the-fish"),
                arguments((Supplier<Dress>) () -> Dress.onto(Bed.NONE), "refusal.base-vegetables"),
                arguments((Supplier<Dress>) () -> Dress.under(FIRST, FIRST, FIRST, FIRST, FIRST), "refusal.toppings"));
    }

    @ParameterizedTest
    @MethodSource("impossible")
    void whatCannotBeTogetherIsRefusedInWords(Supplier<Dress> made, String why) {
        assertThatThrownBy(made::get).isInstanceOf(RefusedInput.class).hasMessageContaining(why);
    }

    /** As a cook says it: things lie on the fish in a parcel, under it, round it; what goes on late needs it opened. */
    @Test
    void aParcelHoldsWhatAnOpenFishDoes() {
        Dress full = foil(true)
                .on(new Bed(List.of(Vegetable.LEEK, Vegetable.CITRUS), 10))
                .spread(List.of(LATE, FIRST))
                .lyingIn(stock(60, OptionalDouble.empty()));
        List<Laid> layers = full.dish(HAKE).layers();
        assertThat(layers).filteredOn(Laid.Under.class::isInstance).hasSize(2);
        assertThat(layers)
                .filteredOn(Laid.On.class::isInstance)
                .extracting(l -> ((Laid.On) l).joins())
                .containsExactly(0, 1);
        assertThat(full.style()).isEqualTo(Style.FOIL);
        assertThat(full.dish(HAKE).browns()).isFalse();
    }

    @Test
    void whatIsSourIsSeenFromItsLayers() {
        assertThat(foil(false).sour()).isFalse();
        assertThat(foil(false).on(Bed.ofCitrus()).sour()).isTrue();
        assertThat(foil(false)
                        .lyingIn(new Pour(Liquid.CIDER, OptionalDouble.of(20), OptionalDouble.empty(), false))
                        .sour())
                .isTrue();
        assertThat(foil(false)
                        .spread(List.of(new Topping(Mix.COOKED, When.BEFORE, 5)))
                        .sour())
                .isTrue();
        assertThat(Dress.open().standingIn(Vessel.of(Ware.FOIL_BOAT)).aluminium())
                .isTrue();
        assertThat(Dress.in(new Parcel(Sheet.PARCHMENT)).aluminium()).isFalse();
    }

    /** Volumes are kept: what is poured in is what stands in the gaps of the bed and beside the fish (exact, geometry). */
    @Test
    void aLiquidStandsAsHighAsItsVolume() {
        OptionalDouble floor = OptionalDouble.of(200 * 150.0);
        double beside = floor.getAsDouble() - HAKE.upperSideMm2();
        assertThat(stock(100, floor).depthMm(HAKE, Bed.NONE)).isCloseTo(100_000 / beside, within(1e-9));
        Bed bed = new Bed(List.of(Vegetable.POTATO), 20);
        double gaps = Bed.GAPS * floor.getAsDouble() * 20;
        assertThat(stock(gaps / 2000, floor).depthMm(HAKE, bed)).isCloseTo(10, within(1e-9));
        assertThat(stock((gaps + 5 * beside) / 1000, floor).depthMm(HAKE, bed)).isCloseTo(25, within(1e-9));
    }

    /** A bed full of stock holds the heat of both (exact, by definition of heat capacity). */
    @Test
    void aBedInStockHoldsTheStocksHeatToo() {
        OptionalDouble floor = OptionalDouble.of(200 * 150.0);
        Bed bed = new Bed(List.of(Vegetable.POTATO), 20);
        Dress dress = Dress.onto(bed).lyingIn(stock(Bed.GAPS * floor.getAsDouble() * 20 / 1000, floor));
        Laid under = dress.dish(HAKE).all(Laid.Under.class).findFirst().orElseThrow();
        assertThat(under.stuff().heatCapacityJm3K())
                .isCloseTo(
                        Stuff.VEGETABLES.heatCapacityJm3K() + Bed.GAPS * Stuff.BROTH.heatCapacityJm3K(), within(1.0));
        assertThat(dress.dish(HAKE).the(Laid.Liquid.class)).isEmpty();
    }

    @Test
    void whatIsLaidColdOrHotStartsSo() {
        Dress dress = Dress.under(new Topping(Mix.COOKED, When.BEFORE, 6, Kept.HOT))
                .on(new Bed(List.of(Vegetable.SPINACH), 10, Vegetable.Cutting.SLICES, Kept.FRIDGE))
                .standingIn(new Vessel(Ware.CAST_PAN, Optional.empty(), OptionalDouble.of(200)));
        assertThat(dress.dish(HAKE).layers())
                .extracting(Laid::startC)
                .containsExactly(Kept.FRIDGE.startC(), Kept.HOT.startC());
        assertThat(dress.dish(HAKE).vessel().startC()).isEqualTo(200);
    }

    @Test
    void aVesselIsOfASizeAndAHeatThatThereIs() {
        assertThatThrownBy(() -> new Vessel.Size(20, 900))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("vesselLengthMm")
                .hasMessageContaining("vesselWidthMm");
        assertThatThrownBy(() -> new Vessel(Ware.GLASS, Optional.empty(), OptionalDouble.of(900)))
                .isInstanceOf(RefusedInput.class);
    }
}
