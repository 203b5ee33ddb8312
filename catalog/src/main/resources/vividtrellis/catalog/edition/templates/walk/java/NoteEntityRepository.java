package {{package}}.{{storage}};

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface NoteEntityRepository extends JpaRepository<NoteEntity, Long> {

    List<NoteEntity> findAllByOrderById();
}
