package olla.core.plan;

import java.util.Optional;
import olla.core.messages.Message;

/**
 * The next thing that hands do to a dish in the oven, other than to take it out: whoever looks and shuts the door again is
 * told how long until then.
 *
 * @param minute when, since the first thing went in
 * @param say what
 */
public record NextHand(double minute, Message say) {

    /** What is said when the grill has to be on. */
    static final Message GRILL = Message.of("hand.grill");

    /** The next thing after a minute; empty where it only has to come out. */
    public static Optional<NextHand> after(BakeFacts facts, double minute) {
        double tail = facts.programme().tailMinutes();
        double grill = facts.window().likelyMin() - tail;
        Optional<NextHand> step = HandStep.of(facts).stream()
                .filter(s -> s.minute() > minute && s.minute() <= grill + 1e-9)
                .filter(s -> !facts.stepsDone().containsKey(s.index()))
                .map(s -> new NextHand(s.minute(), s.say()))
                .findFirst();
        if (step.isPresent() || tail == 0 || grilling(facts)) {
            return step;
        }
        return Optional.of(new NextHand(grill, GRILL));
    }

    private static boolean grilling(BakeFacts facts) {
        return facts.stepsDone().keySet().stream().anyMatch(facts.programme()::isGrill);
    }
}
