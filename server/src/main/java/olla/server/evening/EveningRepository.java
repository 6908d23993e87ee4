package olla.server.evening;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Evenings. */
interface EveningRepository extends JpaRepository<EveningRow, UUID> {

    /** How often one has changed. */
    record Pulse(UUID id, long revision, Integer kitchenId) {}

    /** One, held until the transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<EveningRow> findLockedById(UUID id);

    /** Those since a moment, the earliest first. */
    List<EveningRow> findByServeAtAfterOrderByServeAt(Instant since);

    /** The same, as short as can be. */
    List<Pulse> findPulseByServeAtAfter(Instant since);

    /** Something changed that screens show. */
    @Modifying(flushAutomatically = true)
    @Query(nativeQuery = true, value = "update evening set revision = revision + 1 where id = :id")
    void touch(String id);

    /** Keeps what the next sheet begins with. */
    @Modifying
    @Query(nativeQuery = true, value = "update evening set revision = revision + 1, kept_json = :kept where id = :id")
    void keep(String id, String kept);
}
