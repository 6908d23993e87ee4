package olla.standin.evenings;

import olla.core.evening.FishDish;
import olla.core.oven.OvenEvents;
import olla.core.oven.Programme;
import olla.core.oven.Shelf;
import olla.practice.kitchen.Setting;
import olla.practice.kitchen.TrueBake;

/** A fish as it really goes through its bake. Minutes are the evening's. Mutable. */
final class HiddenDish {

    /* It takes no longer than so much of what it was thought to. */
    private static final double LONGER = 1.5;

    private final FishDish said;
    private final long fish;
    private final HiddenOven oven;
    private final Programme programme;
    private final double likelyMin;
    private final double inMin;
    private final Load piece;
    private OvenEvents known = OvenEvents.NONE;
    private TrueBake bake;
    private double outMin = Double.NaN;

    /**
     * @param fish by what it is drawn as it really is
     * @param likelyMin what it was thought to take: its stages follow that
     */
    HiddenDish(FishDish said, long fish, HiddenOven oven, Programme programme, double likelyMin, double inMin) {
        this.said = said;
        this.fish = fish;
        this.oven = oven;
        this.programme = programme;
        this.likelyMin = likelyMin;
        this.inMin = inMin;
        piece = onePiece();
        oven.goesIn(piece.times(said.pieces()));
    }

    /* What one takes of an oven that it has for itself: by how much others cool it changes that little. */
    private Load onePiece() {
        TrueBake alone = new TrueBake(stated(), oven.truly(), oven.since(inMin, inMin), likelyMin, fish);
        double[] watts = new double[(int) Math.ceil(LONGER * likelyMin)];
        for (int minute = 0; minute < watts.length; minute++) {
            alone.goOn(minute + 0.5);
            watts[minute] = alone.takesW();
        }
        return new Load(said.key(), inMin, watts);
    }

    private Setting.Stated stated() {
        return new Setting.Stated(said.piece(), said.dress(), oven.said().kind(), Shelf.MIDDLE, programme);
    }

    void takeOut(double now) {
        at(now);
        outMin = now;
        oven.comesOut(said.key(), now);
        bake.takeOut();
    }

    /* Run anew where a door was opened since. */
    private TrueBake at(double now) {
        if (!Double.isNaN(outMin)) {
            bake.goOn(now - inMin);
            return bake;
        }
        OvenEvents events = oven.since(inMin, now);
        if (bake == null || !events.equals(known)) {
            known = events;
            bake = new TrueBake(stated(), oven.truly(), events, this::besideW, likelyMin, fish);
        }
        bake.goOn(now - inMin);
        return bake;
    }

    /* What all else in its oven takes, its own other pieces among it, W. */
    private double besideW(double minute) {
        double now = inMin + minute;
        return oven.besideW(said.key(), now) + (said.pieces() - 1) * piece.at(now);
    }

    /** What a tip meets that lies so far from the coldest point towards the face, °C. */
    double tipC(double now, double towardsFace) {
        TrueBake then = at(now);
        return then.coldestC() + towardsFace * (then.faceC() - then.coldestC());
    }

    /** The warmest that its coldest point has been by then, °C. */
    double peakC(double now) {
        return at(now).peakC();
    }
}
