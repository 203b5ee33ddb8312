package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import org.springframework.dao.OptimisticLockingFailureException
import org.springframework.data.domain.PageRequest
import org.springframework.data.domain.Sort
import org.springframework.data.repository.findByIdOrNull
import org.springframework.stereotype.Repository
import java.time.Instant

/** Keeps {{entitiesWords}} in the database. */
@Repository
class Database{{Entity}}Repository(
    private val entities: {{Entity}}EntityRepository,
) : {{Entity}}Repository {
    override fun findAll(
        page: Int,
        size: Int,
    ): List<{{Entity}}> =
        entities
            .findAllBy(PageRequest.of(page, size, Sort.by("id")))
            .map { it.to{{Entity}}() }

    override fun findById(id: Long): {{Entity}}? = entities.findByIdOrNull(id)?.to{{Entity}}()

    override fun create(
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} = entities.save({{Entity}}Entity{{#rowsAreRecords}}.of{{/rowsAreRecords}}(draft, now)).to{{Entity}}()

    override fun change(
        before: {{Entity}},
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} =
        try {
{{#rowsAreRecords}}
            entities.save({{Entity}}Entity.of(before, draft, now)).to{{Entity}}()
{{/rowsAreRecords}}
{{^rowsAreRecords}}
            val entity = entities.findByIdOrNull(before.id)
            if (entity?.version != before.version) {
                throw Stale{{Entity}}Exception(before.id)
            }
            entity.change(draft, now)
            entities.saveAndFlush(entity).to{{Entity}}()
{{/rowsAreRecords}}
        } catch (ignored: OptimisticLockingFailureException) {
            throw Stale{{Entity}}Exception(before.id)
        }

    override fun remove(id: Long): Boolean {
        val there = entities.existsById(id)
        if (there) {
            entities.deleteById(id)
        }
        return there
    }
}
