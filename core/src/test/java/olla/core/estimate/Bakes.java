package olla.core.estimate;

import java.util.OptionalDouble;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.OpenTray;
import olla.core.fish.Cut;
import olla.core.fish.Measured;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.Oven;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;

/** Builds bakes for tests: a hake portion on an open tray in a still oven at 230 °C unless told otherwise. */
final class Bakes {

    private Species species = Species.HAKE;
    private Cut cut = Cut.PORTION;
    private double thicknessMm = 25;
    private double widthMm = 80;
    private double lengthMm = 120;
    private double massG = 200;
    private double startC = 8;
    private boolean frozen;
    private Dress dress = new OpenTray();
    private OvenKind kind = OvenKind.STILL;
    private double tempC = 230;
    private OptionalDouble minutes = OptionalDouble.empty();
    private double restMinutes = 4;

    static Bakes hake() {
        return new Bakes();
    }

    Bakes of(Species other, Cut how) {
        species = other;
        cut = how;
        return this;
    }

    Bakes thick(double mm) {
        thicknessMm = mm;
        return this;
    }

    Bakes sides(double width, double length, double grams) {
        widthMm = width;
        lengthMm = length;
        massG = grams;
        return this;
    }

    Bakes from(double celsius) {
        startC = celsius;
        return this;
    }

    Bakes frozen() {
        frozen = true;
        startC = Piece.FROZEN_START_C;
        return this;
    }

    Bakes in(Dress other) {
        dress = other;
        return this;
    }

    Bakes oven(OvenKind other, double celsius) {
        kind = other;
        tempC = celsius;
        return this;
    }

    Bakes given(double bakeMinutes) {
        minutes = OptionalDouble.of(bakeMinutes);
        return this;
    }

    Bakes rest(double minutesOut) {
        restMinutes = minutesOut;
        return this;
    }

    Piece piece() {
        return new Piece(species, cut, Measured.RULER, thicknessMm, widthMm, lengthMm, massG, startC, frozen);
    }

    Estimate to(Doneness target) {
        return Estimator.estimate(
                piece(), dress, kind, OvenTruth.UNCHECKED, new Programme(tempC, minutes, restMinutes), target);
    }

    /** Minutes until the coldest point peaks at a temperature of the test's own choosing. */
    double minutesTo(double peakC) {
        BakeModel model = new BakeModel(piece(), dress, Oven.trusted(kind), Unknowns.NONE, BakeModel.Fineness.FINE);
        return new BakeRun(model, new Programme(tempC, minutes, restMinutes))
                .minutesFor(peakC)
                .orElseThrow();
    }
}
