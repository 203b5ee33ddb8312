package {{package}}.{{web}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.service.NoteBook
{{/byLayer}}
{{#validated}}
import jakarta.validation.Valid
{{/validated}}
import java.net.URI
import org.springframework.http.ResponseEntity
import org.springframework.web.bind.annotation.GetMapping
import org.springframework.web.bind.annotation.PathVariable
import org.springframework.web.bind.annotation.PostMapping
import org.springframework.web.bind.annotation.RequestBody
import org.springframework.web.bind.annotation.RequestMapping
import org.springframework.web.bind.annotation.RestController

@RestController
@RequestMapping("/notes")
class NoteController {

    private final NoteBook book

    NoteController(NoteBook book) {
        this.book = book
    }

    @GetMapping
    List<Note> all() {
        return book.all()
    }

    @GetMapping("/{id}")
    ResponseEntity<Note> one(@PathVariable long id) {
        return ResponseEntity.of(book.find(id))
    }

    @PostMapping
    ResponseEntity<Note> write(@RequestBody {{#validated}}@Valid {{/validated}}NewNote note) {
        Note written = book.write(note.title, note.body)
        return ResponseEntity.created(URI.create("/notes/" + written.id)).body(written)
    }
}
