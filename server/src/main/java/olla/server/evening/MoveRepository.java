package olla.server.evening;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Moves on run sheets. */
interface MoveRepository extends JpaRepository<Move, UUID> {

    /** What counts of one evening, in the order in which it was done. */
    List<Move> findByEveningIdAndUndoneFalseOrderByAtAscIdAsc(UUID eveningId);
}
