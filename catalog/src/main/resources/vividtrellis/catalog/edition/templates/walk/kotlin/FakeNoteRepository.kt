package {{package}}.{{domain}}

import reactor.core.publisher.Flux
import reactor.core.publisher.Mono
import java.time.Instant
import java.util.TreeMap

/** Keeps {{entitiesWords}} as long as a test runs. */
class Fake{{Entity}}Repository : {{Entity}}Repository {
    private val kept = TreeMap<Long, {{Entity}}>()
    private var last = 0L

    override fun findAll(
        page: Int,
        size: Int,
    ): {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<{{Entity}}> {
        val found =
            kept.values
                .drop(page * size)
                .take(size)
        return {{#flows}}Flux.fromIterable(found){{/flows}}{{^flows}}found{{/flows}}
    }

    override fun findById(id: Long): {{#flows}}Mono<{{Entity}}> = Mono.justOrEmpty(kept[id]){{/flows}}{{^flows}}{{Entity}}? = kept[id]{{/flows}}

    override fun create(
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}{{/flows}} {
        val created = {{Entity}}.of(++last, draft, now)
        kept[created.id] = created
        return {{#flows}}Mono.just(created){{/flows}}{{^flows}}created{{/flows}}
    }

    override fun change(
        before: {{Entity}},
        draft: {{Entity}}Draft,
        now: Instant,
    ): {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}{{/flows}} {
        val changed = before.with(draft, now)
        kept[changed.id] = changed
        return {{#flows}}Mono.just(changed){{/flows}}{{^flows}}changed{{/flows}}
    }

    override fun remove(id: Long): {{#flows}}Mono<Boolean> = Mono.just(kept.remove(id) != null){{/flows}}{{^flows}}Boolean = kept.remove(id) != null{{/flows}}
}
