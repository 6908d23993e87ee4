package olla.core.messages;

/**
 * One thing wrong with what was given, so that a cook can mend it.
 *
 * @param field the field as the caller names it, for instance {@code thicknessMm}; dots lead inwards
 * @param message the value, what is wrong with it and the range that would do
 */
public record Refusal(String field, Message message) {

    /** The same refusal seen from one level further out. */
    public Refusal within(String outer) {
        return new Refusal(field.isEmpty() ? outer : outer + "." + field, message);
    }
}
