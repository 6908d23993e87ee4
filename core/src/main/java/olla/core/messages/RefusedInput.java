package olla.core.messages;

import java.util.List;
import java.util.stream.Collectors;

/** Thrown by constructors that were handed nonsense; carries a line for each field that is wrong. */
public final class RefusedInput extends IllegalArgumentException {

    private final transient List<Refusal> refusals;

    /** @param refusals at least one */
    public RefusedInput(List<Refusal> refusals) {
        super(refusals.stream().map(r -> r.field() + ": " + r.message()).collect(Collectors.joining("; ")));
        this.refusals = List.copyOf(refusals);
    }

    /** What is wrong, in the order it was found. */
    public List<Refusal> refusals() {
        return refusals;
    }
}
