package olla.server.kitchen;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The kitchen's vessels. */
interface VesselRepository extends JpaRepository<VesselRow, UUID> {

    List<VesselRow> findAllByOrderByName();

    Optional<VesselRow> findByName(String name);
}
