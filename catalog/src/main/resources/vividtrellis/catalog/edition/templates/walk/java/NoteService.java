package {{package}}.{{service}};

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.NoteRepository;
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.NoteEventPublisher;
{{/byLayer}}
{{/announces}}
{{^flows}}
import java.util.List;
import java.util.Optional;
{{/flows}}
import org.springframework.stereotype.Service;
{{#flows}}
import reactor.core.publisher.Flux;
import reactor.core.publisher.Mono;
{{#announces}}
import reactor.core.scheduler.Schedulers;
{{/announces}}
{{/flows}}

/** What can be done with notes, whoever asks. */
@Service
public class NoteService {

    private final NoteRepository notes;
{{#announces}}
    private final NoteEventPublisher events;

    public NoteService(NoteRepository notes, NoteEventPublisher events) {
        this.notes = notes;
        this.events = events;
    }
{{/announces}}
{{^announces}}

    public NoteService(NoteRepository notes) {
        this.notes = notes;
    }
{{/announces}}

    public {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<Note> findAll() {
        return notes.findAll();
    }

    public {{#flows}}Mono{{/flows}}{{^flows}}Optional{{/flows}}<Note> findById(long id) {
        return notes.findById(id);
    }

    public {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note{{/flows}} create(String title, String body) {
{{#announces}}
{{#flows}}
        // Telling others may wait, so it has a thread of its own.
        return notes.create(title.strip(), body.strip())
                .publishOn(Schedulers.boundedElastic())
                .doOnNext(events::noteCreated);
{{/flows}}
{{^flows}}
        Note note = notes.create(title.strip(), body.strip());
        events.noteCreated(note);
        return note;
{{/flows}}
{{/announces}}
{{^announces}}
        return notes.create(title.strip(), body.strip());
{{/announces}}
    }
}
