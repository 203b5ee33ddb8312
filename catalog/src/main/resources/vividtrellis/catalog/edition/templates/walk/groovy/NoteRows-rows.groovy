package {{package}}.{{storage}}

import org.springframework.data.repository.ListCrudRepository

interface NoteRows extends ListCrudRepository<NoteRow, Long> {

    List<NoteRow> findAllByOrderById()
}
