package {{package}}.{{storage}};

import java.util.List;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface {{Entity}}EntityRepository extends JpaRepository<{{Entity}}Entity, Long> {

    /** One page, without a count of all. */
    List<{{Entity}}Entity> findAllBy(Pageable page);
}
