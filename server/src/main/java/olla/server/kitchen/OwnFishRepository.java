package olla.server.kitchen;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The kitchen's own fish. */
interface OwnFishRepository extends JpaRepository<OwnFishRow, UUID> {

    List<OwnFishRow> findAllByOrderByName();

    Optional<OwnFishRow> findByName(String name);
}
