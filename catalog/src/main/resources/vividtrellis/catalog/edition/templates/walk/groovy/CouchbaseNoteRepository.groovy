package {{package}}.{{storage}}

import com.couchbase.client.core.error.CasMismatchException
import com.couchbase.client.core.error.DocumentNotFoundException
import com.couchbase.client.java.Collection as Documents
import com.couchbase.client.java.json.JsonObject
import com.couchbase.client.java.kv.GetResult
import com.couchbase.client.java.kv.IncrementOptions
import com.couchbase.client.java.kv.ReplaceOptions
{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import java.time.Instant
import java.time.LocalDate
import java.util.stream.LongStream
import org.springframework.data.couchbase.CouchbaseClientFactory
import org.springframework.stereotype.Repository

/** Keeps each {{entityWords}} as a document, and counts them in one more. */
@Repository
class Couchbase{{Entity}}Repository implements {{Entity}}Repository {

    private final Documents documents

    Couchbase{{Entity}}Repository(CouchbaseClientFactory bucket) {
        documents = bucket.defaultCollection
    }

    @Override
    List<{{Entity}}> findAll(int page, int size) {
        return LongStream.rangeClosed(1, count(0))
                .boxed()
                .flatMap(id -> findById(id).stream())
                .skip((long) page * size)
                .limit(size)
                .toList()
    }

    @Override
    Optional<{{Entity}}> findById(long id) {
        try {
            return Optional.of(read(id, documents.get(key(id)).contentAsObject()))
        } catch (DocumentNotFoundException e) {
            return Optional.empty()
        }
    }

    @Override
    {{Entity}} create({{Entity}}Draft draft, Instant now) {
        {{Entity}} created = {{Entity}}.of(count(1), draft, now)
        documents.insert(key(created.id), document(created, draft))
        return created
    }

    @Override
    {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        {{Entity}} changed = before.with(draft, now)
        try {
            GetResult found = documents.get(key(before.id))
            if (found.contentAsObject().getLong('version') != before.version) {
                throw new Stale{{Entity}}Exception(before.id)
            }
            ReplaceOptions unlessChanged = ReplaceOptions.replaceOptions().cas(found.cas())
            documents.replace(key(before.id), document(changed, draft), unlessChanged)
            return changed
        } catch (DocumentNotFoundException | CasMismatchException e) {
            throw new Stale{{Entity}}Exception(before.id)
        }
    }

    @Override
    boolean remove(long id) {
        try {
            documents.remove(key(id))
            return true
        } catch (DocumentNotFoundException e) {
            return false
        }
    }

    private long count(long more) {
        return documents
                .binary()
                .increment(
                        '{{entityPath}}', IncrementOptions.incrementOptions().delta(more).initial(more))
                .content()
    }

    private static String key(long id) {
        return '{{entityPath}}-' + id
    }

    private static JsonObject document({{Entity}} {{entity}}, {{Entity}}Draft draft) {
        return JsonObject.create()
{{#fields}}
                .put('{{name}}', {{{toHeld}}})
{{/fields}}
                .put('version', {{entity}}.version)
                .put('created', {{entity}}.created.toString())
                .put('changed', {{entity}}.changed.toString())
    }

    private static {{Entity}} read(long id, JsonObject found) {
        return new {{Entity}}(
                id,
{{#fields}}
                {{{read}}},
{{/fields}}
                found.getLong('version'),
                Instant.parse(found.getString('created')),
                Instant.parse(found.getString('changed')))
    }
}
