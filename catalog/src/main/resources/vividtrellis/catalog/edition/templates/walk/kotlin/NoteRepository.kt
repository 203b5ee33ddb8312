package {{package}}.{{domain}}

import reactor.core.publisher.Flux
import reactor.core.publisher.Mono
import java.time.Instant

/** Where {{entitiesWords}} are kept. */
interface {{Entity}}Repository {
    /** One page of them, oldest first; pages are counted from 0. */
    fun findAll(
        page: Int,
        size: Int,
    ): {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<{{Entity}}>

    fun findById(id: Long): {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}?{{/flows}}

    /** Keeps a new one and gives it a number. */
    fun create(
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}{{/flows}}

    /**
     * Changes one that was read before.
     *
     * @throws Stale{{Entity}}Exception if somebody else changed or removed it since{{#flows}}, as the signal of an error{{/flows}}
     */
    fun change(
        before: {{Entity}},
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}{{/flows}}

    /** Removes one, and says whether it was there. */
    fun remove(id: Long): {{#flows}}Mono<Boolean>{{/flows}}{{^flows}}Boolean{{/flows}}
}
