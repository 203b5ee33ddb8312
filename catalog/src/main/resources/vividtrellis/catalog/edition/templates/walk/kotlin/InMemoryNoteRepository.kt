package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Duplicate{{Entity}}Exception
{{/byLayer}}
{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import org.springframework.stereotype.Repository
import java.time.Instant
import java.util.TreeMap

/** Keeps {{entitiesWords}} as long as the application runs. */
@Repository
class InMemory{{Entity}}Repository : {{Entity}}Repository {
    private val kept = TreeMap<Long, {{Entity}}>()
    private var last = 0L

    @Synchronized
    override fun findAll(
        page: Int,
        size: Int,
    ): List<{{Entity}}> =
        kept.values
            .stream()
            .skip(page.toLong() * size)
            .limit(size.toLong())
            .toList()

    @Synchronized
    override fun findById(id: Long): {{Entity}}? = kept[id]

    @Synchronized
    override fun create(
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
{{#hasUniques}}
        checkUnique(0, draft)
{{/hasUniques}}
        val created = {{Entity}}.of(++last, draft, now)
        kept[created.id] = created
        return created
    }

    @Synchronized
    override fun change(
        before: {{Entity}},
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{Entity}} {
        if (before != kept[before.id]) {
            throw Stale{{Entity}}Exception(before.id)
        }
{{#hasUniques}}
        checkUnique(before.id, draft)
{{/hasUniques}}
        val changed = before.with(draft, now)
        kept[changed.id] = changed
        return changed
    }

    @Synchronized
    override fun remove(id: Long): Boolean = kept.remove(id) != null
{{#hasUniques}}

    private fun checkUnique(
        id: Long,
        draft: {{Entity}}Draft,
    ) {
        for (each in kept.values) {
{{#uniques}}
            if (each.id != id && {{#optional}}draft.{{name}} != null && {{/optional}}draft.{{name}} == each.{{name}}) {
                throw Duplicate{{Entity}}Exception()
            }
{{/uniques}}
        }
    }
{{/hasUniques}}
}
