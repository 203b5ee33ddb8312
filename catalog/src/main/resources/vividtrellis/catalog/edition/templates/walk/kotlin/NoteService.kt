package {{package}}.{{service}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.{{Entity}}EventPublisher
{{/byLayer}}
{{/announces}}
import org.springframework.stereotype.Service
import org.springframework.transaction.annotation.Transactional
import reactor.core.publisher.Flux
import reactor.core.publisher.Mono
import reactor.core.scheduler.Schedulers
import java.time.Instant
import java.time.temporal.ChronoUnit

/** What can be done with {{entitiesWords}}, whoever asks. */
@Service
class {{Entity}}Service(
    private val {{entities}}: {{Entity}}Repository,
{{#announces}}
    private val events: {{Entity}}EventPublisher,
{{/announces}}
) {
    /** One page of them, oldest first; pages are counted from 0. */
{{#rolledBack}}
    @Transactional(readOnly = true)
{{/rolledBack}}
    fun findAll(
        page: Int,
        size: Int,
    ): {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<{{Entity}}> = {{entities}}.findAll(page.coerceAtLeast(0), size.coerceIn(1, LARGEST_PAGE))

{{#rolledBack}}
    @Transactional(readOnly = true)
{{/rolledBack}}
    fun findById(id: Long): {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}?{{/flows}} = {{entities}}.findById(id)

{{#announces}}
    /** Keeps a new one, and tells others once that is done; so keeping it is a transaction by itself. */
{{/announces}}
{{^announces}}
{{#rolledBack}}
    @Transactional
{{/rolledBack}}
{{/announces}}
{{#announces}}
{{#flows}}
    fun create(draft: {{Entity}}Draft): Mono<{{Entity}}> =
        // Telling others may wait, so it has a thread of its own.
        {{entities}}
            .create(draft, now())
            .publishOn(Schedulers.boundedElastic())
            .doOnNext(events::{{entity}}Created)
{{/flows}}
{{^flows}}
    fun create(draft: {{Entity}}Draft): {{Entity}} = {{entities}}.create(draft, now()).also(events::{{entity}}Created)
{{/flows}}
{{/announces}}
{{^announces}}
    fun create(draft: {{Entity}}Draft): {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}{{/flows}} = {{entities}}.create(draft, now())
{{/announces}}

    /**
     * Changes one, if it is still at the version that the caller has seen.
     *
     * @throws Stale{{Entity}}Exception if it is not{{#flows}}, as the signal of an error{{/flows}}
     */
{{#rolledBack}}
    @Transactional
{{/rolledBack}}
    fun change(
        id: Long,
        version: Long,
        draft: {{Entity}}Draft,
{{#flows}}
    ): Mono<{{Entity}}> =
        {{entities}}
            .findById(id)
            .flatMap { before ->
                if (before.version == version) {
                    {{entities}}.change(before, draft, now())
                } else {
                    Mono.error(Stale{{Entity}}Exception(id))
                }
            }
{{/flows}}
{{^flows}}
    ): {{Entity}}? {
        val before = {{entities}}.findById(id) ?: return null
        if (before.version != version) {
            throw Stale{{Entity}}Exception(id)
        }
        return {{entities}}.change(before, draft, now())
    }
{{/flows}}

    /** Removes one, and says whether it was there. */
{{#rolledBack}}
    @Transactional
{{/rolledBack}}
    fun remove(id: Long): {{#flows}}Mono<Boolean>{{/flows}}{{^flows}}Boolean{{/flows}} = {{entities}}.remove(id)

    /** To the millisecond, as every store keeps it. */
    private fun now(): Instant = Instant.now().truncatedTo(ChronoUnit.MILLIS)

    companion object {
        /** The most that a page has, however many are asked for. */
        const val LARGEST_PAGE = 100
    }
}
