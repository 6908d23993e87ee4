package olla.server.messages;

import com.ibm.icu.text.CaseMap;
import com.ibm.icu.text.MessageFormat;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.units.Amount;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.i18n.LocaleContextHolder;

/**
 * The sentences of one language, with amounts in one set of units. What the catalogue lacks is said in English, and what
 * that lacks by its key: an answer never fails for want of a word.
 */
public final class Sentences {

    private static final Logger LOG = LoggerFactory.getLogger(Sentences.class);
    private static final Languages LANGUAGES = Languages.shipped();
    private static final Map<String, String> ENGLISH = LANGUAGES.of(Locale.ENGLISH);
    private static final Map<Locale, Sentences> SPOKEN = new ConcurrentHashMap<>();

    /* A value's constant beside its word, for sentences that turn on which it is. */
    private static final String CODE = "Code";

    private static final CaseMap.Title OPENS = CaseMap.toTitle().wholeString().noLowercase();

    private final Locale language;
    private final Map<String, String> own;
    private final Map<String, MessageFormat> formats = new ConcurrentHashMap<>();
    private final Amounts amounts;

    private Sentences(Locale asked) {
        this.language = asked.stripExtensions();
        this.own = LANGUAGES.of(language);
        this.amounts = new Amounts(Units.of(asked), this);
    }

    /**
     * Those for what was asked.
     *
     * @param asked a language, and the units as its measurement system
     */
    public static Sentences in(Locale asked) {
        Sentences there = SPOKEN.get(asked);
        if (there != null) {
            return there;
        }
        Units units = Units.of(asked);
        return in(List.of(new Locale.LanguageRange(asked.stripExtensions().toLanguageTag())), units);
    }

    /** Those for the languages that were asked for, the dearest first. */
    static Sentences in(List<Locale.LanguageRange> wanted, Units units) {
        return SPOKEN.computeIfAbsent(units.in(LANGUAGES.best(wanted)), Sentences::new);
    }

    /** Those for whoever is being answered on this thread. */
    public static Sentences here() {
        return in(LocaleContextHolder.getLocale());
    }

    /** The language, with the units as its measurement system. */
    Locale locale() {
        return amounts.units().in(language);
    }

    /** A message as it is said; empty where it is nothing. */
    public String say(Message message) {
        if (message.nothing()) {
            return "";
        }
        Object value = message.values().get(Message.VALUE);
        return switch (message.key()) {
            case Message.TYPED -> String.valueOf(value);
            case Message.OPENING -> OPENS.apply(language, null, word(value));
            case Message.SENTENCES -> joined((List<?>) value, " ");
            case Message.LIST -> word(value);
            default -> say(message.key(), message.values());
        };
    }

    /** An amount as it is said: "57 °C", "135 °F", "1⅛ in", never parted by a line's end. */
    public String say(Quantity quantity) {
        return amounts.say(quantity);
    }

    /** How much of something, as it is weighed or spooned; without what it is. */
    public String say(Amount amount) {
        return amounts.say(amount);
    }

    String say(String key, Map<String, ?> values) {
        String pattern = pattern(key);
        if (pattern.indexOf('{') < 0) {
            return pattern;
        }
        Map<String, Object> said = new HashMap<>();
        values.forEach((name, value) -> {
            said.put(name, value instanceof Number ? value : word(value));
            if (value instanceof Enum<?> constant) {
                said.put(name + CODE, constant.name());
            }
        });
        MessageFormat format = formats.computeIfAbsent(key, k -> new MessageFormat(pattern, language));
        // A format is not for two threads at once.
        synchronized (format) {
            return format.format(said);
        }
    }

    private String pattern(String key) {
        String there = own.getOrDefault(key, ENGLISH.get(key));
        if (there == null) {
            LOG.warn("The catalogue has no sentence for {}.", key);
            return key;
        }
        return there;
    }

    private String word(Object value) {
        if (value instanceof Message message) {
            return say(message);
        }
        if (value instanceof Quantity quantity) {
            return say(quantity);
        }
        if (value instanceof Enum<?> constant) {
            return say(Message.word(constant));
        }
        return value instanceof List<?> all ? joined(all, pattern("list.separator")) : String.valueOf(value);
    }

    private String joined(List<?> all, String between) {
        return all.stream().map(this::word).collect(Collectors.joining(between));
    }
}
