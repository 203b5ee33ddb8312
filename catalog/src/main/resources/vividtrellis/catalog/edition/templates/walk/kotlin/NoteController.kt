package {{package}}.{{web}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.service.NoteBook
{{/byLayer}}
{{#validated}}
import jakarta.validation.Valid
{{/validated}}
{{^validated}}
import org.springframework.http.HttpStatus
{{/validated}}
import org.springframework.http.ResponseEntity
import org.springframework.web.bind.annotation.GetMapping
import org.springframework.web.bind.annotation.PathVariable
import org.springframework.web.bind.annotation.PostMapping
import org.springframework.web.bind.annotation.RequestBody
import org.springframework.web.bind.annotation.RequestMapping
import org.springframework.web.bind.annotation.RestController
{{^validated}}
import org.springframework.web.server.ResponseStatusException
{{/validated}}
{{#flows}}
import reactor.core.publisher.Mono
{{/flows}}
import java.net.URI

@RestController
@RequestMapping("/notes")
class NoteController(
    private val book: NoteBook,
) {
    @GetMapping
    fun all() = book.all()

    @GetMapping("/{id}")
    fun one(
        @PathVariable id: Long,
{{#flows}}
    ): Mono<ResponseEntity<Note>> =
        book
            .find(id)
            .map { ResponseEntity.ok(it) }
            .defaultIfEmpty(ResponseEntity.notFound().build())
{{/flows}}
{{^flows}}
    ): ResponseEntity<Note> = book.find(id)?.let { ResponseEntity.ok(it) } ?: ResponseEntity.notFound().build()
{{/flows}}

    @PostMapping
    fun write(
        @RequestBody{{#validated}} @Valid{{/validated}} note: NewNote,
    ): {{#flows}}Mono<ResponseEntity<Note>>{{/flows}}{{^flows}}ResponseEntity<Note>{{/flows}} {
{{^validated}}
        if (!note.isWhole()) {
            throw ResponseStatusException(HttpStatus.BAD_REQUEST, "A note needs a title and a text.")
        }
{{/validated}}
{{#flows}}
        return book
            .write(note.title, note.body)
            .map { ResponseEntity.created(URI.create("/notes/" + it.id)).body(it) }
{{/flows}}
{{^flows}}
        val written = book.write(note.title, note.body)
        return ResponseEntity.created(URI.create("/notes/" + written.id)).body(written)
{{/flows}}
    }
}
