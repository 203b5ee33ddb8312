package {{package}}.{{storage}}

import org.springframework.data.repository.ListCrudRepository

interface NoteRows : ListCrudRepository<NoteRow, Long> {
    fun findAllByOrderById(): List<NoteRow>
}
