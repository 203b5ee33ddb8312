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
class NoteBook {

    private final Notes notes
{{#announces}}
    private final Announcements announcements

    NoteBook(Notes notes, Announcements announcements) {
        this.notes = notes
        this.announcements = announcements
    }
{{/announces}}
{{^announces}}

    NoteBook(Notes notes) {
        this.notes = notes
    }
{{/announces}}

    {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<Note> all() {
        return notes.all()
    }

    {{#flows}}Mono{{/flows}}{{^flows}}Optional{{/flows}}<Note> find(long id) {
        return notes.find(id)
    }

    {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note{{/flows}} write(String title, String body) {
{{#announces}}
{{#flows}}
        // Telling others may wait, so it has a thread of its own.
        return notes.add(title.strip(), body.strip())
                .publishOn(Schedulers.boundedElastic())
                .doOnNext(announcements::written)
{{/flows}}
{{^flows}}
        Note note = notes.add(title.strip(), body.strip())
        announcements.written(note)
        return note
{{/flows}}
{{/announces}}
{{^announces}}
        return notes.add(title.strip(), body.strip())
{{/announces}}
    }
}
