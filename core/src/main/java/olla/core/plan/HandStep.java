package olla.core.plan;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import olla.core.dress.Side;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.oven.Programme;
import olla.core.oven.Stage;

/**
 * Something to be done by hand while a dish is in the oven.
 *
 * @param index its place in the programme
 * @param minute when, since the first thing went in
 * @param say what
 * @param hint how
 */
public record HandStep(int index, double minute, Message say, Message hint) {

    private static final Message QUICK = Message.of("hand.quick");

    /** The steps of a bake on the clock; what is open of it is stretched to when it is likely done. */
    public static List<HandStep> of(BakeFacts facts) {
        Programme open = facts.programme().opened();
        double likelyMin = facts.window().likelyMin();
        List<Stage> stages =
                open.closed(Math.max(0, likelyMin - open.fixedMinutes())).stages();
        Iterator<Double> starts = facts.dress().sideStarts().iterator();
        int tail = lastBake(stages);
        List<HandStep> steps = new ArrayList<>();
        double at = 0;
        double dial = Double.NaN;
        for (int i = 0; i < stages.size(); i++) {
            Stage stage = stages.get(i);
            if (stage instanceof Stage.Add add) {
                Message how = add.what() == Stage.What.SIDES && starts.hasNext()
                        ? beside(facts.dress().sidesFrom(starts.next()))
                        : how(add.what());
                steps.add(added(i, at, add, how, heat(stages, i, dial)));
            } else if (stage instanceof Stage.Uncover) {
                steps.add(new HandStep(
                        i,
                        at,
                        Message.of("hand.uncover"),
                        Message.sentences(words(stage), Message.of("hand.uncover.how"), waited(stages, i), QUICK)));
            } else if (stage instanceof Stage.Hob hob) {
                at += hob.minutes();
            } else if (stage instanceof Stage.Turn) {
                steps.add(new HandStep(i, at, Message.of("hand.turn"), Message.sentences(words(stage), QUICK)));
            } else if (stage instanceof Stage.Bake bake) {
                boolean toldAlready = i > 0 && stages.get(i - 1) instanceof Stage.Add;
                if (i > 0 && stages.get(i - 1) instanceof Stage.Hob) {
                    steps.add(new HandStep(
                            i,
                            at,
                            Message.of("hand.into-the-oven"),
                            Message.sentences(
                                    words(stage),
                                    Message.of("hand.into-the-oven.how", "dial", Quantity.dial(bake.tempC())))));
                } else if (!Double.isNaN(dial) && bake.tempC() != dial && !toldAlready) {
                    steps.add(new HandStep(
                            i,
                            at,
                            Message.of("hand.dial", "dial", Quantity.dial(bake.tempC())),
                            Message.sentences(words(stage), Message.of("hand.leave-shut"))));
                }
                dial = bake.tempC();
                at += bake.minutes().orElseThrow();
            } else if (stage instanceof Stage.Grill grill) {
                if (i < tail) {
                    steps.add(new HandStep(
                            i, at, NextHand.GRILL, Message.sentences(words(stage), Message.of("hand.grill.how"))));
                }
                at += grill.minutes();
            }
        }
        return steps;
    }

    /** What the cook says of a stage. */
    static Message words(Stage stage) {
        return stage.note().isEmpty() ? Message.NOTHING : Message.typed(stage.note());
    }

    private static int lastBake(List<Stage> stages) {
        int last = stages.size() - 1;
        while (!(stages.get(last) instanceof Stage.Bake)) {
            last--;
        }
        return last;
    }

    /* A topping needs no telling how. */
    private static Message how(Stage.What what) {
        return what == Stage.What.TOPPING ? Message.NOTHING : Message.word(what).form("how");
    }

    /* Which sides, and what is splashed on them. */
    private static Message beside(List<Side> sides) {
        List<Message> names = sides.stream().map(s -> Message.word(s.of())).toList();
        return Message.of(
                "hand.beside",
                "sides",
                Message.of(Message.LIST, Message.VALUE, names).opening(),
                "splash",
                sides.stream().anyMatch(s -> s.waterMl() > 0));
    }

    private static HandStep added(int index, double minute, Stage.Add add, Message how, Message heat) {
        // What the cook says of it comes first.
        Message hint = Message.sentences(words(add), how, heat, QUICK);
        return new HandStep(index, minute, Message.word(add.what()).form("say"), hint);
    }

    /* How warm the middle is by then, where that was waited for. */
    private static Message waited(List<Stage> stages, int index) {
        if (index == 0
                || !(stages.get(index - 1) instanceof Stage.Bake bake)
                || bake.untilC().isEmpty()) {
            return Message.NOTHING;
        }
        return Message.of(
                "hand.at-middle", "celsius", Quantity.celsius(bake.untilC().getAsDouble()));
    }

    /* How warm it is by then, the dial where it is turned, and what the cook says of the heat that follows. */
    private static Message heat(List<Stage> stages, int index, double dial) {
        Stage next = stages.get(index + 1);
        return Message.sentences(
                waited(stages, index),
                raised(stages, index, dial),
                next instanceof Stage.Bake ? words(next) : Message.NOTHING);
    }

    /* The dial, where it is turned with what goes on. */
    private static Message raised(List<Stage> stages, int index, double dial) {
        return stages.get(index + 1) instanceof Stage.Bake bake && bake.tempC() != dial
                ? Message.of("hand.then-dial", "dial", Quantity.dial(bake.tempC()))
                : Message.NOTHING;
    }
}
