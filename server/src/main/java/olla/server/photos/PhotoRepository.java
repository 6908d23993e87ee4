package olla.server.photos;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The stored pictures. */
public interface PhotoRepository extends JpaRepository<Photo, UUID> {

    /** Which of some bakes have one. */
    default List<UUID> findIdsIn(Collection<UUID> bakes) {
        return findIdByBakeIdIn(bakes).stream().map(Id::bakeId).toList();
    }

    /* Without the pictures. */
    List<Id> findIdByBakeIdIn(Collection<UUID> bakes);

    /* Without the large one; empty where none was made yet. */
    default Optional<byte[]> findSmall(UUID bake) {
        return findSmallByBakeId(bake).map(Small::small);
    }

    Optional<Small> findSmallByBakeId(UUID bake);

    /** A picture as small as a list shows it; null where it was not made yet. */
    record Small(byte[] small) {}

    /** Of which bake a picture is. */
    record Id(UUID bakeId) {}
}
