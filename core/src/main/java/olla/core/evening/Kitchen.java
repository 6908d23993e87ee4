package olla.core.evening;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.uncertainty.OvenEvidence;

/**
 * What there is to cook with.
 *
 * @param ovens at most 6
 * @param burners on the hob, 0 to 12
 * @param hands 1 to 8
 */
public record Kitchen(List<EveningOven> ovens, int burners, List<Hands> hands) {

    /** More ovens are not planned for at once. */
    public static final int MOST_OVENS = 6;

    /** More burners has no hob of a house (common practice, no source). */
    public static final int MOST_BURNERS = 12;

    /** As many where nobody said (common practice, no source). */
    public static final int USUAL_BURNERS = 4;

    /** More hands are not planned for at once. */
    public static final int MOST_HANDS = 8;

    /** @throws olla.core.messages.RefusedInput where there is too much of something, or nobody */
    public Kitchen {
        ovens = List.copyOf(ovens);
        hands = List.copyOf(hands);
        new Refusals()
                .range("ovens", "number-of-ovens", ovens.size(), 0, MOST_OVENS, Unit.NUMBER)
                .range("burners", "number-of-burners", burners, 0, MOST_BURNERS, Unit.NUMBER)
                .range("hands", "number-of-hands", hands.size(), 1, MOST_HANDS, Unit.NUMBER)
                .throwIfAny();
    }

    /** How many pairs of hands are there then. */
    public int handsAt(double minute) {
        return (int) hands.stream().filter(h -> h.there(minute)).count();
    }

    /**
     * The same with its ovens as they were found tonight.
     *
     * @param evidence by key of an oven
     */
    public Kitchen told(Map<String, OvenEvidence> evidence) {
        return new Kitchen(
                ovens.stream()
                        .map(o -> evidence.containsKey(o.key()) ? o.told(evidence.get(o.key())) : o)
                        .toList(),
                burners,
                hands);
    }

    /** The same with another pair of hands, there all evening. */
    public Kitchen withMoreHands() {
        List<Hands> more = new ArrayList<>(hands);
        more.add(Hands.always("+"));
        return new Kitchen(ovens, burners, more);
    }

    /** The same with one more shelf in the oven of an index. */
    public Kitchen withMoreShelves(int oven) {
        return new Kitchen(
                IntStream.range(0, ovens.size())
                        .mapToObj(i -> i == oven
                                ? ovens.get(i)
                                        .with(Math.min(
                                                EveningOven.MOST_SHELVES,
                                                ovens.get(i).shelves() + 1))
                                : ovens.get(i))
                        .toList(),
                burners,
                hands);
    }
}
