package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import org.springframework.stereotype.Repository
import java.time.Instant

/** Keeps {{entitiesWords}} in the database. */
@Repository
class MyBatis{{Entity}}Repository(
    private val mapper: {{Entity}}Mapper,
) : {{Entity}}Repository {
    override fun findAll(
        page: Int,
        size: Int,
    ): List<{{Entity}}> = mapper.findAll(page.toLong() * size, size).map { it.to{{Entity}}() }

    override fun findById(id: Long): {{Entity}}? = mapper.findById(id)?.to{{Entity}}()

    override fun create(
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        val entity = {{Entity}}Entity.of(draft, now)
        mapper.insert(entity)
        return entity.to{{Entity}}()
    }

    override fun change(
        before: {{Entity}},
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        if (mapper.update({{Entity}}Entity.of(before, draft, now)) == 0) {
            throw Stale{{Entity}}Exception(before.id)
        }
        return before.with(draft, now)
    }

    override fun remove(id: Long): Boolean = mapper.delete(id) > 0
}
