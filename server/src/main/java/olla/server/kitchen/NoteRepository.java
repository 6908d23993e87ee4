package olla.server.kitchen;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The house's notes. */
interface NoteRepository extends JpaRepository<NoteRow, UUID> {

    List<NoteRow> findAllByOrderByWrittenAtDescIdAsc();
}
