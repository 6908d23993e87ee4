package olla.server.people;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.server.web.Lengths;
import olla.server.web.NotNow;
import olla.server.web.NotThere;
import olla.server.web.TooMany;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who taps at screens that several hands use, and knows them by a short PIN. Whoever is taken off the list is still named where they have tapped. */
@Service
public class People {

    private static final int MOST = 100;

    /* One tap a digit, with wet hands; ten thousand are enough where five are tried and then none for a while. */
    private static final Pattern PIN = Pattern.compile("\\d{4}");

    /* Memory-hard, with the least that is thought enough (published: OWASP Password Storage Cheat Sheet, from memory: 19 MiB, twice, one lane). */
    private static final int SALT_BYTES = 16;
    private static final int HASH_BYTES = 32;
    private static final int LANES = 1;
    private static final int MEMORY_KB = 19_456;
    private static final int TIMES = 2;

    /* A name that was changed is seen everywhere after so long. */
    private static final Duration NAMED = Duration.ofMinutes(1);
    private static final int NAMES = 2000;

    private final PersonRepository people;
    private final ScreenRepository screens;
    private final Clock clock;
    private final PasswordEncoder pins = new Argon2PasswordEncoder(SALT_BYTES, HASH_BYTES, LANES, MEMORY_KB, TIMES);
    private final Cache<UUID, String> names =
            Caffeine.newBuilder().maximumSize(NAMES).expireAfterWrite(NAMED).build();

    People(PersonRepository people, ScreenRepository screens, Clock clock) {
        this.people = people;
        this.screens = screens;
        this.clock = clock;
    }

    /** Those on the list, by name. */
    @Transactional(readOnly = true)
    public List<Person> all() {
        return people.findByRemovedAtIsNullOrderByName().stream()
                .map(PersonRow::person)
                .toList();
    }

    /** Whether there is anybody to ask for. */
    boolean nobody() {
        return people.countByRemovedAtIsNull() == 0;
    }

    /**
     * Puts somebody on the list, or writes them anew.
     *
     * @throws olla.core.messages.RefusedInput where the name or PIN cannot be, somebody else is called so, or the list is full
     */
    @Transactional
    public Person write(UUID id, PersonInput input) {
        Refusals refusals = new Refusals();
        String name = input.name() == null ? "" : input.name().strip();
        refusals.length("name", "person-name", name, 1, Lengths.OVEN_NAME);
        if (input.role() == null) {
            refusals.add("role", "missing.role", "choices", Message.codes(Role.values()));
        }
        Optional<PersonRow> there = people.findById(id).filter(row -> !row.removed());
        if (there.isEmpty() && input.pin() == null
                || input.pin() != null && !PIN.matcher(input.pin()).matches()) {
            refusals.add("pin", "refusal.pin");
        }
        if (people.findByNameAndRemovedAtIsNull(name)
                .filter(other -> !other.getId().equals(id))
                .isPresent()) {
            refusals.add("name", "refusal.noted-already", "name", name);
        }
        if (there.isEmpty() && people.countByRemovedAtIsNull() >= MOST) {
            refusals.add("name", "refusal.list-full", "most", MOST);
        }
        refusals.throwIfAny();
        PersonRow row = there.orElseGet(() -> new PersonRow(id));
        row.write(name, input.role());
        if (input.pin() != null) {
            row.setPin(pins.encode(input.pin()));
        }
        names.invalidate(id);
        return people.saveAndFlush(row).person();
    }

    /** Takes somebody off the list; one that is not on it is off already. */
    @Transactional
    public void remove(UUID id) {
        people.findByIdAndRemovedAtIsNull(id).ifPresent(row -> row.remove(now()));
    }

    /** Somebody who has just said who it is, and by what it is known that their PIN is still that one. */
    record SignedIn(Person person, String pinMark) {}

    /**
     * Whether that is who they say; a wrong PIN is counted.
     *
     * @return empty where it is not, with how often it may still be tried in {@link #triesLeft}
     * @throws NotThere where nobody is on the list as that
     * @throws TooMany where nobody may try for a while
     */
    @Transactional
    public Optional<SignedIn> signIn(PinInput input) {
        Refusals refusals = new Refusals();
        if (input.person() == null) {
            refusals.add("person", "missing.person");
        }
        if (input.pin() == null || !PIN.matcher(input.pin()).matches()) {
            refusals.add("pin", "refusal.pin");
        }
        refusals.throwIfAny();
        PersonRow row = people.findLockedById(input.person())
                .filter(its -> !its.removed())
                .orElseThrow(() -> new NotThere("not-there.person"));
        Instant now = now();
        if (row.shutUntil() != null && now.isBefore(row.shutUntil())) {
            long minutes = Duration.between(now, row.shutUntil()).toMinutes() + 1;
            throw new TooMany("busy.wrong-pins", "minutes", minutes);
        }
        if (!pins.matches(input.pin(), row.pinHash())) {
            row.wrong(now);
            return Optional.empty();
        }
        row.right();
        return Optional.of(new SignedIn(row.person(), row.pinMark()));
    }

    /** What a wrong PIN is answered with. */
    NotNow wrong(UUID person) {
        int left = people.findById(person).map(PersonRow::triesLeft).orElse(0);
        return new NotNow("refusal.wrong-pin", "left", left);
    }

    /** Somebody who said who they are, as long as they are on the list and their PIN is still that one. */
    @Transactional(readOnly = true)
    public Optional<Person> still(UUID id, String pinMark) {
        return people.findByIdAndRemovedAtIsNull(id)
                .filter(row -> row.pinMark().equals(pinMark))
                .map(PersonRow::person);
    }

    /** Who did something, by name: the person where somebody had said so, else the screen; null where it was the machine itself. */
    public String nameOf(Who who) {
        if (who.person() != null) {
            return names.get(
                    who.person(), id -> people.findById(id).map(PersonRow::name).orElse(""));
        }
        return who.screen() == null
                ? null
                : names.get(
                        who.screen(),
                        id -> screens.findById(id).map(ScreenRow::name).orElse(""));
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }
}
