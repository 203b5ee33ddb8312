package {{package}}.{{web}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.service.NoteBook
{{/byLayer}}
{{#described}}
import io.swagger.v3.oas.annotations.media.Content
import io.swagger.v3.oas.annotations.responses.ApiResponse
{{/described}}
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
{{#overServlets}}
import org.springframework.web.servlet.support.ServletUriComponentsBuilder
{{/overServlets}}
{{#flows}}
import reactor.core.publisher.Mono
{{/flows}}
{{^overServlets}}
import java.net.URI
{{/overServlets}}

@RestController
@RequestMapping("/notes")
class NoteController(
    private val book: NoteBook,
) {
    @GetMapping
    fun all() = book.all()

{{#described}}
    @ApiResponse(responseCode = "200", description = "The note")
    @ApiResponse(responseCode = "404", description = "There is no such note", content = [Content()])
{{/described}}
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

{{#described}}
    @ApiResponse(responseCode = "201", description = "The note as it is kept")
    @ApiResponse(responseCode = "400", description = "Its title or text is missing or too long", content = [Content()])
{{/described}}
    @PostMapping
    fun write(
        @RequestBody{{#validated}} @Valid{{/validated}} note: NewNote,
    ): {{#flows}}Mono<ResponseEntity<Note>>{{/flows}}{{^flows}}ResponseEntity<Note>{{/flows}} {
{{^validated}}
        if (note.faults().isNotEmpty()) {
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
{{#overServlets}}
        val place =
            ServletUriComponentsBuilder
                .fromCurrentRequest()
                .path("/{id}")
                .buildAndExpand(written.id)
                .toUri()
{{/overServlets}}
{{^overServlets}}
        val place = URI.create("/notes/" + written.id)
{{/overServlets}}
        return ResponseEntity.created(place).body(written)
{{/flows}}
    }
}
