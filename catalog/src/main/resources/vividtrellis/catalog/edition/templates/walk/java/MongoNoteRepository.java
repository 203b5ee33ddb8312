package {{package}}.{{storage}};

import static org.springframework.data.mongodb.core.query.Criteria.where;
import static org.springframework.data.mongodb.core.query.Query.query;

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.{{Entity}}Repository;
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
import com.mongodb.client.model.IndexOptions;
import com.mongodb.client.model.Indexes;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import org.bson.Document;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.data.mongodb.core.FindAndModifyOptions;
import org.springframework.data.mongodb.core.MongoTemplate;
import org.springframework.data.mongodb.core.query.Query;
import org.springframework.data.mongodb.core.query.Update;
import org.springframework.stereotype.Repository;

/** Keeps {{entitiesWords}} as documents. */
@Repository
class Mongo{{Entity}}Repository implements {{Entity}}Repository {

    private final MongoTemplate documents;
{{#hasUniques}}
    private final AtomicBoolean unique = new AtomicBoolean();
{{/hasUniques}}

    Mongo{{Entity}}Repository(MongoTemplate documents) {
        this.documents = documents;
    }

    @Override
    public List<{{Entity}}> findAll(int page, int size) {
        Query some = new Query().with(PageRequest.of(page, size, Sort.by("id")));
        return documents.find(some, {{Entity}}Document.class).stream()
                .map({{Entity}}Document::to{{Entity}})
                .toList();
    }

    @Override
    public Optional<{{Entity}}> findById(long id) {
        return Optional.ofNullable(documents.findById(id, {{Entity}}Document.class)).map({{Entity}}Document::to{{Entity}});
    }

    @Override
    public {{Entity}} create({{Entity}}Draft draft, Instant now) {
{{#hasUniques}}
        keepUnique();
{{/hasUniques}}
        {{Entity}} created = {{Entity}}.of(next(), draft, now);
        documents.insert({{Entity}}Document.of(created));
        return created;
    }

    @Override
    public {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        {{Entity}} changed = before.with(draft, now);
        Query unlessChanged = query(where("id").is(before.id()).and("version").is(before.version()));
        if (documents.findAndReplace(unlessChanged, {{Entity}}Document.of(changed)) == null) {
            throw new Stale{{Entity}}Exception(before.id());
        }
        return changed;
    }

    @Override
    public boolean remove(long id) {
        return documents.remove(query(where("id").is(id)), {{Entity}}Document.class).getDeletedCount() > 0;
    }
{{#hasUniques}}

    /** Asked for before the first is kept, so that the start needs no server; it stays from then on. */
    private void keepUnique() {
        if (!unique.getAndSet(true)) {
{{#uniques}}
            documents
                    .getCollection("{{entityPath}}")
                    .createIndex(Indexes.ascending("{{name}}"), new IndexOptions().unique(true).sparse(true));
{{/uniques}}
        }
    }
{{/hasUniques}}

    /** Counts in a document of its own, so that no number is given twice. */
    private long next() {
        Document counted = documents.findAndModify(
                query(where("_id").is("{{entityPath}}")),
                new Update().inc("last", 1L),
                FindAndModifyOptions.options().upsert(true).returnNew(true),
                Document.class,
                "counters");
        return {{#nullMarked}}Objects.requireNonNull(counted){{/nullMarked}}{{^nullMarked}}counted{{/nullMarked}}.getLong("last");
    }
}
