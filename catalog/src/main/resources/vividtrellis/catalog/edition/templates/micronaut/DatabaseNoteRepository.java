package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.{{Entity}}Repository;
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
import io.micronaut.data.model.Pageable;
import io.micronaut.data.model.Sort;
import jakarta.inject.Singleton;
import jakarta.persistence.OptimisticLockException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** Keeps {{entitiesWords}} in the database. */
@Singleton
class Database{{Entity}}Repository implements {{Entity}}Repository {

    private final {{Entity}}EntityRepository entities;

    Database{{Entity}}Repository({{Entity}}EntityRepository entities) {
        this.entities = entities;
    }

    @Override
    public List<{{Entity}}> findAll(int page, int size) {
        return entities.list(Pageable.from(page, size, Sort.of(Sort.Order.asc("id")))).stream()
                .map({{Entity}}Entity::to{{Entity}})
                .toList();
    }

    @Override
    public Optional<{{Entity}}> findById(long id) {
        return entities.findById(id).map({{Entity}}Entity::to{{Entity}});
    }

    @Override
    public {{Entity}} create({{Entity}}Draft draft, Instant now) {
        return entities.saveAndFlush(new {{Entity}}Entity(draft, now)).to{{Entity}}();
    }

    @Override
    public {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        try {
            {{Entity}}Entity entity = entities.findById(before.id())
                    .filter(found -> found.to{{Entity}}().version() == before.version())
                    .orElseThrow(() -> new Stale{{Entity}}Exception(before.id()));
            entity.change(draft, now);
            return entities.saveAndFlush(entity).to{{Entity}}();
        } catch (OptimisticLockException e) {
            throw new Stale{{Entity}}Exception(before.id());
        }
    }

    @Override
    public boolean remove(long id) {
        boolean there = entities.existsById(id);
        if (there) {
            entities.deleteById(id);
        }
        return there;
    }
}
