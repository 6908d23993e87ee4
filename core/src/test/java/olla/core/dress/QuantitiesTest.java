package olla.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.dress.SaltCrust.Damping;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.messages.Message;
import olla.core.messages.RefusedInput;
import olla.core.units.Amount;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a dress takes. */
class QuantitiesTest {

    private static Piece piece(Species species, Cut cut, double grams) {
        OptionalDouble open = OptionalDouble.empty();
        return Piece.from(species, cut, open, OptionalDouble.of(grams), open, open, open, false);
    }

    private static final Piece BREAM = piece(Species.SEA_BREAM, Cut.WHOLE, 1500);
    private static final Piece HAKE = piece(Species.HAKE, Cut.PORTION, 160);

    private static Quantities of(Dress dress, Piece piece, int pieces) {
        return Quantities.of(dress, piece, pieces, 12, 1000, 0);
    }

    private static double sum(Quantities quantities) {
        return quantities.amounts().stream().mapToDouble(Amount::value).sum();
    }

    /** Common practice, no source: each school's ratio of salt to a 1.5 kg fish agrees with the geometry of its crust. */
    @ParameterizedTest
    @EnumSource(Damping.class)
    void geometryAgreesWithTheSchoolsRatio(Damping school) {
        SaltNeed need = SaltNeed.of(new SaltCrust(school), BREAM);
        assertThat(need.ratioG()).isCloseTo(school.saltForFish() * 1500, within(1.0));
        assertThat(need.saltG() / need.ratioG()).isBetween(0.75, 1.25);
        assertThat(need.difference().key()).startsWith("salt.by-weight.");
    }

    /** Common practice, no source: a white for each 1.5 kg of salt or so; six a kilo; none. */
    @Test
    void whitesGoByTheSchool() {
        assertThat(SaltNeed.of(new SaltCrust(Damping.WET_SAND), BREAM).whites()).isBetween(1, 2);
        assertThat(SaltNeed.of(new SaltCrust(Damping.WHITE_PASTE), BREAM).whites())
                .isBetween(3, 5);
        assertThat(SaltNeed.of(new SaltCrust(Damping.WATER_ONLY), BREAM).whites())
                .isZero();
        SaltCrust small = new SaltCrust(Damping.WHITE_PASTE, 5, Salt.COARSE, EggSize.SMALL, false, true);
        assertThat(SaltNeed.of(small, BREAM).whites())
                .isGreaterThanOrEqualTo(
                        SaltNeed.of(new SaltCrust(Damping.WHITE_PASTE), BREAM).whites());
    }

    @Test
    void soMuchSaltLiesSoThick() {
        SaltCrust crust = new SaltCrust(Damping.WET_SAND);
        double salt = SaltNeed.of(crust, BREAM).saltG();
        assertThat(SaltNeed.coatMm(crust, BREAM, salt)).isCloseTo(crust.coatMm(), within(0.01));
        assertThat(SaltNeed.coatMm(crust, BREAM, salt / 2)).isLessThan(crust.coatMm());
        assertThatThrownBy(() -> SaltNeed.coatMm(crust, BREAM, 0)).isInstanceOf(RefusedInput.class);
    }

    @Test
    void tooLittleSaltIsSaidAndWhatItMeans() {
        Quantities little = Quantities.of(Dress.in(new SaltCrust(Damping.WET_SAND)), BREAM, 1, 45, 1000, 700);
        assertThat(little.advice().get(0).toString()).startsWith("advice.salt-leaks{salt=700 GRAM");
        Quantities some = Quantities.of(Dress.in(new SaltCrust(Damping.WET_SAND)), BREAM, 1, 45, 1000, 1900);
        assertThat(some.advice().get(0).toString())
                .startsWith("advice.salt-thin")
                .contains("wanted=10 MM");
    }

    /** No kitchen eats a litre of mayonnaise with its fish: what these guests eat, and the rest named. */
    @Test
    void theYolksThatAreLeftAreNotAllMayonnaise() {
        Quantities one = Quantities.of(Dress.in(new SaltCrust(Damping.WHITE_PASTE)), BREAM, 1, 45, 1000, 0);
        Quantities four = Quantities.of(Dress.in(new SaltCrust(Damping.WHITE_PASTE)), BREAM, 4, 45, 1000, 0);
        assertThat(said(one, "advice.yolks")).contains("used=1, oilLeast=120 ML, oilMost=180 ML, others=");
        assertThat(said(one, "advice.yolks")).doesNotContain("others=0");
        assertThat(said(four, "advice.yolks")).contains("used=3, oilLeast=360 ML");
        assertThat(said(one, "advice.salt-tray")).contains("pieces=1}");
        assertThat(said(four, "advice.salt-tray")).contains("pieces=4}");
    }

    private static String said(Quantities quantities, String key) {
        return quantities.advice().stream()
                .filter(line -> line.key().equals(key))
                .findFirst()
                .orElseThrow()
                .toString();
    }

    /** Flakes are lighter: the same crust is more litres and less weight (orders of magnitude, from memory). */
    @Test
    void theKindOfSaltDecidesVolumeAndWeight() {
        SaltNeed coarse = SaltNeed.of(new SaltCrust(Damping.WET_SAND), BREAM);
        SaltNeed flake =
                SaltNeed.of(new SaltCrust(Damping.WET_SAND, 10, Salt.FLAKE, EggSize.MEDIUM, true, true), BREAM);
        assertThat(flake.saltG()).isLessThan(coarse.saltG());
        assertThat(flake.looseMl()).isGreaterThan(coarse.looseMl());
        assertThat(coarse.bags(1000)).isEqualTo((int) Math.ceil(coarse.saltG() / 1000));
    }

    @Test
    void yolksBecomeAMayonnaiseWithItsCaution() {
        assertThat(of(Dress.in(new SaltCrust(Damping.WHITE_PASTE)), BREAM, 2).advice())
                .extracting(Message::key)
                .contains("advice.yolks");
        assertThat(of(Dress.in(new SaltCrust(Damping.WATER_ONLY)), BREAM, 1).advice())
                .extracting(Message::key)
                .doesNotContain("advice.yolks");
    }

    /** Common practice, no source: about three tablespoons of topping on a portion. */
    @Test
    void aToppingIsAboutThreeTablespoonsAPortion() {
        Topping topping = new Topping(Mix.CRUMB, Topping.When.BEFORE, Topping.USUAL_DEPTH_MM);
        double millilitres = topping.grams(HAKE) / topping.mix().densityKgM3() * 1000;
        assertThat(millilitres).isBetween(30.0, 50.0);
        assertThat(sum(of(Dress.under(topping), HAKE, 4))).isCloseTo(4 * topping.grams(HAKE), within(0.01));
    }

    /** What two layers both take stands once, and each layer is told by its name. */
    @Test
    void whatSeveralToppingsTakeIsBoughtOnce() {
        Topping paste = new Topping(Mix.PASTE, Topping.When.BEFORE, 4);
        Topping herbs = new Topping(Mix.HERBS, Topping.When.AFTER, 3);
        Quantities both = of(Dress.under(paste, herbs), HAKE, 2);
        assertThat(both.amounts()).extracting(Amount::what).doesNotHaveDuplicates();
        assertThat(sum(both)).isCloseTo(2 * (paste.grams(HAKE) + herbs.grams(HAKE)), within(0.01));
        assertThat(both.advice())
                .extracting(Message::toString)
                .anyMatch(a -> a.startsWith("advice.topping-of") && a.contains("PASTE"))
                .anyMatch(a -> a.startsWith("advice.topping-of") && a.contains("HERBS"));
    }

    @Test
    void aBedUnderAnOpenFishIsOnTheList() {
        Dress onSpinach = Dress.open()
                .on(new Bed(List.of(Vegetable.SPINACH, Vegetable.CITRUS), 10))
                .standingIn(Vessel.of(Ware.STONEWARE));
        assertThat(of(onSpinach, HAKE, 1).amounts())
                .extracting(a -> a.what().key())
                .contains("vegetable.SPINACH", "stuff.citrus");
        assertThat(onSpinach.dish(HAKE).liftMm()).isEqualTo(10 + Bed.ofCitrus().inAllMm());
        assertThat(onSpinach.dish(HAKE).vessel()).isEqualTo(Vessel.of(Ware.STONEWARE));
    }

    @Test
    void rawOnionIsCookedFirst() {
        Topping cooked = new Topping(Mix.COOKED, Topping.When.BEFORE, 6);
        assertThat(of(Dress.under(cooked), HAKE, 1).advice().get(0)).hasToString("advice.onion-raw{minutes=12}");
    }

    @Test
    void aSheetHoldsTheFishItsHeightAndItsFolds() {
        for (Parcel.Fold fold : Parcel.Fold.values()) {
            SheetSize size = new Parcel(Sheet.FOIL, fold, false, false).sheetSize(HAKE, 10);
            assertThat(size.alongMm()).isGreaterThan(HAKE.lengthMm() + HAKE.heightMm());
            assertThat(size.acrossMm()).isGreaterThan(2 * (HAKE.acrossMm() + HAKE.heightMm()));
            assertThat(size.layers()).isEqualTo(2);
            assertThat(size.fromOneRoll()).isBetween(5, 40);
        }
        assertThat(new Parcel(Sheet.PARCHMENT).sheetSize(BREAM, 0).fitsRoll()).isFalse();
    }

    @Test
    void denseVegetablesAreCookedBeforeTheyAreParcelled() {
        Dress parcel =
                Dress.in(new Parcel(Sheet.PARCHMENT)).on(new Bed(List.of(Vegetable.POTATO, Vegetable.BROCCOLI), 10));
        assertThat(of(parcel, HAKE, 2).advice())
                .extracting(a -> a.values().get("first"))
                .contains(Vegetable.POTATO.advice(), Vegetable.BROCCOLI.advice());
    }

    /** Common practice, no source: potato slices need about 25 minutes at 200 °C. */
    @Test
    void aBaseGetsTheHeadStartOfItsSlowestKind() {
        Dress bake = Dress.onto(new Bed(List.of(Vegetable.POTATO, Vegetable.LEEK), 25), Side.of(Vegetable.TOMATO));
        assertThat(bake.bed().headStartMinutes(200)).isEqualTo(25);
        assertThat(bake.bed().headStartMinutes(180)).isGreaterThan(25);
        assertThatThrownBy(() -> Dress.onto(new Bed(List.of(), 25))).isInstanceOf(RefusedInput.class);
    }

    /** Common practice, no source: tomatoes join raw for the last minutes, carrots have to be parboiled for that. */
    @Test
    void eachSideHasItsAmountItsSplashAndWhatIsDoneFirst() {
        Dress dress = Dress.open()
                .beside(List.of(
                        new Side(Vegetable.ASPARAGUS, 6, 90, 10),
                        new Side(Vegetable.CARROT, 10, 60, 0),
                        Side.of(Vegetable.TOMATO)));
        Quantities quantities = of(dress, HAKE, 4);
        assertThat(quantities.amounts())
                .extracting(a -> a.what() + " " + a.value())
                .containsExactly(
                        "vegetable.ASPARAGUS 360.0",
                        "stuff.water-beside 40.0",
                        "vegetable.CARROT 240.0",
                        "vegetable.TOMATO 280.0");
        assertThat(quantities.advice())
                .extracting(a -> a.values().get("first"))
                .contains(Vegetable.CARROT.advice())
                .doesNotContain(Vegetable.TOMATO.advice(), Vegetable.ASPARAGUS.advice());
        assertThatThrownBy(() -> new Side(Vegetable.PEAS, 31, 70, 0)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Side(Vegetable.PEAS, 5, 0, 0)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Side(Vegetable.PEAS, 5, 70, 101)).isInstanceOf(RefusedInput.class);
    }

    @Test
    void everyOpenFinishAndBedHasItsAmounts() {
        assertThat(of(Dress.open(), HAKE, 4).amounts()).isEmpty();
        assertThat(of(Dress.open(Finish.GLAZED).on(Bed.ofCitrus()), HAKE, 4).amounts())
                .extracting(a -> a.what().key())
                .containsExactly("stuff.glaze", "stuff.citrus");
        assertThat(of(Dress.open(Finish.MARINATED).lyingIn(Pour.PAN_SAUCE), HAKE, 4)
                        .amounts())
                .extracting(a -> a.what().key())
                .containsExactly("stuff.marinade", "stuff.wine", "stuff.butter");
        assertThat(of(Dress.in(new Coat(2.5)), HAKE, 1).amounts()).hasSize(3);
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> of(Dress.open(), HAKE, 0)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> Dress.in(new SaltCrust(Damping.WET_SAND, 80, Salt.COARSE, EggSize.MEDIUM, true, true)))
                .isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Topping(Mix.CRUMB, Topping.When.BEFORE, 40))
                .isInstanceOf(RefusedInput.class);
    }

    /** What is bought once is still told apart by what it is for. */
    @Test
    void everyAmountBelongsToAPartOfTheDish() {
        Dress dress = Dress.in(new Parcel(Sheet.FOIL))
                .on(new Bed(List.of(Vegetable.LEEK), 10))
                .lyingIn(Pour.PAN_SAUCE)
                .spread(List.of(new Topping(Mix.BUTTER, Topping.When.BEFORE, 3)));
        Quantities all = of(dress, HAKE, 2);
        assertThat(all.byPart())
                .extracting(Quantities.Of::part)
                .containsSubsequence(Part.COVER, Part.BED, Part.LIQUID, Part.LIQUID, Part.ON, Part.ON);
        assertThat(all.amounts().stream().filter(a -> a.what().key().equals("stuff.butter")))
                .hasSize(1);
        assertThat(all.byPart().stream()
                        .filter(o -> o.amount().what().key().equals("stuff.butter"))
                        .map(Quantities.Of::part))
                .containsExactly(Part.LIQUID, Part.ON);
    }
}
