package olla.standin.evenings;

import olla.core.evening.FishDish;
import olla.core.oven.OvenEvents;
import olla.core.oven.Programme;
import olla.core.simulation.BakeSimulation;
import olla.core.simulation.Unknowns;

/** A fish as it really goes through its bake. Minutes are the evening's. Mutable. */
final class HiddenDish {

    private final FishDish said;
    private final Unknowns fish;
    private final HiddenOven oven;
    private final Programme programme;
    private final double likelyMin;
    private final double inMin;
    private OvenEvents known = OvenEvents.NONE;
    private BakeSimulation simulation;
    private double outMin = Double.NaN;

    /** @param likelyMin what it was thought to take: its stages follow that */
    HiddenDish(FishDish said, Unknowns fish, HiddenOven oven, Programme programme, double likelyMin, double inMin) {
        this.said = said;
        this.fish = fish;
        this.oven = oven;
        this.programme = programme;
        this.likelyMin = likelyMin;
        this.inMin = inMin;
    }

    void takeOut(double now) {
        at(now);
        outMin = now;
        simulation.takeOut();
    }

    /* Run anew where a door was opened since. */
    private BakeSimulation at(double now) {
        if (!Double.isNaN(outMin)) {
            simulation.goOn(now - inMin);
            return simulation;
        }
        OvenEvents events = oven.since(inMin, now);
        if (simulation == null || !events.equals(known)) {
            known = events;
            simulation =
                    new BakeSimulation(said.piece(), said.dress(), oven.model(), events, programme, fish, likelyMin);
        }
        simulation.goOn(now - inMin);
        return simulation;
    }

    /** What a tip meets that lies so far from the coldest point towards the face, °C. */
    double tipC(double now, double towardsFace) {
        BakeSimulation then = at(now);
        return then.coldestC() + towardsFace * (then.faceC() - then.coldestC());
    }

    /** The warmest that its coldest point has been by then, °C. */
    double peakC(double now) {
        return at(now).peakC();
    }
}
