package {{package}}.{{service}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.Notes
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.Announcements
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
class NoteBook(
    private val notes: Notes,
{{#announces}}
    private val announcements: Announcements,
{{/announces}}
) {
    fun all(): {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<Note> = notes.all()

    fun find(id: Long): {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note?{{/flows}} = notes.find(id)

    fun write(
        title: String,
        body: String,
{{#flows}}
{{#announces}}
    ): Mono<Note> =
        // Telling others may wait, so it has a thread of its own.
        notes
            .add(title.trim(), body.trim())
            .publishOn(Schedulers.boundedElastic())
            .doOnNext(announcements::written)
{{/announces}}
{{^announces}}
    ): Mono<Note> = notes.add(title.trim(), body.trim())
{{/announces}}
{{/flows}}
{{^flows}}
    ): Note = notes.add(title.trim(), body.trim()){{#announces}}.also(announcements::written){{/announces}}
{{/flows}}
}
