package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.Duplicate{{Entity}}Exception;
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.{{Entity}}Repository;
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
import jakarta.enterprise.context.ApplicationScoped;
import jakarta.inject.Singleton;
import java.time.Instant;
import java.util.List;
import java.util.Map;
{{#hasUniques}}
import java.util.Objects;
{{/hasUniques}}
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.stereotype.Repository;

/** Keeps {{entitiesWords}} as long as the application runs. */
{{^byHand}}
@{{storageMark}}
{{/byHand}}
{{#byHand}}public {{/byHand}}class InMemory{{Entity}}Repository implements {{Entity}}Repository {

    private final Map<Long, {{Entity}}> kept = new TreeMap<>();
    private long last;

    @Override
    public synchronized List<{{Entity}}> findAll(int page, int size) {
        return kept.values().stream().skip((long) page * size).limit(size).toList();
    }

    @Override
    public synchronized Optional<{{Entity}}> findById(long id) {
        return Optional.ofNullable(kept.get(id));
    }

    @Override
    public synchronized {{Entity}} create({{Entity}}Draft draft, Instant now) {
{{#hasUniques}}
        checkUnique(0, draft);
{{/hasUniques}}
        {{Entity}} created = {{Entity}}.of(++last, draft, now);
        kept.put(created.id(), created);
        return created;
    }

    @Override
    public synchronized {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        if (!before.equals(kept.get(before.id()))) {
            throw new Stale{{Entity}}Exception(before.id());
        }
{{#hasUniques}}
        checkUnique(before.id(), draft);
{{/hasUniques}}
        {{Entity}} changed = before.with(draft, now);
        kept.put(changed.id(), changed);
        return changed;
    }

    @Override
    public synchronized boolean remove(long id) {
        return kept.remove(id) != null;
    }
{{#hasUniques}}

    private void checkUnique(long id, {{Entity}}Draft draft) {
        for ({{Entity}} each : kept.values()) {
{{#uniques}}
            if (each.id() != id && {{{isSame}}}) {
                throw new Duplicate{{Entity}}Exception();
            }
{{/uniques}}
        }
    }
{{/hasUniques}}
}
