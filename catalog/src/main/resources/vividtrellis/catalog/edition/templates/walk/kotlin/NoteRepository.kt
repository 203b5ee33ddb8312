package {{package}}.{{domain}}
{{#flows}}

import reactor.core.publisher.Flux
import reactor.core.publisher.Mono
{{/flows}}

/** Where notes are kept. */
interface NoteRepository {
    /** All of them, oldest first. */
    fun findAll(): {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<Note>

    fun findById(id: Long): {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note?{{/flows}}

    /** Keeps a new note and gives it a number. */
    fun create(
        title: String,
        body: String,
    ): {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note{{/flows}}
}
