package {{package}}.{{web}};

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.service.NoteBook;
{{/byLayer}}
{{#described}}
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
{{/described}}
{{#validated}}
import jakarta.validation.Valid;
{{/validated}}
import java.net.URI;
{{^flows}}
import java.util.List;
{{/flows}}
{{^validated}}
import org.springframework.http.HttpStatus;
{{/validated}}
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
{{^validated}}
import org.springframework.web.server.ResponseStatusException;
{{/validated}}
{{#overServlets}}
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
{{/overServlets}}
{{#flows}}
import reactor.core.publisher.Flux;
import reactor.core.publisher.Mono;
{{/flows}}

@RestController
@RequestMapping("/notes")
class NoteController {

    private final NoteBook book;

    NoteController(NoteBook book) {
        this.book = book;
    }

    @GetMapping
    {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<Note> all() {
        return book.all();
    }

{{#described}}
    @ApiResponse(responseCode = "200", description = "The note")
    @ApiResponse(responseCode = "404", description = "There is no such note", content = @Content)
{{/described}}
    @GetMapping("/{id}")
    {{#flows}}Mono<ResponseEntity<Note>>{{/flows}}{{^flows}}ResponseEntity<Note>{{/flows}} one(@PathVariable long id) {
{{#flows}}
        return book.find(id)
                .map(ResponseEntity::ok)
                .defaultIfEmpty(ResponseEntity.notFound().build());
{{/flows}}
{{^flows}}
        return ResponseEntity.of(book.find(id));
{{/flows}}
    }

{{#described}}
    @ApiResponse(responseCode = "201", description = "The note as it is kept")
    @ApiResponse(responseCode = "400", description = "Its title or text is missing or too long", content = @Content)
{{/described}}
    @PostMapping
    {{#flows}}Mono<ResponseEntity<Note>>{{/flows}}{{^flows}}ResponseEntity<Note>{{/flows}} write(@RequestBody {{#validated}}@Valid {{/validated}}NewNote note) {
{{^validated}}
        if (!note.faults().isEmpty()) {
            throw new ResponseStatusException(HttpStatus.BAD_REQUEST, "A note needs a title and a text.");
        }
{{/validated}}
{{#flows}}
        return book.write(note.title(), note.body())
                .map(written -> ResponseEntity.created(URI.create("/notes/" + written.id()))
                        .body(written));
{{/flows}}
{{^flows}}
        Note written = book.write(note.title(), note.body());
{{#overServlets}}
        URI place = ServletUriComponentsBuilder.fromCurrentRequest()
                .path("/{id}")
                .buildAndExpand(written.id())
                .toUri();
{{/overServlets}}
{{^overServlets}}
        URI place = URI.create("/notes/" + written.id());
{{/overServlets}}
        return ResponseEntity.created(place).body(written);
{{/flows}}
    }
}
