package {{package}}.{{domain}}
{{#flows}}

import reactor.core.publisher.Flux
import reactor.core.publisher.Mono
{{/flows}}

/** Where notes are kept. */
interface Notes {

    /** All of them, oldest first. */
    {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<Note> all()

    {{#flows}}Mono{{/flows}}{{^flows}}Optional{{/flows}}<Note> find(long id)

    /** Keeps a new note and gives it a number. */
    {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note{{/flows}} add(String title, String body)
}
