package {{package}}.{{storage}}

import org.springframework.data.jpa.repository.JpaRepository

interface NoteRows extends JpaRepository<NoteRow, Long> {

    List<NoteRow> findAllByOrderById()
}
