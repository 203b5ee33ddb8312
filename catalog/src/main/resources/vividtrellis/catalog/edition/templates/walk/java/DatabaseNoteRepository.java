package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.{{Entity}}Repository;
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Repository;

/** Keeps {{entitiesWords}} in the database. */
@Repository
class Database{{Entity}}Repository implements {{Entity}}Repository {

    private final {{Entity}}EntityRepository entities;

    Database{{Entity}}Repository({{Entity}}EntityRepository entities) {
        this.entities = entities;
    }

    @Override
    public List<{{Entity}}> findAll(int page, int size) {
        return entities.findAllBy(PageRequest.of(page, size, Sort.by("id"))).stream()
                .map({{Entity}}Entity::to{{Entity}})
                .toList();
    }

    @Override
    public Optional<{{Entity}}> findById(long id) {
        return entities.findById(id).map({{Entity}}Entity::to{{Entity}});
    }

    @Override
    public {{Entity}} create({{Entity}}Draft draft, Instant now) {
{{#rowsAreRecords}}
        return entities.save({{Entity}}Entity.of(draft, now)).to{{Entity}}();
{{/rowsAreRecords}}
{{^rowsAreRecords}}
        return entities.save(new {{Entity}}Entity(draft, now)).to{{Entity}}();
{{/rowsAreRecords}}
    }

    @Override
    public {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        try {
{{#rowsAreRecords}}
            return entities.save({{Entity}}Entity.of(before, draft, now)).to{{Entity}}();
{{/rowsAreRecords}}
{{^rowsAreRecords}}
            {{Entity}}Entity entity = entities.findById(before.id())
                    .filter(found -> found.to{{Entity}}().version() == before.version())
                    .orElseThrow(() -> new Stale{{Entity}}Exception(before.id()));
            entity.change(draft, now);
            return entities.saveAndFlush(entity).to{{Entity}}();
{{/rowsAreRecords}}
        } catch (OptimisticLockingFailureException e) {
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
