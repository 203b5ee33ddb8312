package {{package}}.{{storage}}

import org.springframework.data.jpa.repository.JpaRepository

interface NoteEntityRepository : JpaRepository<NoteEntity, Long> {
    fun findAllByOrderById(): List<NoteEntity>
}
