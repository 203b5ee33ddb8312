package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.{{Entity}}Repository;
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
import jakarta.enterprise.context.ApplicationScoped;
import jakarta.persistence.EntityManager;
import jakarta.persistence.OptimisticLockException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** Keeps {{entitiesWords}} in the database. */
@ApplicationScoped
class Database{{Entity}}Repository implements {{Entity}}Repository {

    private final EntityManager entities;

    Database{{Entity}}Repository(EntityManager entities) {
        this.entities = entities;
    }

    @Override
    public List<{{Entity}}> findAll(int page, int size) {
        return entities.createQuery("from {{Entity}}Entity order by id", {{Entity}}Entity.class)
                .setFirstResult(page * size)
                .setMaxResults(size)
                .getResultStream()
                .map({{Entity}}Entity::to{{Entity}})
                .toList();
    }

    @Override
    public Optional<{{Entity}}> findById(long id) {
        return Optional.ofNullable(entities.find({{Entity}}Entity.class, id)).map({{Entity}}Entity::to{{Entity}});
    }

    @Override
    public {{Entity}} create({{Entity}}Draft draft, Instant now) {
        {{Entity}}Entity entity = new {{Entity}}Entity(draft, now);
        entities.persist(entity);
        entities.flush();
        return entity.to{{Entity}}();
    }

    @Override
    public {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        {{Entity}}Entity entity = entities.find({{Entity}}Entity.class, before.id());
        if (entity == null || entity.to{{Entity}}().version() != before.version()) {
            throw new Stale{{Entity}}Exception(before.id());
        }
        try {
            entity.change(draft, now);
            entities.flush();
            return entity.to{{Entity}}();
        } catch (OptimisticLockException e) {
            throw new Stale{{Entity}}Exception(before.id());
        }
    }

    @Override
    public boolean remove(long id) {
        {{Entity}}Entity entity = entities.find({{Entity}}Entity.class, id);
        if (entity == null) {
            return false;
        }
        entities.remove(entity);
        return true;
    }
}
