package {{package}}.{{storage}};

import java.util.List;
import org.springframework.data.repository.ListCrudRepository;

interface NoteRows extends ListCrudRepository<NoteRow, Long> {

    List<NoteRow> findAllByOrderById();
}
