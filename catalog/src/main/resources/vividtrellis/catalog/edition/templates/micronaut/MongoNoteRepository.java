package {{package}}.{{storage}};

{{#byLayer}}
{{#hasUniques}}
import {{package}}.domain.Duplicate{{Entity}}Exception;
{{/hasUniques}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.{{Entity}}Repository;
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
{{#hasUniques}}
import com.mongodb.ErrorCategory;
import com.mongodb.MongoWriteException;
{{/hasUniques}}
import com.mongodb.client.MongoClient;
import com.mongodb.client.MongoCollection;
import com.mongodb.client.MongoDatabase;
import com.mongodb.client.model.Filters;
import com.mongodb.client.model.FindOneAndUpdateOptions;
{{#hasUniques}}
import com.mongodb.client.model.IndexOptions;
import com.mongodb.client.model.Indexes;
{{/hasUniques}}
import com.mongodb.client.model.ReturnDocument;
import com.mongodb.client.model.Sorts;
import com.mongodb.client.model.Updates;
import io.micronaut.context.annotation.Value;
import jakarta.inject.Singleton;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Date;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
{{#hasUniques}}
import java.util.concurrent.atomic.AtomicBoolean;
{{/hasUniques}}
import org.bson.Document;
import org.bson.types.Decimal128;

/** Keeps {{entitiesWords}} as documents. */
@Singleton
class Mongo{{Entity}}Repository implements {{Entity}}Repository {

    private final MongoCollection<Document> documents;
    private final MongoCollection<Document> counters;
{{#hasUniques}}
    private final AtomicBoolean unique = new AtomicBoolean();
{{/hasUniques}}

    Mongo{{Entity}}Repository(MongoClient client, @Value("${store.database}") String name) {
        MongoDatabase database = client.getDatabase(name);
        this.documents = database.getCollection("{{entityPath}}");
        this.counters = database.getCollection("counters");
    }

    @Override
    public List<{{Entity}}> findAll(int page, int size) {
        return documents
                .find()
                .sort(Sorts.ascending("_id"))
                .skip((int) Math.min((long) page * size, Integer.MAX_VALUE))
                .limit(size)
                .map(Mongo{{Entity}}Repository::read)
                .into(new ArrayList<>());
    }

    @Override
    public Optional<{{Entity}}> findById(long id) {
        return Optional.ofNullable(documents.find(Filters.eq("_id", id)).first()).map(Mongo{{Entity}}Repository::read);
    }

    @Override
    public {{Entity}} create({{Entity}}Draft draft, Instant now) {
{{#hasUniques}}
        keepUnique();
{{/hasUniques}}
        {{Entity}} created = {{Entity}}.of(next(), draft, now);
{{^hasUniques}}
        documents.insertOne(document(created, draft));
{{/hasUniques}}
{{#hasUniques}}
        try {
            documents.insertOne(document(created, draft));
        } catch (MongoWriteException e) {
            throw refused(e);
        }
{{/hasUniques}}
        return created;
    }

    @Override
    public {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        {{Entity}} changed = before.with(draft, now);
        var unlessChanged = Filters.and(Filters.eq("_id", before.id()), Filters.eq("version", before.version()));
{{^hasUniques}}
        if (documents.replaceOne(unlessChanged, document(changed, draft)).getMatchedCount() == 0) {
            throw new Stale{{Entity}}Exception(before.id());
        }
        return changed;
{{/hasUniques}}
{{#hasUniques}}
        try {
            if (documents.replaceOne(unlessChanged, document(changed, draft)).getMatchedCount() == 0) {
                throw new Stale{{Entity}}Exception(before.id());
            }
        } catch (MongoWriteException e) {
            throw refused(e);
        }
        return changed;
{{/hasUniques}}
    }

    @Override
    public boolean remove(long id) {
        return documents.deleteOne(Filters.eq("_id", id)).getDeletedCount() > 0;
    }
{{#hasUniques}}

    /** Asked for before the first is kept, so that the start needs no server; it stays from then on. */
    private void keepUnique() {
        if (!unique.getAndSet(true)) {
{{#uniques}}
            documents.createIndex(Indexes.ascending("{{name}}"), new IndexOptions().unique(true).sparse(true));
{{/uniques}}
        }
    }

    private static RuntimeException refused(MongoWriteException e) {
        return e.getError().getCategory() == ErrorCategory.DUPLICATE_KEY ? new Duplicate{{Entity}}Exception() : e;
    }
{{/hasUniques}}

    /** Counts in a document of its own, so that no number is given twice. */
    private long next() {
        Document counted = counters.findOneAndUpdate(
                Filters.eq("_id", "{{entityPath}}"),
                Updates.inc("last", 1L),
                new FindOneAndUpdateOptions().upsert(true).returnDocument(ReturnDocument.AFTER));
        return counted.getLong("last");
    }

    /** What is missing is not in it. */
    private static Document document({{Entity}} {{entity}}, {{Entity}}Draft draft) {
        Document document = new Document("_id", {{entity}}.id());
{{#fields}}
{{#optional}}
        if (draft.{{name}}() != null) {
            document.append("{{name}}", {{{toHeld}}});
        }
{{/optional}}
{{#required}}
        document.append("{{name}}", {{{toHeld}}});
{{/required}}
{{/fields}}
        return document.append("version", {{entity}}.version())
                .append("created", Date.from({{entity}}.created()))
                .append("changed", Date.from({{entity}}.changed()));
    }

    private static {{Entity}} read(Document found) {
        return new {{Entity}}(
                found.getLong("_id"),
{{#fields}}
                {{{read}}},
{{/fields}}
                found.getLong("version"),
                found.getDate("created").toInstant(),
                found.getDate("changed").toInstant());
    }
}
