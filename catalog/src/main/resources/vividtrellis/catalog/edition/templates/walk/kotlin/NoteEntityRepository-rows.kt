package {{package}}.{{storage}}

import org.springframework.data.repository.ListCrudRepository

interface NoteEntityRepository : ListCrudRepository<NoteEntity, Long> {
    fun findAllByOrderById(): List<NoteEntity>
}
