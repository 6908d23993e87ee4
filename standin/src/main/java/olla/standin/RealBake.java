package olla.standin;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.practice.kitchen.Setting;
import olla.practice.kitchen.TrueBake;
import olla.practice.kitchen.TrueOven;
import olla.server.bakes.BakeView;
import olla.server.bakes.BakeView.TapView;
import olla.server.bakes.rows.TapKind;
import olla.server.query.Question;

/** A bake as it really goes: the fish that is in the oven, which is a little other than was said. */
final class RealBake {

    private final Truth.OvenTruth oven;
    private BakeView view;
    private TrueBake bake;
    private List<OvenEvent> events;
    private boolean out;

    RealBake(BakeView view, Truth.OvenTruth oven) {
        this.view = view;
        this.oven = oven;
        begin();
    }

    UUID id() {
        return view.id();
    }

    BakeView view() {
        return view;
    }

    /** Takes over what the kitchen has said since: what happened to the oven, and whether it is out. */
    void follow(BakeView now) {
        boolean anew = !now.startedAt().equals(view.startedAt())
                || !happened(now).equals(events)
                || out && now.outAt() == null;
        view = now;
        if (anew) {
            begin();
        }
    }

    private void begin() {
        Question question = Question.of(view.card().question());
        events = happened(view);
        out = false;
        bake = new TrueBake(
                new Setting.Stated(
                        question.piece(), question.dress(), view.ovenKind(), question.shelf(), question.programme()),
                new TrueOven(
                        oven.offsetC(),
                        oven.filmFactor(),
                        oven.swingC(),
                        oven.name().hashCode()),
                new OvenEvents(events),
                view.likelyMin(),
                view.id().getLeastSignificantBits());
    }

    private static List<OvenEvent> happened(BakeView view) {
        List<OvenEvent> events = new ArrayList<>();
        double outMin = Double.NaN;
        List<TapView> inOrder = new ArrayList<>(view.taps());
        Collections.reverse(inOrder);
        for (TapView tap : inOrder) {
            double minute = Math.max(0, minute(view, tap.at()));
            if (tap.kind() == TapKind.DOOR) {
                events.add(new OvenEvent.DoorOpened(minute, tap.number()));
            } else if (tap.kind() == TapKind.DIAL) {
                events.add(new OvenEvent.DialTurned(minute, tap.celsius()));
            } else if (tap.kind() == TapKind.NOT_HOT) {
                events.add(new OvenEvent.NotHot(tap.celsius()));
            } else if (tap.kind() == TapKind.OUT && Double.isNaN(outMin)) {
                outMin = minute;
            } else if (tap.kind() == TapKind.BACK && !Double.isNaN(outMin)) {
                events.add(new OvenEvent.Outside(outMin, minute));
                outMin = Double.NaN;
            }
        }
        return events;
    }

    private static double minute(BakeView view, Instant at) {
        return Duration.between(view.startedAt(), at).toMillis() / 60_000.0;
    }

    /** Minutes since it went in. */
    double minute(Instant at) {
        return minute(view, at);
    }

    /** Lets it go on to a moment. */
    void goOn(Instant at) {
        if (view.held()) {
            return;
        }
        if (view.outAt() != null && !out && !at.isBefore(view.outAt())) {
            bake.goOn(minute(view.outAt()));
            bake.takeOut();
            out = true;
        }
        bake.goOn(Math.max(0, minute(at)));
    }

    /** What a tip meets that lies so far from the coldest point towards the face, °C. */
    double tipC(double towardsFace) {
        return bake.coldestC() + towardsFace * (bake.faceC() - bake.coldestC());
    }

    /** The oven's air, °C. */
    double airC() {
        return bake.airC();
    }

    /** Whether it is in the oven. */
    boolean inside() {
        return !out && !view.held();
    }
}
