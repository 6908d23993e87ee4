package olla.server.practice;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

/** Rounds of practice. */
interface RoundRepository extends JpaRepository<RoundRow, UUID> {

    List<RoundRow> findByPersonIdAndMissedIsNotNullOrderByOverAtDescIdAsc(UUID person, Limit most);

    /** Of whoever has not said who they are: a query that was made before the start asks for no missing person. */
    List<RoundRow> findByPersonIdIsNullAndMissedIsNotNullOrderByOverAtDescIdAsc(Limit most);
}
