package olla.server.bakes;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** The stored pictures. */
interface PhotoRepository extends JpaRepository<Photo, UUID> {

    /** Which of some bakes have one. */
    @Query("select p.bakeId from Photo p where p.bakeId in :bakes")
    List<UUID> findIdsIn(Collection<UUID> bakes);
}
