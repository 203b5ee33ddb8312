package {{package}}.{{domain}};

import java.util.ArrayList;
import java.util.List;
{{^flows}}
import java.util.Optional;
{{/flows}}
{{#flows}}
import reactor.core.publisher.Flux;
import reactor.core.publisher.Mono;
{{/flows}}

/** Keeps notes as long as a test runs. */
public class FakeNoteRepository implements NoteRepository {

    private final List<Note> kept = new ArrayList<>();

    @Override
    public {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<Note> findAll() {
        return {{#flows}}Flux.fromIterable(kept){{/flows}}{{^flows}}List.copyOf(kept){{/flows}};
    }

    @Override
    public {{#flows}}Mono{{/flows}}{{^flows}}Optional{{/flows}}<Note> findById(long id) {
        return {{#flows}}findAll().filter(note -> note.id() == id).next(){{/flows}}{{^flows}}kept.stream().filter(note -> note.id() == id).findFirst(){{/flows}};
    }

    @Override
    public {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note{{/flows}} create(String title, String body) {
        Note note = new Note(kept.size() + 1, title, body);
        kept.add(note);
        return {{#flows}}Mono.just(note){{/flows}}{{^flows}}note{{/flows}};
    }
}
