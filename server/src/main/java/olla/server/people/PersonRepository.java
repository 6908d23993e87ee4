package olla.server.people;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

/** Who taps at shared screens. */
interface PersonRepository extends JpaRepository<PersonRow, UUID> {

    List<PersonRow> findByRemovedAtIsNullOrderByName();

    long countByRemovedAtIsNull();

    Optional<PersonRow> findByNameAndRemovedAtIsNull(String name);

    Optional<PersonRow> findByIdAndRemovedAtIsNull(UUID id);

    /** One, and nobody else tries until this is stored. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<PersonRow> findLockedById(UUID id);
}
