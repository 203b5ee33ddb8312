package {{package}}.{{domain}}
{{#flows}}

import reactor.core.publisher.Flux
import reactor.core.publisher.Mono
{{/flows}}

/** Where notes are kept. */
interface Notes {
    /** All of them, oldest first. */
    fun all(): {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<Note>

    fun find(id: Long): {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note?{{/flows}}

    /** Keeps a new note and gives it a number. */
    fun add(
        title: String,
        body: String,
    ): {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note{{/flows}}
}
