package {{package}}.{{service}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.{{Entity}}Repository;
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.{{Entity}}EventPublisher;
{{/byLayer}}
{{/announces}}
import jakarta.enterprise.context.ApplicationScoped;
import jakarta.inject.Singleton;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
{{^flows}}
import java.util.List;
import java.util.Optional;
{{/flows}}
import org.springframework.stereotype.Service;
{{#rolledBack}}
import {{transactional}};
{{/rolledBack}}
{{#flows}}
import reactor.core.publisher.Flux;
import reactor.core.publisher.Mono;
{{#announces}}
import reactor.core.scheduler.Schedulers;
{{/announces}}
{{/flows}}

/** What can be done with {{entitiesWords}}, whoever asks. */
{{^byHand}}
@{{serviceMark}}
{{/byHand}}
public class {{Entity}}Service {

    /** The most that a page has, however many are asked for. */
    public static final int LARGEST_PAGE = 100;

    private final {{Entity}}Repository {{entities}};
{{#announces}}
    private final {{Entity}}EventPublisher events;

    public {{Entity}}Service({{Entity}}Repository {{entities}}, {{Entity}}EventPublisher events) {
        this.{{entities}} = {{entities}};
        this.events = events;
    }
{{/announces}}
{{^announces}}

    public {{Entity}}Service({{Entity}}Repository {{entities}}) {
        this.{{entities}} = {{entities}};
    }
{{/announces}}

    /** One page of them, oldest first; pages are counted from 0. */
{{#rolledBack}}
    @Transactional{{{readingOnly}}}
{{/rolledBack}}
    public {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<{{Entity}}> findAll(int page, int size) {
        return {{entities}}.findAll(Math.max(page, 0), Math.min(Math.max(size, 1), LARGEST_PAGE));
    }

{{#rolledBack}}
    @Transactional{{{readingOnly}}}
{{/rolledBack}}
    public {{#flows}}Mono{{/flows}}{{^flows}}Optional{{/flows}}<{{Entity}}> findById(long id) {
        return {{entities}}.findById(id);
    }

{{#announces}}
    /** Keeps a new one, and tells others once that is done; so keeping it is a transaction by itself. */
{{/announces}}
{{^announces}}
{{#rolledBack}}
    @Transactional
{{/rolledBack}}
{{/announces}}
    public {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}{{/flows}} create({{Entity}}Draft draft) {
{{#announces}}
{{#flows}}
        // Telling others may wait, so it has a thread of its own.
        return {{entities}}.create(draft, now()).publishOn(Schedulers.boundedElastic()).doOnNext(events::{{entity}}Created);
{{/flows}}
{{^flows}}
        {{Entity}} created = {{entities}}.create(draft, now());
        events.{{entity}}Created(created);
        return created;
{{/flows}}
{{/announces}}
{{^announces}}
        return {{entities}}.create(draft, now());
{{/announces}}
    }

    /**
     * Changes one, if it is still at the version that the caller has seen.
     *
     * @throws Stale{{Entity}}Exception if it is not{{#flows}}, as the signal of an error{{/flows}}
     */
{{#rolledBack}}
    @Transactional
{{/rolledBack}}
    public {{#flows}}Mono{{/flows}}{{^flows}}Optional{{/flows}}<{{Entity}}> change(long id, long version, {{Entity}}Draft draft) {
{{#flows}}
        return {{entities}}.findById(id)
                .flatMap(before -> before.version() == version
                        ? {{entities}}.change(before, draft, now())
                        : Mono.error(new Stale{{Entity}}Exception(id)));
{{/flows}}
{{^flows}}
        Optional<{{Entity}}> before = {{entities}}.findById(id);
        if (before.isPresent() && before.get().version() != version) {
            throw new Stale{{Entity}}Exception(id);
        }
        return before.map(known -> {{entities}}.change(known, draft, now()));
{{/flows}}
    }

    /** Removes one, and says whether it was there. */
{{#rolledBack}}
    @Transactional
{{/rolledBack}}
    public {{#flows}}Mono<Boolean>{{/flows}}{{^flows}}boolean{{/flows}} remove(long id) {
        return {{entities}}.remove(id);
    }

    /** To the millisecond, as every store keeps it. */
    private static Instant now() {
        return Instant.now().truncatedTo(ChronoUnit.MILLIS);
    }
}
