package olla.server.people;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Keys that devices push readings with. */
interface DeviceKeyRepository extends JpaRepository<DeviceKeyRow, UUID> {

    List<DeviceKeyRow> findAllByOrderByDevice();

    Optional<DeviceKeyRow> findByKeyHash(String keyHash);
}
