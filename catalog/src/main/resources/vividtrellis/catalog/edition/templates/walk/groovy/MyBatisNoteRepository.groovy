package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import java.time.Instant
import org.springframework.stereotype.Repository

/** Keeps {{entitiesWords}} in the database. */
@Repository
class MyBatis{{Entity}}Repository implements {{Entity}}Repository {

    private final {{Entity}}Mapper mapper

    MyBatis{{Entity}}Repository({{Entity}}Mapper mapper) {
        this.mapper = mapper
    }

    @Override
    List<{{Entity}}> findAll(int page, int size) {
        return mapper.findAll((long) page * size, size)*.to{{Entity}}()
    }

    @Override
    Optional<{{Entity}}> findById(long id) {
        return mapper.findById(id).map { it.to{{Entity}}() }
    }

    @Override
    {{Entity}} create({{Entity}}Draft draft, Instant now) {
        {{Entity}}Entity entity = {{Entity}}Entity.of(draft, now)
        mapper.insert(entity)
        return entity.to{{Entity}}()
    }

    @Override
    {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        if (mapper.update({{Entity}}Entity.of(before, draft, now)) == 0) {
            throw new Stale{{Entity}}Exception(before.id)
        }
        return before.with(draft, now)
    }

    @Override
    boolean remove(long id) {
        return mapper.delete(id) > 0
    }
}
