package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import java.time.Instant
import org.springframework.dao.OptimisticLockingFailureException
import org.springframework.data.domain.PageRequest
import org.springframework.data.domain.Sort
import org.springframework.stereotype.Repository

/** Keeps {{entitiesWords}} in the database. */
@Repository
class Database{{Entity}}Repository implements {{Entity}}Repository {

    private final {{Entity}}EntityRepository entities

    Database{{Entity}}Repository({{Entity}}EntityRepository entities) {
        this.entities = entities
    }

    @Override
    List<{{Entity}}> findAll(int page, int size) {
        return entities.findAllBy(PageRequest.of(page, size, Sort.by('id')))*.to{{Entity}}()
    }

    @Override
    Optional<{{Entity}}> findById(long id) {
        return entities.findById(id).map { it.to{{Entity}}() }
    }

    @Override
    {{Entity}} create({{Entity}}Draft draft, Instant now) {
{{#rowsAreRecords}}
        return entities.save({{Entity}}Entity.of(draft, now)).to{{Entity}}()
{{/rowsAreRecords}}
{{^rowsAreRecords}}
        return entities.save({{Entity}}Entity.of(draft, now)).to{{Entity}}()
{{/rowsAreRecords}}
    }

    @Override
    {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        try {
{{#rowsAreRecords}}
            return entities.save({{Entity}}Entity.of(before, draft, now)).to{{Entity}}()
{{/rowsAreRecords}}
{{^rowsAreRecords}}
            {{Entity}}Entity entity = entities.findById(before.id).orElse(null)
            if (entity?.version != before.version) {
                throw new Stale{{Entity}}Exception(before.id)
            }
            entity.change(draft, now)
            return entities.saveAndFlush(entity).to{{Entity}}()
{{/rowsAreRecords}}
        } catch (OptimisticLockingFailureException ignored) {
            throw new Stale{{Entity}}Exception(before.id)
        }
    }

    @Override
    boolean remove(long id) {
        boolean there = entities.existsById(id)
        if (there) {
            entities.deleteById(id)
        }
        return there
    }
}
