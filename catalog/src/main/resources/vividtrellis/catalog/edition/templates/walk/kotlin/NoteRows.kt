package {{package}}.{{storage}}

import org.springframework.data.jpa.repository.JpaRepository

interface NoteRows : JpaRepository<NoteRow, Long> {
    fun findAllByOrderById(): List<NoteRow>
}
