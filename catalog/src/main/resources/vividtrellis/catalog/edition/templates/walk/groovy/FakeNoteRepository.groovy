package {{package}}.{{domain}}

import java.time.Instant
{{^flows}}
{{/flows}}
{{#flows}}
import reactor.core.publisher.Flux
import reactor.core.publisher.Mono
{{/flows}}

/** Keeps {{entitiesWords}} as long as a test runs. */
class Fake{{Entity}}Repository implements {{Entity}}Repository {

    private final Map<Long, {{Entity}}> kept = new TreeMap<>()
    private long last

    @Override
    {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<{{Entity}}> findAll(int page, int size) {
        List<{{Entity}}> found =
                kept.values().stream().skip((long) page * size).limit(size).toList()
        return {{#flows}}Flux.fromIterable(found){{/flows}}{{^flows}}found{{/flows}}
    }

    @Override
    {{#flows}}Mono{{/flows}}{{^flows}}Optional{{/flows}}<{{Entity}}> findById(long id) {
        return {{#flows}}Mono.justOrEmpty{{/flows}}{{^flows}}Optional.ofNullable{{/flows}}(kept.get(id))
    }

    @Override
    {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}{{/flows}} create({{Entity}}Draft draft, Instant now) {
        {{Entity}} created = {{Entity}}.of(++last, draft, now)
        kept.put(created.id, created)
        return {{#flows}}Mono.just(created){{/flows}}{{^flows}}created{{/flows}}
    }

    @Override
    {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}{{/flows}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        {{Entity}} changed = before.with(draft, now)
        kept.put(changed.id, changed)
        return {{#flows}}Mono.just(changed){{/flows}}{{^flows}}changed{{/flows}}
    }

    @Override
    {{#flows}}Mono<Boolean>{{/flows}}{{^flows}}boolean{{/flows}} remove(long id) {
        return {{#flows}}Mono.just(kept.remove(id) != null){{/flows}}{{^flows}}kept.remove(id) != null{{/flows}}
    }
}
