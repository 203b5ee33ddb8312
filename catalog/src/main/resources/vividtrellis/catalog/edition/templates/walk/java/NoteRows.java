package {{package}}.{{storage}};

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface NoteRows extends JpaRepository<NoteRow, Long> {

    List<NoteRow> findAllByOrderById();
}
