package {{package}}.{{domain}};

import java.time.Instant;
{{^flows}}
import java.util.List;
import java.util.Optional;
{{/flows}}
{{#flows}}
import reactor.core.publisher.Flux;
import reactor.core.publisher.Mono;
{{/flows}}

/** Where {{entitiesWords}} are kept. */
public interface {{Entity}}Repository {

    /** One page of them, oldest first; pages are counted from 0. */
    {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<{{Entity}}> findAll(int page, int size);

    {{#flows}}Mono{{/flows}}{{^flows}}Optional{{/flows}}<{{Entity}}> findById(long id);

    /** Keeps a new one and gives it a number. */
    {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}{{/flows}} create({{Entity}}Draft draft, Instant now);

    /**
     * Changes one that was read before.
     *
     * @throws Stale{{Entity}}Exception if somebody else changed or removed it since{{#flows}}, as the signal of an error{{/flows}}
     */
    {{#flows}}Mono<{{Entity}}>{{/flows}}{{^flows}}{{Entity}}{{/flows}} change({{Entity}} before, {{Entity}}Draft draft, Instant now);

    /** Removes one, and says whether it was there. */
    {{#flows}}Mono<Boolean>{{/flows}}{{^flows}}boolean{{/flows}} remove(long id);
}
