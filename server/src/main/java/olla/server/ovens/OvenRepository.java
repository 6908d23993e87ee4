package olla.server.ovens;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** The stored ovens. */
public interface OvenRepository extends JpaRepository<Oven, Integer> {

    /** In the order the kitchen entered them. */
    List<Oven> findAllByOrderById();

    /** Whether an oven is called so; names differ by more than their case. */
    boolean existsByName(String name);
}
