package {{package}}.{{storage}}

import org.springframework.data.domain.Pageable
import org.springframework.data.jpa.repository.JpaRepository

interface {{Entity}}EntityRepository : JpaRepository<{{Entity}}Entity, Long> {
    /** One page, without a count of all. */
    fun findAllBy(page: Pageable): List<{{Entity}}Entity>
}
