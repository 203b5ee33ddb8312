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
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.data.elasticsearch.core.ElasticsearchOperations;
import org.springframework.data.elasticsearch.core.IndexOperations;
import org.springframework.data.elasticsearch.core.RefreshPolicy;
import org.springframework.data.elasticsearch.core.query.Query;
import org.springframework.stereotype.Repository;

/** Keeps {{entitiesWords}} where they can be searched; makes the index where there is none. */
@Repository
class Elasticsearch{{Entity}}Repository implements {{Entity}}Repository {

    /** Further on, the server gives no pages. */
    private static final long LAST = 10_000;

    private final ElasticsearchOperations index;
    private final AtomicLong last = new AtomicLong();

    Elasticsearch{{Entity}}Repository(ElasticsearchOperations index) {
        this.index = index.withRefreshPolicy(RefreshPolicy.WAIT_UNTIL);
        IndexOperations documents = index.indexOps({{Entity}}Document.class);
        if (!documents.exists()) {
            documents.createWithMapping();
        }
    }

    @Override
    public List<{{Entity}}> findAll(int page, int size) {
        if ((page + 1L) * size > LAST) {
            return List.of();
        }
        Query some = Query.findAll().setPageable(PageRequest.of(page, size, Sort.by("number")));
        return index.search(some, {{Entity}}Document.class).stream()
                .map(hit -> hit.getContent().to{{Entity}}())
                .toList();
    }

    @Override
    public Optional<{{Entity}}> findById(long id) {
        return document(id).map({{Entity}}Document::to{{Entity}});
    }

    @Override
    public {{Entity}} create({{Entity}}Draft draft, Instant now) {
        {{Entity}} created = {{Entity}}.of(next(), draft, now);
        index.save({{Entity}}Document.of(created, null));
        return created;
    }

    @Override
    public {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        {{Entity}} changed = before.with(draft, now);
        try {
            index.save(document(before.id())
                    .filter(found -> found.version() == before.version())
                    .map(found -> {{Entity}}Document.of(changed, found.written()))
                    .orElseThrow(() -> new Stale{{Entity}}Exception(before.id())));
            return changed;
        } catch (OptimisticLockingFailureException e) {
            throw new Stale{{Entity}}Exception(before.id());
        }
    }

    @Override
    public boolean remove(long id) {
        boolean there = document(id).isPresent();
        index.delete(Long.toString(id), {{Entity}}Document.class);
        return there;
    }

    private Optional<{{Entity}}Document> document(long id) {
        return Optional.ofNullable(index.get(Long.toString(id), {{Entity}}Document.class));
    }

    /** An index does not count, so numbers come from the clock: microseconds, each given once. */
    private long next() {
        return last.updateAndGet(before -> Math.max(before + 1, System.currentTimeMillis() * 1000));
    }
}
