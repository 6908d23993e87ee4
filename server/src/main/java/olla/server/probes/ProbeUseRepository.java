package olla.server.probes;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Which probe is where. */
public interface ProbeUseRepository extends JpaRepository<ProbeUse, UUID> {

    /** Those of some bakes. */
    List<ProbeUse> findByBakeIdIn(Collection<UUID> bakes);

    /** Where a probe is now. */
    List<ProbeUse> findByDeviceAndUntilIsNull(String device);

    /** Notes that there is such a probe. */
    @Modifying
    @Query(nativeQuery = true, value = "insert ignore into probe (kitchen_id, device) values (:kitchen, :device)")
    void know(int kitchen, String device);

    /** Keeps others from moving a probe until this is stored. */
    @Query(
            nativeQuery = true,
            value = "select device from probe where kitchen_id = :kitchen and device = :device for update")
    String take(int kitchen, String device);
}
