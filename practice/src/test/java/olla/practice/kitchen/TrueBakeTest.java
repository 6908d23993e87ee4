package olla.practice.kitchen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.dress.Bed;
import olla.core.dress.Coat;
import olla.core.dress.Dress;
import olla.core.dress.Finish;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.Pour;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.dress.Topping;
import olla.core.dress.Vegetable;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Orientation;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.oven.Shelf;
import olla.core.oven.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever a cook says is baked in the hidden kitchen as cooks know it (common practice, no source, where nothing else is named). */
class TrueBakeTest {

    private static final TrueOven TRUE = new TrueOven(0, 1, 3, 7);
    private static final OptionalDouble OPEN = OptionalDouble.empty();
    private static final Programme PLAIN = new Programme(200, OPEN, 4);
    private static final Piece PORTION = piece(Cut.PORTION, 25, 170, false);

    private static Piece piece(Cut cut, double thickMm, double massG, boolean frozen) {
        return Piece.from(
                Species.HAKE,
                cut,
                cut == Cut.WHOLE ? OPEN : OptionalDouble.of(thickMm),
                OptionalDouble.of(massG),
                OPEN,
                OPEN,
                OPEN,
                frozen);
    }

    private static TrueBake bake(Piece piece, Dress dress, Programme programme, OvenEvents events) {
        return new TrueBake(
                new Setting.Stated(piece, dress, OvenKind.STILL, Shelf.MIDDLE, programme), TRUE, events, 20, 11);
    }

    private static TrueBake lasting(double minutes, Programme programme) {
        Setting.Stated said = new Setting.Stated(PORTION, Dress.open(), OvenKind.STILL, Shelf.MIDDLE, programme);
        return new TrueBake(said, TRUE, OvenEvents.NONE, minutes, 11);
    }

    private static TrueBake plain(OvenEvents events) {
        return bake(PORTION, Dress.open(), PLAIN, events);
    }

    private static double after(TrueBake bake, double minutes) {
        bake.goOn(minutes);
        return bake.coldestC();
    }

    static Stream<Arguments> dishes() {
        Dress tray = Dress.onto(new Bed(List.of(Vegetable.POTATO), 20));
        return Stream.of(
                Arguments.of("open", PORTION, Dress.open(), PLAIN, 8, 18),
                Arguments.of("a thin fillet", piece(Cut.FILLET, 12, 110, false), Dress.open(), PLAIN, 3, 9),
                Arguments.of("frozen", piece(Cut.FILLET, 20, 170, true), Dress.open(), PLAIN, 15, 40),
                Arguments.of("crumbed", PORTION, Dress.in(new Coat(Coat.USUAL_MM)), PLAIN, 9, 26),
                Arguments.of("in paper", PORTION, Dress.in(new Parcel(Sheet.PARCHMENT)), PLAIN, 9, 24),
                Arguments.of("in foil", PORTION, Dress.in(new Parcel(Sheet.FOIL)), PLAIN, 11, 34),
                Arguments.of(
                        "under crumb",
                        PORTION,
                        Dress.under(new Topping(Mix.CRUMB, Topping.When.BEFORE, 6)),
                        PLAIN,
                        9,
                        26),
                Arguments.of("in stoneware", PORTION, Dress.open().standingIn(Vessel.of(Ware.STONEWARE)), PLAIN, 9, 26),
                Arguments.of("whole", piece(Cut.WHOLE, 0, 500, false), Dress.open(Finish.OILED), PLAIN, 12, 32),
                Arguments.of(
                        "in salt",
                        piece(Cut.WHOLE, 0, 900, false),
                        Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)),
                        new Programme(220, OPEN, 10),
                        22,
                        60),
                Arguments.of("a roll", piece(Cut.ROLL, 35, 110, false), Dress.open(), PLAIN, 8, 30),
                Arguments.of(
                        "stuffed",
                        piece(Cut.WHOLE, 0, 500, false).set(Orientation.LYING, Filling.STUFFING),
                        Dress.open(),
                        PLAIN,
                        12,
                        60),
                Arguments.of(
                        "onto potatoes that went in first",
                        PORTION,
                        tray,
                        new Programme(List.of(
                                new Stage.Bake(200, OptionalDouble.of(20)),
                                new Stage.Add(Stage.What.FISH),
                                new Stage.Bake(200, OPEN),
                                new Stage.Rest(3))),
                        28,
                        45));
    }

    /** Under the roof of an oven that is hotter there a fish is done sooner than in its middle, and over its floor later. */
    @Test
    void shelvesDiffer() {
        HiddenOvens.Shelves shelves = new HiddenOvens.Shelves(10, -10);
        HiddenOven.Makes middle = HiddenOvens.of(OvenKind.STILL, new Draw(5));
        double[] warm = new double[Shelf.values().length];
        for (Shelf shelf : Shelf.values()) {
            HiddenBake bake = HiddenBake.of(Way.BARE, OvenKind.STILL, middle, House.PLAIN, new Draw(8))
                    .on(shelf, shelves);
            warm[shelf.ordinal()] = Baked.of(bake, 57).coldestC(10);
        }
        assertThat(warm[Shelf.UPPER.ordinal()]).isGreaterThan(warm[Shelf.MIDDLE.ordinal()] + 1);
        assertThat(warm[Shelf.LOWER.ordinal()]).isLessThan(warm[Shelf.MIDDLE.ordinal()] - 0.5);
        // A fire has none.
        assertThat(HiddenOvens.shelves(OvenKind.WOOD, new Draw(1))).isEqualTo(new HiddenOvens.Shelves(0, 0));
    }

    /** Two kilowatts beside it are more than a heater has to spare: the air falls, and the fish with it. */
    @Test
    void whatIsBesideItCoolsItsOven() {
        Setting.Stated said = new Setting.Stated(PORTION, Dress.open(), OvenKind.STILL, Shelf.MIDDLE, PLAIN);
        TrueBake alone = new TrueBake(said, TRUE, OvenEvents.NONE, 20, 11);
        TrueBake among = new TrueBake(said, TRUE, OvenEvents.NONE, minute -> minute < 8 ? 3500 : 0, 20, 11);
        assertThat(after(among, 8)).isLessThan(after(alone, 8) - 0.5);
        assertThat(among.airC()).isLessThan(alone.airC() - 10);
        double falls = alone.airC() - among.airC();
        among.goOn(20);
        alone.goOn(20);
        assertThat(alone.airC() - among.airC()).isLessThan(falls);
        assertThat(alone.takesW()).isPositive();
        alone.takeOut();
        assertThat(alone.takesW()).isZero();
    }

    /** A bake that was said to stand elsewhere goes as it does there, and only that. */
    @Test
    void itStandsWhereItIsSaidToStand() {
        double[] warm = new double[Shelf.values().length];
        for (Shelf shelf : Shelf.values()) {
            Setting.Stated said = new Setting.Stated(PORTION, Dress.open(), OvenKind.STILL, shelf, PLAIN);
            warm[shelf.ordinal()] = after(new TrueBake(said, TRUE, OvenEvents.NONE, 20, 11), 10);
        }
        assertThat(warm).doesNotHaveDuplicates();
        assertThat(warm[Shelf.MIDDLE.ordinal()]).isEqualTo(after(plain(OvenEvents.NONE), 10));
    }

    /** When the coldest is at 50 °C, minutes. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("dishes")
    void itTakesWhatItTakesInKitchens(
            String name, Piece piece, Dress dress, Programme programme, double least, double most) {
        TrueBake bake = bake(piece, dress, programme, OvenEvents.NONE);
        double minute = 0;
        double before = Double.NEGATIVE_INFINITY;
        while (minute < 90 && (minute < least || after(bake, minute) < 50)) {
            minute += 0.5;
            assertThat(bake.coldestC()).isFinite().isLessThan(105);
            before = bake.coldestC();
        }
        assertThat(before).isFinite();
        assertThat(minute).isBetween(least, most);
        assertThat(bake.faceC()).isGreaterThan(bake.coldestC() - 1).isLessThan(150);
    }

    /** A fish that joins what was only poured in, much of it or a splash, is baked as any other. */
    @ParameterizedTest
    @ValueSource(doubles = {5, 300})
    void itJoinsWhatWasPoured(double ml) {
        Dress plain = Dress.open();
        Dress poured = new Dress(
                plain.vessel(),
                plain.bed(),
                Optional.of(new Pour(Pour.Liquid.STOCK, OptionalDouble.of(ml), OPEN, true)),
                plain.finish(),
                plain.coat(),
                plain.on(),
                plain.closed(),
                plain.sides(),
                true);
        Programme joins = new Programme(List.of(
                new Stage.Bake(200, OptionalDouble.of(5)),
                new Stage.Add(Stage.What.FISH),
                new Stage.Bake(200, OPEN),
                new Stage.Rest(3)));
        TrueBake bake = bake(PORTION, poured, joins, OvenEvents.NONE);
        assertThat(after(bake, 5.1)).isLessThan(15);
        assertThat(after(bake, 25)).isBetween(50.0, 100.0);
    }

    /** It goes its way however often one asks. */
    @Test
    void howOftenItIsLookedAtChangesNothing() {
        TrueBake often = plain(OvenEvents.NONE);
        IntStream.rangeClosed(1, 12 * 12).forEach(i -> often.goOn(i / 12.0));
        assertThat(often.coldestC()).isCloseTo(after(plain(OvenEvents.NONE), 12), within(0.7));
        assertThat(after(plain(OvenEvents.NONE), 12)).isEqualTo(after(plain(OvenEvents.NONE), 12));
    }

    @Test
    void aColdOvenAnOpenDoorAndTimeOutsideCostHeat() {
        double shut = after(plain(OvenEvents.NONE), 12);
        assertThat(after(plain(OvenEvents.NONE.and(new OvenEvent.NotHot(120))), 12))
                .isLessThan(shut - 2);
        assertThat(after(plain(OvenEvents.NONE.and(new OvenEvent.DoorOpened(5, 60))), 12))
                .isLessThan(shut - 0.5);
        assertThat(after(plain(OvenEvents.NONE.and(new OvenEvent.Outside(5, 8))), 12))
                .isLessThan(shut - 3);
        assertThat(after(plain(OvenEvents.NONE.and(new OvenEvent.DialTurned(2, 250))), 12))
                .isGreaterThan(shut + 1);
    }

    @Test
    void itsOvenIsWhatItIs() {
        TrueBake cool = new TrueBake(
                new Setting.Stated(PORTION, Dress.open(), OvenKind.STILL, Shelf.MIDDLE, PLAIN),
                new TrueOven(-20, 1, 3, 7),
                OvenEvents.NONE,
                20,
                11);
        assertThat(after(cool, 12)).isLessThan(after(plain(OvenEvents.NONE), 12) - 2);
        double sum = 0;
        for (int i = 1; i <= 60; i++) {
            cool.goOn(12 + i / 4.0);
            sum += cool.airC();
        }
        assertThat(sum / 60).isCloseTo(180, within(6.0));
    }

    /** An open portion coasts on the board, and cools after that. */
    @Test
    void outItCoasts() {
        TrueBake bake = plain(OvenEvents.NONE);
        double pulled = after(bake, 11);
        bake.takeOut();
        bake.goOn(15);
        assertThat(bake.peakC()).isBetween(pulled + 2, pulled + 14);
        bake.goOn(60);
        assertThat(bake.coldestC()).isLessThan(bake.peakC());
    }

    /** A grill is above: the face gains, the middle hardly. */
    @Test
    void aGrillBrownsTheTop() {
        Programme baked = new Programme(List.of(new Stage.Bake(200, OPEN), new Stage.Rest(4)));
        Programme grilled = new Programme(List.of(new Stage.Bake(200, OPEN), new Stage.Grill(3), new Stage.Rest(4)));
        TrueBake plain = lasting(8, baked);
        TrueBake under = lasting(8, grilled);
        plain.goOn(8);
        under.goOn(8);
        assertThat(under.faceC()).isGreaterThan(plain.faceC() + 1);
        assertThat(under.coldestC()).isCloseTo(plain.coldestC(), within(4.0));
    }

    /** What is turned, spread or opened on the way is as warm as it was, but for what comes cold onto it. */
    @Test
    void whatIsDoneOnTheWayStartsNothingAnew() {
        Programme turned = new Programme(List.of(
                new Stage.Bake(200, OptionalDouble.of(6)),
                new Stage.Turn(),
                new Stage.Bake(200, OPEN),
                new Stage.Rest(2)));
        TrueBake bake = bake(PORTION, Dress.open(), turned, OvenEvents.NONE);
        double before = after(bake, 6);
        assertThat(after(bake, 6.1)).isCloseTo(before, within(1.5));

        Programme spread = new Programme(List.of(
                new Stage.Bake(200, OptionalDouble.of(6)),
                new Stage.Add(Stage.What.TOPPING),
                new Stage.Bake(200, OPEN),
                new Stage.Rest(2)));
        Dress glazed = Dress.under(new Topping(Mix.CRUMB, Topping.When.PART_WAY, 6));
        TrueBake topped = bake(PORTION, glazed, spread, OvenEvents.NONE);
        before = after(topped, 6);
        assertThat(after(topped, 6.1)).isCloseTo(before, within(1.5));
        assertThat(after(topped, 10)).isGreaterThan(before + 5);
    }
}
