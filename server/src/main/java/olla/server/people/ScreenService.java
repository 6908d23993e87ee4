package olla.server.people;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.server.web.Lan;
import olla.server.web.Lengths;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lets screens in by a code, knows them by their keys, and shows them out again. */
@Service
public class ScreenService {

    /* As long a code is good for. */
    private static final Duration CODE_LASTS = Duration.ofMinutes(10);

    /* So often it is noted that a screen was seen; not with each of its questions. */
    private static final Duration NOTED_EVERY = Duration.ofMinutes(5);

    private static final int MOST_SCREENS = 200;

    private final ScreenRepository screens;
    private final InvitationRepository invitations;
    private final People people;
    private final Lan lan;
    private final Clock clock;

    ScreenService(ScreenRepository screens, InvitationRepository invitations, People people, Lan lan, Clock clock) {
        this.screens = screens;
        this.invitations = invitations;
        this.people = people;
        this.lan = lan;
        this.clock = clock;
    }

    /** Those that are let in, by name. */
    @Transactional(readOnly = true)
    public List<ScreenView> all() {
        return screens.findByRemovedAtIsNullOrderByName().stream()
                .map(ScreenRow::view)
                .toList();
    }

    /**
     * A code that lets one screen in; asked again with one id, another in its place, since none is kept to be shown.
     *
     * @throws olla.core.messages.RefusedInput where nobody said as what
     */
    @Transactional
    public InvitationView invite(UUID id, InvitationInput input) {
        Refusals refusals = new Refusals();
        if (input.role() == null) {
            refusals.add("role", "missing.role", "choices", Message.codes(Role.values()));
        }
        if (screens.countByRemovedAtIsNull() >= MOST_SCREENS) {
            refusals.add("role", "refusal.list-full", "most", MOST_SCREENS);
        }
        boolean shared = Boolean.TRUE.equals(input.shared());
        if (shared && people.nobody()) {
            refusals.add("shared", "refusal.nobody-to-ask");
        }
        refusals.throwIfAny();
        Instant now = clock.instant();
        invitations.deleteByUntilBefore(now.minus(CODE_LASTS));
        String code = Secrets.code();
        Instant until = now.plus(CODE_LASTS);
        InvitationRow row = invitations.findById(id).orElseGet(() -> new InvitationRow(id));
        row.write(input.role(), shared, Secrets.hashOfCode(code), until);
        invitations.saveAndFlush(row);
        List<String> addresses = lan.addresses();
        return new InvitationView(
                code,
                input.role(),
                until,
                addresses,
                addresses.isEmpty() ? null : QrPicture.of(addresses.get(0) + "/pair#" + code));
    }

    /** A screen that was let in, with its key: nobody is shown that again. */
    record Paired(ScreenView screen, String key) {}

    /**
     * Lets a screen in, into the kitchen that the code is of; asked again with one id and one code, with another key. Asked for {@link olla.server.tenancy.WhoseKitchen#ALL}: whoever
     * comes is in none yet.
     *
     * @return empty where no such code is good for it
     * @throws olla.core.messages.RefusedInput where it has no name
     */
    @Transactional
    public Optional<Paired> pair(UUID id, PairInput input) {
        Refusals refusals = new Refusals();
        String name = input.name() == null ? "" : input.name().strip();
        refusals.length("name", "screen-name", name, 1, Lengths.OVEN_NAME);
        if (input.code() == null) {
            refusals.add("code", "missing.code");
        }
        refusals.throwIfAny();
        Instant now = clock.instant();
        return invitations
                .findByCodeHash(Secrets.hashOfCode(input.code()))
                .filter(invitation -> invitation.holdsFor(id, now))
                .map(invitation -> {
                    invitation.use(id);
                    String key = Secrets.key();
                    ScreenRow row = screens.findById(id).orElseGet(() -> new ScreenRow(id, invitation.kitchenId()));
                    row.pair(name, invitation.role(), invitation.shared(), Secrets.hash(key), now);
                    return new Paired(screens.saveAndFlush(row).view(), key);
                });
    }

    /** Shows a screen out; one that is not there is out already. */
    @Transactional
    public void remove(UUID id) {
        screens.findById(id).ifPresent(row -> row.remove(clock.instant()));
    }

    /** Whose key that is, in whichever kitchen; empty where it is nobody's any longer. Asked for {@link olla.server.tenancy.WhoseKitchen#ALL}. */
    @Transactional
    public Optional<LetIn> of(String key) {
        Instant now = clock.instant();
        return screens.findByKeyHashAndRemovedAtIsNull(Secrets.hash(key)).map(row -> {
            if (row.seenAt().isBefore(now.minus(NOTED_EVERY))) {
                row.see(now);
            }
            return row.letIn();
        });
    }

    /** Those that were shown out lately. Asked for {@link olla.server.tenancy.WhoseKitchen#ALL}. */
    @Transactional(readOnly = true)
    public List<UUID> removedWithin(Duration lately) {
        return screens.findRemovedSince(clock.instant().minus(lately));
    }
}
