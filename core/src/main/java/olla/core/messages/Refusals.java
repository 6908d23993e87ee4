package olla.core.messages;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/** Collects everything wrong with an input, so that a cook hears it all at once and not one field at a time. */
public final class Refusals {

    private final List<Refusal> found = new ArrayList<>();

    /**
     * Notes a value outside its range (NaN and infinities are outside every range).
     *
     * @param what the value's name in the catalogue, after {@code what.}
     * @param most the most it can be; {@link Double#MAX_VALUE} where there is no end
     */
    public Refusals range(String field, String what, double value, double least, double most, Unit unit) {
        return range(field, Message.of("what." + what), value, least, most, unit);
    }

    /**
     * Notes a value outside its range.
     *
     * @param what the value's name
     * @param most the most it can be; {@link Double#MAX_VALUE} where there is no end
     */
    public Refusals range(String field, Message what, double value, double least, double most, Unit unit) {
        if (value >= least && value <= most) {
            return this;
        }
        Quantity is = new Quantity(value, unit);
        Quantity from = new Quantity(least, unit);
        return most == Double.MAX_VALUE
                ? add(field, "refusal.too-little", "what", what, "value", is, "least", from)
                : add(
                        field,
                        "refusal.out-of-range",
                        "what",
                        what,
                        "value",
                        is,
                        "least",
                        from,
                        "most",
                        new Quantity(most, unit));
    }

    /**
     * Notes a text that is missing, too short or too long; blanks at its ends do not make it longer than nothing.
     *
     * @param what the text's name in the catalogue, after {@code what.}
     * @param least characters, 0 or more
     * @param most characters
     */
    public Refusals length(String field, String what, String text, int least, int most) {
        return text != null && text.strip().length() >= least && text.length() <= most
                ? this
                : add(field, "refusal.characters", "what", Message.of("what." + what), "least", least, "most", most);
    }

    /** Notes a refusal by its key in the catalogue, with what stands in it. */
    public Refusals add(String field, String key, Object... namesAndValues) {
        return add(field, Message.of(key, namesAndValues));
    }

    /** Notes a refusal. */
    public Refusals add(String field, Message message) {
        found.add(new Refusal(field, message));
        return this;
    }

    /**
     * Builds a part, or takes its refusals over under the name of the field that holds it.
     *
     * @return the part, or null where it was refused
     */
    public <T> T take(String outer, Supplier<T> part) {
        try {
            return part.get();
        } catch (RefusedInput refused) {
            refused.refusals().forEach(r -> found.add(r.within(outer)));
            return null;
        }
    }

    /** Whether nothing was found wrong so far. */
    public boolean none() {
        return found.isEmpty();
    }

    /** @throws RefusedInput where anything was found wrong */
    public void throwIfAny() {
        if (!found.isEmpty()) {
            throw new RefusedInput(found);
        }
    }
}
