package {{package}}.{{storage}}

import org.springframework.data.domain.Pageable
import org.springframework.data.repository.ListCrudRepository

interface {{Entity}}EntityRepository : ListCrudRepository<{{Entity}}Entity, Long> {
    /** One page, without a count of all. */
    fun findAllBy(page: Pageable): List<{{Entity}}Entity>
}
