package {{package}}.{{storage}}

import org.springframework.data.repository.ListCrudRepository

interface NoteEntityRepository extends ListCrudRepository<NoteEntity, Long> {

    List<NoteEntity> findAllByOrderById()
}
