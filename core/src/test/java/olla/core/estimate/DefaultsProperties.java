package olla.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.ShrinkingMode;
import net.jqwik.api.Tuple;
import net.jqwik.api.constraints.DoubleRange;
import olla.core.doneness.Doneness;
import olla.core.dress.Bed;
import olla.core.dress.Coat;
import olla.core.dress.Dress;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.dress.Topping;
import olla.core.dress.UsualProgramme;
import olla.core.dress.Vegetable;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Orientation;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.messages.RefusedInput;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenKind;
import olla.core.uncertainty.OvenCalibration;

/** Where only the thickness was said, thicker is never quicker, whatever else is taken for granted. */
class DefaultsProperties {

    private static final List<Dress> DRESSES = List.of(
            Dress.open(),
            Dress.under(new Topping(Mix.CRUMB, Topping.When.BEFORE, Topping.USUAL_DEPTH_MM)),
            Dress.in(new Coat(Coat.USUAL_MM)),
            Dress.in(new Parcel(Sheet.PARCHMENT)),
            Dress.in(new Parcel(Sheet.FOIL)),
            Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)),
            Dress.onto(new Bed(List.of(Vegetable.POTATO), 20)));

    /* What coarse elements and a minute solved to half a second leave undecided, minutes. */
    private static final double UNDECIDED_MIN = 0.03;

    /* A filling also leads heat across to the side that is heated less, which air does not: its coldest place may gain by so
    little of the time. */
    private static final double LED_ACROSS = 0.01;

    /* So much thicker, the share of it that the minutes grow by at the least. */
    private static final double THICKER_MM = 2.5;

    private record Case(Cut cut, Dress dress) {}

    @Provide
    Arbitrary<Case> cases() {
        return Arbitraries.of(Cut.values())
                .flatMap(cut -> Arbitraries.of(DRESSES).map(dress -> Tuple.of(cut, dress)))
                .filter(t -> t.get1() == Cut.WHOLE || t.get2().salt().isEmpty())
                .map(t -> new Case(t.get1(), t.get2()));
    }

    private static double minutes(Cut cut, Dress dress, double thicknessMm) {
        OptionalDouble none = OptionalDouble.empty();
        return minutes(
                Piece.from(Species.COD, cut, OptionalDouble.of(thicknessMm), none, none, none, none, false), dress);
    }

    private static double minutes(Piece piece, Dress dress) {
        return Estimator.minutesTo(
                        piece,
                        dress,
                        OvenKind.STILL,
                        OvenCalibration.UNCHECKED,
                        OvenEvents.NONE,
                        UsualProgramme.programme(dress, 200, dress.usualRestMinutes()),
                        Doneness.FLAKES.peakC())
                .orElse(Double.POSITIVE_INFINITY);
    }

    @Property(tries = 60, shrinking = ShrinkingMode.OFF)
    void thickerIsNeverQuickerWithAllElseUnsaid(
            @ForAll("cases") Case tried, @ForAll @DoubleRange(min = 0, max = 1) double along) {
        double least = tried.cut().leastThicknessMm();
        double most = Math.min(tried.cut().mostThicknessMm(), 110) - THICKER_MM;
        double thin = least + along * (most - least);
        Assume.that(exists(tried.cut(), thin) && exists(tried.cut(), thin + THICKER_MM));
        double sooner = minutes(tried.cut(), tried.dress(), thin);
        double later = minutes(tried.cut(), tried.dress(), thin + THICKER_MM);
        assertThat(later).as("%s, %s mm", tried, thin).isGreaterThanOrEqualTo(sooner - UNDECIDED_MIN);
    }

    /** What is put into a gutted belly takes heat too: it does not make the bake shorter. */
    @Property(tries = 30, shrinking = ShrinkingMode.OFF)
    void aFilledBellyIsNeverQuickerThanAnEmptyOne(
            @ForAll Species species,
            @ForAll("cases") Case tried,
            @ForAll @DoubleRange(min = 300, max = 1800) double grams) {
        double empty = whole(species, tried.dress(), grams, Filling.NONE);
        double sprigs = whole(species, tried.dress(), grams, Filling.AROMATICS);
        assertThat(sprigs).as("%s %s %s g", species, tried, grams).isGreaterThanOrEqualTo(empty * (1 - LED_ACROSS));
    }

    private static double whole(Species species, Dress dress, double grams, Filling filling) {
        OptionalDouble none = OptionalDouble.empty();
        Piece fish = Piece.from(species, Cut.WHOLE, none, OptionalDouble.of(grams), none, none, none, false);
        Assume.that(fish.thicknessMm() >= 20);
        return minutes(fish.set(Orientation.LYING, filling), dress);
    }

    /** The widths and masses that are taken for granted have no step in them. */
    @Property(tries = 300)
    void whatIsTakenForGrantedChangesSmoothly(@ForAll Cut cut, @ForAll @DoubleRange(min = 0, max = 1) double along) {
        double least = cut.leastThicknessMm() + 0.5;
        double thick = least + along * (cut.mostThicknessMm() * 0.7 - least);
        Assume.that(exists(cut, thick - 0.1) && exists(cut, thick + 0.1));
        double before = width(cut, thick - 0.1);
        double here = width(cut, thick);
        double after = width(cut, thick + 0.1);
        assertThat(here).isGreaterThanOrEqualTo(before);
        assertThat(Math.abs(after - 2 * here + before)).as("%s %s", cut, thick).isLessThan(0.01);
    }

    private static boolean exists(Cut cut, double thicknessMm) {
        try {
            width(cut, thicknessMm);
            return true;
        } catch (RefusedInput nobodySellsIt) {
            return false;
        }
    }

    private static double width(Cut cut, double thicknessMm) {
        OptionalDouble none = OptionalDouble.empty();
        return Piece.from(Species.COD, cut, OptionalDouble.of(thicknessMm), none, none, none, none, false)
                .widthMm();
    }
}
