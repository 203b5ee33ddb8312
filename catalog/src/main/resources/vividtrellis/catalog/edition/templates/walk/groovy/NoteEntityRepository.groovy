package {{package}}.{{storage}}

import org.springframework.data.jpa.repository.JpaRepository

interface NoteEntityRepository extends JpaRepository<NoteEntity, Long> {

    List<NoteEntity> findAllByOrderById()
}
