package {{package}}.{{storage}};

import java.util.List;
import org.springframework.data.domain.Pageable;
import org.springframework.data.repository.ListCrudRepository;

interface {{Entity}}EntityRepository extends ListCrudRepository<{{Entity}}Entity, Long> {

    /** One page, without a count of all. */
    List<{{Entity}}Entity> findAllBy(Pageable page);
}
