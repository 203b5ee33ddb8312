package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Duplicate{{Entity}}Exception
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import java.time.Instant
{{#hasUniques}}
{{/hasUniques}}
import org.springframework.stereotype.Repository

/** Keeps {{entitiesWords}} as long as the application runs. */
@Repository
class InMemory{{Entity}}Repository implements {{Entity}}Repository {

    private final Map<Long, {{Entity}}> kept = new TreeMap<>()
    private long last

    @Override
    synchronized List<{{Entity}}> findAll(int page, int size) {
        return kept.values().stream().skip((long) page * size).limit(size).toList()
    }

    @Override
    synchronized Optional<{{Entity}}> findById(long id) {
        return Optional.ofNullable(kept.get(id))
    }

    @Override
    synchronized {{Entity}} create({{Entity}}Draft draft, Instant now) {
{{#hasUniques}}
        checkUnique(0, draft)
{{/hasUniques}}
        {{Entity}} created = {{Entity}}.of(++last, draft, now)
        kept.put(created.id, created)
        return created
    }

    @Override
    synchronized {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        if (before != kept.get(before.id)) {
            throw new Stale{{Entity}}Exception(before.id)
        }
{{#hasUniques}}
        checkUnique(before.id, draft)
{{/hasUniques}}
        {{Entity}} changed = before.with(draft, now)
        kept.put(changed.id, changed)
        return changed
    }

    @Override
    synchronized boolean remove(long id) {
        return kept.remove(id) != null
    }
{{#hasUniques}}

    private void checkUnique(long id, {{Entity}}Draft draft) {
        for ({{Entity}} each : kept.values()) {
{{#uniques}}
            if (each.id != id && {{#optional}}draft.{{name}} != null && {{/optional}}draft.{{name}} == each.{{name}}) {
                throw new Duplicate{{Entity}}Exception()
            }
{{/uniques}}
        }
    }
{{/hasUniques}}
}
