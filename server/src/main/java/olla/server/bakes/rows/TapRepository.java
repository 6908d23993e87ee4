package olla.server.bakes.rows;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The stored taps. */
public interface TapRepository extends JpaRepository<Tap, UUID> {

    /** Those of some bakes that were not undone, in the order in which they were made. */
    List<Tap> findByBakeIdInAndUndoneFalseOrderByAtAscIdAsc(Collection<UUID> bakes);
}
