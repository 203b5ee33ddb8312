package {{package}}.{{storage}};

import io.micronaut.data.annotation.Repository;
import io.micronaut.data.jpa.repository.JpaRepository;
import io.micronaut.data.model.Pageable;
import java.util.List;

@Repository
interface {{Entity}}EntityRepository extends JpaRepository<{{Entity}}Entity, Long> {

    /** One page, without a count of all. */
    List<{{Entity}}Entity> list(Pageable page);
}
