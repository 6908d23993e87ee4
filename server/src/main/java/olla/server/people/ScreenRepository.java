package olla.server.people;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Screens that were let in. */
interface ScreenRepository extends JpaRepository<ScreenRow, UUID> {

    List<ScreenRow> findByRemovedAtIsNullOrderByName();

    long countByRemovedAtIsNull();

    Optional<ScreenRow> findByKeyHashAndRemovedAtIsNull(String keyHash);

    @Query("select s.id from ScreenRow s where s.removedAt >= :since")
    List<UUID> findRemovedSince(Instant since);
}
