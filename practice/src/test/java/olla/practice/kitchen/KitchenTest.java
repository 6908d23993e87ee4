package olla.practice.kitchen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.OptionalDouble;
import java.util.function.DoubleBinaryOperator;
import java.util.stream.DoubleStream;
import olla.core.dress.Dress;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.oven.Shelf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The kitchen that is not the model's, checked by itself: a world to hold a model against has to be right in its own way. */
class KitchenTest {

    private static final Faces DRY = new Faces(0.9, 0.65, 0, 0, 0, 0, 1, 0);
    private static final Faces PLAIN = new Faces(0.9, 0.65, 0, 0, 1, 4e-4, 0.6, 0);

    /* An electric oven without any fault. */
    private static final HiddenOven.Makes TRUE = new HiddenOven.Makes(0, 0, 0.1, 0.2, 3500, 1e9, 11, 0, 0, 0, 2300);

    private static Body block(double lengthM, double widthM, double thickM, double stepM, Matter of) {
        DoubleBinaryOperator thick = (x, y) -> thickM;
        Body.Sheet none = Body.Sheet.NONE;
        return new Body(lengthM, widthM, stepM, 12, false, thick, false, 0, none, none, 0, Body.Belly.NONE, of);
    }

    private static Dish dish(Body body, Faces faces, double contactWm2K) {
        double[] contact = new double[body.there.length];
        Arrays.fill(contact, contactWm2K);
        return new Dish(body, faces, 8, 20, 21, 3850, contact, 250);
    }

    /* All round it 60 °C, its tray so heavy that it stays as warm as it is. */
    private static final Around HELD = new Around(1e6, 60, 60, 60, 60, 0, 0);

    private static Dish held(Body body, double contactWm2K) {
        double[] contact = new double[body.there.length];
        Arrays.fill(contact, contactWm2K);
        return new Dish(body, new Faces(0, 0.5, 0, 0, 0, 0, 1, 0), 8, 60, 60, 1e12, contact, 250);
    }

    private static double minutesTo57(double thickM, double dialC) {
        DoubleBinaryOperator thick = (x, y) -> thickM * Math.pow(Math.max(0, 1 - Math.pow(Math.abs(y), 5)), 1.0 / 5);
        Body.Sheet none = Body.Sheet.NONE;
        Matter flesh = Matter.flesh(0.8, 1050, 1, 1);
        Body body = new Body(0.12, 0.08, 0.004, 10, false, thick, false, 0, none, none, 0, Body.Belly.NONE, flesh);
        OptionalDouble open = OptionalDouble.empty();
        Piece piece = Piece.from(
                Species.HAKE,
                Cut.PORTION,
                OptionalDouble.of(1000 * thickM),
                OptionalDouble.of(200),
                open,
                open,
                open,
                false);
        HiddenBake bake = new HiddenBake(
                piece,
                Dress.open(),
                OvenKind.STILL,
                Shelf.MIDDLE,
                new Programme(dialC, open, 4),
                dish(body, PLAIN, 220),
                TRUE,
                0.5,
                0,
                0);
        return Baked.of(bake, 57).readyMin().orElseThrow();
    }

    /**
     * A block with all six faces held warmer cools and warms as the product of three slabs (published: Carslaw and Jaeger 1959, section 5.6;
     * Newman 1936; each slab by the first twenty terms of its series for a face that is held, from memory).
     */
    @Test
    void aBlockWarmsAsTheProductOfThreeSlabs() {
        Matter stuff = Matter.damp(0.5, 0.5, 3.5e6, 0, 1000);
        Body body = block(0.06, 0.05, 0.03, 0.002, stuff);
        Baking baking = new Baking(held(body, 1e7));
        double diffusivity = 0.5 / 3.5e6;
        double dt = baking.safeS();
        while (baking.seconds() < 700) {
            baking.step(HELD, dt);
        }
        double product = slab(0.06, diffusivity, baking.seconds())
                * slab(0.05, diffusivity, baking.seconds())
                * slab(0.03, diffusivity, baking.seconds());
        assertThat(baking.coldestC()).isCloseTo(60 + (8 - 60) * product, within(0.8));
    }

    /**
     * Half of a long round bar, its round face held, its flat one let through by nothing, warms as the whole (published: Carslaw and Jaeger 1959, section 7.6;
     * the first five zeros of J0 and J1 there, Abramowitz and Stegun table 9.5; from memory): what goes through layers that slope. In columns of 3 mm it lags by
     * three in a hundred of the time.
     */
    @ParameterizedTest
    @CsvSource({"600", "900", "1500"})
    void aRoundBarWarmsAsACylinder(double until) {
        double acrossM = 0.05;
        Matter stuff = Matter.damp(0.5, 0.5, 3.5e6, 0, 1000);
        Body.Sheet none = Body.Sheet.NONE;
        DoubleBinaryOperator circle = (x, y) -> acrossM / 2 * Math.sqrt(Math.max(0, 1 - y * y));
        Body body = new Body(0.3, acrossM, 0.003, 12, true, circle, false, 0, none, none, 0, Body.Belly.NONE, stuff);
        Baking baking = new Baking(held(body, 1e-9));
        double dt = baking.safeS();
        while (baking.seconds() < until) {
            baking.step(HELD, dt);
        }
        double[] zeros = {2.40483, 5.52008, 8.65373, 11.79153, 14.93092};
        double[] first = {0.519147, -0.340265, 0.271452, -0.232460, 0.206546};
        double share = 0;
        for (int n = 0; n < zeros.length; n++) {
            double fourier = 0.5 / 3.5e6 * baking.seconds() / (acrossM * acrossM / 4);
            share += 2 / (zeros[n] * first[n]) * Math.exp(-zeros[n] * zeros[n] * fourier);
        }
        assertThat(baking.coldestC()).isCloseTo(60 - 52 * share, within(1.3));
    }

    private static double slab(double thickM, double diffusivity, double seconds) {
        double sum = 0;
        for (int n = 0; n < 20; n++) {
            double odd = 2 * n + 1;
            double rate = diffusivity * Math.pow(odd * Math.PI / thickM, 2);
            sum += 4 / (odd * Math.PI) * (n % 2 == 0 ? 1 : -1) * Math.exp(-rate * seconds);
        }
        return sum;
    }

    @Test
    void whatComesInIsHeld() {
        Body body = block(0.06, 0.05, 0.03, 0.005, Matter.damp(0.5, 0.5, 3.5e6, 0, 1000));
        Baking baking = new Baking(dish(body, DRY, 1e-9));
        double before = baking.holdsJ();
        double came = 0;
        for (int i = 0; i < 200; i++) {
            double under = baking.seconds();
            baking.step(new Around(11, 200, 200, 200, 21, 0, 2300), 4);
            came += baking.takesW() * (baking.seconds() - under);
        }
        assertThat(baking.holdsJ() - before).isCloseTo(came, within(0.08 * came));
    }

    /** Common practice, no source: ten to twelve minutes an inch of lean fish at 230 °C, thirteen to sixteen at 200. */
    @ParameterizedTest
    @CsvSource({"230,9.5,12.5", "200,12,16"})
    void aPortionTakesWhatItTakesAnywhere(double dialC, double from, double to) {
        assertThat(minutesTo57(0.0254, dialC)).isBetween(from, to);
    }

    @Test
    void thickerTakesLongerAndHotterIsSooner() {
        assertThat(minutesTo57(0.03, 220)).isGreaterThan(minutesTo57(0.022, 220) * 1.2);
        assertThat(minutesTo57(0.025, 240)).isLessThan(minutesTo57(0.025, 180) * 0.85);
    }

    /** A thermostat goes up and down about what its dial means to it, and an opened door is made good within minutes. */
    @Test
    void anOvenSwingsAboutItsOwnMeaning() {
        HiddenOven.Makes makes = new HiddenOven.Makes(12, 0.1, 8, 0.18, 3000, 15e3, 11, 10, 0, 0, 2300);
        HiddenOven oven = new HiddenOven(makes, 220, 0.3);
        double least = 1e9;
        double most = 0;
        double sum = 0;
        int counted = 0;
        for (int second = 0; second < 5400; second++) {
            oven.passes(1, 0, second < 30);
            if (second == 30) {
                assertThat(oven.airC()).isLessThan(180);
            }
            if (second > 600) {
                least = Math.min(least, oven.airC());
                most = Math.max(most, oven.airC());
                sum += oven.airC();
                counted++;
            }
        }
        assertThat(makes.meansC(220)).isEqualTo(234);
        assertThat(sum / counted).isCloseTo(234, within(2.0));
        assertThat(least).isCloseTo(226, within(2.0));
        assertThat(most).isCloseTo(242, within(2.0));
    }

    /** Every way comes to an end, and is not the model's own answer. */
    @ParameterizedTest
    @EnumSource(Way.class)
    void everyWayIsItsOwnWorld(Way way) {
        Held held = Held.of(way, HiddenBake.of(way, new Draw(4)), 4);
        assertThat(held).isNotNull();
        assertThat(held.readyMin()).isBetween(3.0, 150.0);
        assertThat(Math.abs(held.off(held.before()))).isBetween(1e-4, 1.0);
        assertThat(held.probed().widthMin()).isLessThan(held.before().widthMin() * 1.2);
    }

    @Test
    void theSameSeedIsTheSameBake() {
        HiddenBake bake = HiddenBake.of(Way.TOPPED, new Draw(7));
        assertThat(HiddenBake.of(Way.TOPPED, new Draw(7)).piece()).isEqualTo(bake.piece());
        assertThat(Baked.of(HiddenBake.of(Way.TOPPED, new Draw(7)), 57).readyMin())
                .isEqualTo(Baked.of(bake, 57).readyMin());
        assertThat(HiddenBake.of(Way.TOPPED, new Draw(8)).piece()).isNotEqualTo(bake.piece());
    }

    /** One bake in twelve is tapped out only when somebody thinks of it. */
    @Test
    void nowAndThenItIsForgottenToTap() {
        Cook cook = new Cook(House.PLAIN, new Draw(3));
        double[] late = DoubleStream.generate(cook::tapsLateMin)
                .limit(12_000)
                .filter(minutes -> minutes > 0)
                .toArray();
        assertThat(late.length).isBetween(900, 1100);
        assertThat(Arrays.stream(late).min().orElseThrow()).isGreaterThanOrEqualTo(2);
        assertThat(Arrays.stream(late).max().orElseThrow()).isLessThanOrEqualTo(8);
    }
}
