package olla.server.probes;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Which probe is where. */
public interface ProbeUseRepository extends JpaRepository<ProbeUse, UUID> {

    /** Those of some bakes. */
    List<ProbeUse> findByBakeIdIn(Collection<UUID> bakes);

    /** Where a probe is now. */
    List<ProbeUse> findByDeviceAndUntilIsNull(String device);
}
