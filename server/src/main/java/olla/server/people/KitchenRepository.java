package olla.server.people;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** The kitchens of this installation. */
interface KitchenRepository extends JpaRepository<KitchenRow, Integer> {

    List<KitchenRow> findAllByOrderById();

    Optional<KitchenRow> findByName(String name);
}
