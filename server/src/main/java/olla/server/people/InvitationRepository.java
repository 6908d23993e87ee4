package olla.server.people;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

/** Codes by which screens are let in. */
interface InvitationRepository extends JpaRepository<InvitationRow, UUID> {

    /** Locked, so that of two screens that type it at once one is let in. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<InvitationRow> findByCodeHash(String codeHash);

    void deleteByUntilBefore(Instant moment);
}
