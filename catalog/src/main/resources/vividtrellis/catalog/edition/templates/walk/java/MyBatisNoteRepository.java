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
import org.springframework.stereotype.Repository;

/** Keeps {{entitiesWords}} in the database. */
@Repository
class MyBatis{{Entity}}Repository implements {{Entity}}Repository {

    private final {{Entity}}Mapper mapper;

    MyBatis{{Entity}}Repository({{Entity}}Mapper mapper) {
        this.mapper = mapper;
    }

    @Override
    public List<{{Entity}}> findAll(int page, int size) {
        return mapper.findAll((long) page * size, size).stream()
                .map({{Entity}}Entity::to{{Entity}})
                .toList();
    }

    @Override
    public Optional<{{Entity}}> findById(long id) {
        return mapper.findById(id).map({{Entity}}Entity::to{{Entity}});
    }

    @Override
    public {{Entity}} create({{Entity}}Draft draft, Instant now) {
        {{Entity}}Entity entity = new {{Entity}}Entity(draft, now);
        mapper.insert(entity);
        return entity.to{{Entity}}();
    }

    @Override
    public {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        if (mapper.update(new {{Entity}}Entity(before, draft, now)) == 0) {
            throw new Stale{{Entity}}Exception(before.id());
        }
        return before.with(draft, now);
    }

    @Override
    public boolean remove(long id) {
        return mapper.delete(id) > 0;
    }
}
