package {{package}}.{{domain}};

{{^flows}}
import java.util.List;
import java.util.Optional;
{{/flows}}
{{#flows}}
import reactor.core.publisher.Flux;
import reactor.core.publisher.Mono;
{{/flows}}

/** Where notes are kept. */
public interface NoteRepository {

    /** All of them, oldest first. */
    {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<Note> findAll();

    {{#flows}}Mono{{/flows}}{{^flows}}Optional{{/flows}}<Note> findById(long id);

    /** Keeps a new note and gives it a number. */
    {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note{{/flows}} create(String title, String body);
}
