package olla.core.units;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;

/** Collects everything wrong with an input, so that a cook hears it all at once and not one field at a time. */
public final class Refusals {

    private final List<Refusal> found = new ArrayList<>();

    /**
     * Notes a value outside its range (NaN and infinities are outside every range).
     *
     * @param what the value's name in a sentence, for instance "A thickness"
     * @param unit the unit's sign, for instance "mm"
     */
    public Refusals range(String field, String what, double value, double least, double most, String unit) {
        if (!(value >= least && value <= most)) {
            add(
                    field,
                    String.format(
                            Locale.ROOT,
                            most == Double.MAX_VALUE
                                    ? "%s of %s is out of range; it is at least %s."
                                    : "%s of %s is out of range; it can be %s to %s.",
                            what,
                            Said.in(value, unit),
                            Said.in(least, unit),
                            Said.in(most, unit)));
        }
        return this;
    }

    /** Notes a refusal in words of the caller's own. */
    public Refusals add(String field, String message) {
        found.add(new Refusal(field, message));
        return this;
    }

    /** Notes a field that has to be there and is not. */
    public Refusals missing(String field, String message) {
        return add(field, message);
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

    /** A number as a cook would write it: no trailing zeros, at most two decimals. */
    public static String plain(double value) {
        if (Double.isNaN(value) || Double.isInfinite(value)) {
            return "no number";
        }
        String text = String.format(Locale.ROOT, "%.2f", value);
        return text.replaceAll("0+$", "").replaceAll("\\.$", "");
    }
}
