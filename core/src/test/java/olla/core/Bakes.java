package olla.core;

import java.util.OptionalDouble;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.estimate.Estimate;
import olla.core.estimate.Estimator;
import olla.core.fish.Cut;
import olla.core.fish.MeasuredBy;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.simulation.BakeModel;
import olla.core.simulation.BakeRun;
import olla.core.simulation.Unknowns;
import olla.core.uncertainty.OvenCalibration;

/** Builds bakes for tests: a hake portion on an open tray in a still oven at 230 °C unless told otherwise. */
public final class Bakes {

    private Species species = Species.HAKE;
    private Cut cut = Cut.PORTION;
    private double thicknessMm = 25;
    private double widthMm = 80;
    private double lengthMm = 120;
    private double massG = 200;
    private double startC = 8;
    private boolean frozen;
    private Dress dress = Dress.open();
    private OvenKind kind = OvenKind.STILL;
    private double tempC = 230;
    private OptionalDouble minutes = OptionalDouble.empty();
    private double restMinutes = 4;

    public static Bakes hake() {
        return new Bakes();
    }

    public Bakes of(Species other, Cut how) {
        species = other;
        cut = how;
        return this;
    }

    public Bakes thick(double mm) {
        thicknessMm = mm;
        return this;
    }

    public Bakes sides(double width, double length, double grams) {
        widthMm = width;
        lengthMm = length;
        massG = grams;
        return this;
    }

    public Bakes from(double celsius) {
        startC = celsius;
        return this;
    }

    public Bakes frozen() {
        frozen = true;
        startC = Piece.FROZEN_START_C;
        return this;
    }

    public Bakes in(Dress other) {
        dress = other;
        return this;
    }

    public Bakes oven(OvenKind other, double celsius) {
        kind = other;
        tempC = celsius;
        return this;
    }

    public Bakes given(double bakeMinutes) {
        minutes = OptionalDouble.of(bakeMinutes);
        return this;
    }

    public Bakes rest(double minutesOut) {
        restMinutes = minutesOut;
        return this;
    }

    public Piece piece() {
        return new Piece(species, cut, MeasuredBy.RULER, thicknessMm, widthMm, lengthMm, massG, startC, frozen);
    }

    public Estimate to(Doneness target) {
        return Estimator.estimate(
                piece(), dress, kind, OvenCalibration.UNCHECKED, new Programme(tempC, minutes, restMinutes), target);
    }

    /** Minutes until the coldest point peaks at a temperature of the test's own choosing. */
    public double minutesTo(double peakC) {
        BakeModel model =
                new BakeModel(piece(), dress, OvenModel.trusted(kind), Unknowns.NONE, BakeModel.Fineness.FINE);
        return new BakeRun(model, new Programme(tempC, minutes, restMinutes))
                .minutesFor(peakC)
                .orElseThrow();
    }
}
