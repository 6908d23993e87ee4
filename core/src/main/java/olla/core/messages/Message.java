package olla.core.messages;

import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Something to be said, as the key of a sentence in the catalogue and what stands in it. No sentence is written in the
 * code; whoever shows it takes the sentence of the reader's language and writes the amounts in the reader's units.
 *
 * @param key of the catalogue, for instance {@code caution.parasites}; empty where nothing is said
 * @param values by the name they have in the sentence: a {@link Quantity}, a number, a truth, another message, an enum's
 *     constant (said as {@link #word(Enum)}), a text that somebody typed, or a list of these
 */
public record Message(String key, Map<String, Object> values) {

    /** Nothing at all. */
    public static final Message NOTHING = new Message("", Map.of());

    /** Key of what somebody typed, which stands as it is. */
    public static final String TYPED = "typed";

    /** Key of several messages, one behind the other. */
    public static final String SENTENCES = "sentences";

    /** Key of several words, parted as a list is. */
    public static final String LIST = "list";

    /** Key of a message that opens a sentence and has no capital of its own. */
    public static final String OPENING = "opening";

    /** Name of the only value of what is typed, opens, or is strung together. */
    public static final String VALUE = "value";

    /** Takes over a copy of the values, in their order. */
    public Message {
        values = Collections.unmodifiableMap(new LinkedHashMap<>(values));
    }

    /**
     * A message.
     *
     * @param namesAndValues a name and its value, in turn
     * @throws IllegalArgumentException where a name or a value is missing
     */
    public static Message of(String key, Object... namesAndValues) {
        if (namesAndValues.length % 2 != 0) {
            throw new IllegalArgumentException(key + " has a name without a value: " + Arrays.toString(namesAndValues));
        }
        Map<String, Object> values = new LinkedHashMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            values.put((String) namesAndValues[i], namesAndValues[i + 1]);
        }
        return new Message(key, values);
    }

    /** The word for a constant: its type's name with a small first letter, a dot, its own name. */
    public static Message word(Enum<?> constant) {
        String type = constant.getDeclaringClass().getSimpleName();
        return of(Character.toLowerCase(type.charAt(0)) + type.substring(1) + "." + constant.name());
    }

    /** Constants as they are spelled on the wire, for a refusal of what is none of them. */
    public static List<String> codes(Enum<?>... constants) {
        return Arrays.stream(constants).map(Enum::name).toList();
    }

    /** What somebody typed, in whatever language they did. */
    public static Message typed(String text) {
        return of(TYPED, VALUE, text);
    }

    /** One behind the other; what says nothing is left out. */
    public static Message sentences(Message... all) {
        List<Message> said = Arrays.stream(all).filter(m -> !m.nothing()).toList();
        return said.isEmpty() ? NOTHING : said.size() == 1 ? said.get(0) : of(SENTENCES, VALUE, said);
    }

    /** The same with a capital, where it opens a sentence. */
    public Message opening() {
        return of(OPENING, VALUE, this);
    }

    /** Another form of the same, whose key is this one's, a dot and the form. */
    public Message form(String form) {
        return new Message(key + "." + form, values);
    }

    /** Whether nothing is said. */
    public boolean nothing() {
        return key.isEmpty();
    }

    /** The key and the values: for logs and tests. */
    @Override
    public String toString() {
        return values.isEmpty() ? key : key + values;
    }
}
