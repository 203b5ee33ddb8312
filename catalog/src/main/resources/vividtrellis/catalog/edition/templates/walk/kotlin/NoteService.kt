package {{package}}.{{service}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.NoteEventPublisher
{{/byLayer}}
{{/announces}}
import org.springframework.stereotype.Service
{{#flows}}
import reactor.core.publisher.Flux
import reactor.core.publisher.Mono
{{#announces}}
import reactor.core.scheduler.Schedulers
{{/announces}}
{{/flows}}

/** What can be done with notes, whoever asks. */
@Service
class NoteService(
    private val notes: NoteRepository,
{{#announces}}
    private val events: NoteEventPublisher,
{{/announces}}
) {
    fun findAll(): {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<Note> = notes.findAll()

    fun findById(id: Long): {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note?{{/flows}} = notes.findById(id)

    fun create(
        title: String,
        body: String,
{{#flows}}
{{#announces}}
    ): Mono<Note> =
        // Telling others may wait, so it has a thread of its own.
        notes
            .create(title.trim(), body.trim())
            .publishOn(Schedulers.boundedElastic())
            .doOnNext(events::noteCreated)
{{/announces}}
{{^announces}}
    ): Mono<Note> = notes.create(title.trim(), body.trim())
{{/announces}}
{{/flows}}
{{^flows}}
    ): Note = notes.create(title.trim(), body.trim()){{#announces}}.also(events::noteCreated){{/announces}}
{{/flows}}
}
