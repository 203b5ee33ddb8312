package {{package}}.{{web}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.service.NoteService
{{/byLayer}}
{{#described}}
import io.swagger.v3.oas.annotations.media.Content
import io.swagger.v3.oas.annotations.media.Schema
import io.swagger.v3.oas.annotations.responses.ApiResponse
{{/described}}
{{#validated}}
import jakarta.validation.Valid
{{/validated}}
import org.springframework.http.HttpStatus
{{#described}}
import org.springframework.http.MediaType
import org.springframework.http.ProblemDetail
{{/described}}
{{^described}}
{{^validated}}
import org.springframework.http.ProblemDetail
{{/validated}}
{{/described}}
import org.springframework.http.ResponseEntity
{{^validated}}
import org.springframework.web.ErrorResponseException
{{/validated}}
import org.springframework.web.bind.annotation.GetMapping
import org.springframework.web.bind.annotation.PathVariable
import org.springframework.web.bind.annotation.PostMapping
import org.springframework.web.bind.annotation.RequestBody
import org.springframework.web.bind.annotation.RequestMapping
import org.springframework.web.bind.annotation.RestController
import org.springframework.web.server.ResponseStatusException
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
    private val service: NoteService,
) {
    @GetMapping
    fun findAll() = service.findAll()

{{#described}}
    @ApiResponse(responseCode = "200", description = "The note")
    @ApiResponse(
        responseCode = "404",
        description = "There is no such note",
        content = [
            Content(
                mediaType = MediaType.APPLICATION_PROBLEM_JSON_VALUE,
                schema = Schema(implementation = ProblemDetail::class),
            ),
        ],
    )
{{/described}}
    @GetMapping("/{id}")
    fun findById(
        @PathVariable id: Long,
{{#flows}}
    ): Mono<Note> = service.findById(id).switchIfEmpty(Mono.error { notFound(id) })
{{/flows}}
{{^flows}}
    ): Note = service.findById(id) ?: throw notFound(id)
{{/flows}}

{{#described}}
    @ApiResponse(responseCode = "201", description = "The note as it is kept")
    @ApiResponse(
        responseCode = "400",
        description = "Its title or text is missing or too long",
        content = [
            Content(
                mediaType = MediaType.APPLICATION_PROBLEM_JSON_VALUE,
                schema = Schema(implementation = ProblemDetail::class),
            ),
        ],
    )
{{/described}}
    @PostMapping
    fun create(
        @RequestBody{{#validated}} @Valid{{/validated}} note: NoteRequest,
    ): {{#flows}}Mono<ResponseEntity<Note>>{{/flows}}{{^flows}}ResponseEntity<Note>{{/flows}} {
{{^validated}}
        if (note.errors().isNotEmpty()) {
            throw invalid(note)
        }
{{/validated}}
{{#flows}}
        return service
            .create(note.title, note.body)
            .map { ResponseEntity.created(URI.create("/notes/" + it.id)).body(it) }
{{/flows}}
{{^flows}}
        val created = service.create(note.title, note.body)
{{#overServlets}}
        val location =
            ServletUriComponentsBuilder
                .fromCurrentRequest()
                .path("/{id}")
                .buildAndExpand(created.id)
                .toUri()
{{/overServlets}}
{{^overServlets}}
        val location = URI.create("/notes/" + created.id)
{{/overServlets}}
        return ResponseEntity.created(location).body(created)
{{/flows}}
    }

    private fun notFound(id: Long) = ResponseStatusException(HttpStatus.NOT_FOUND, "There is no note " + id + ".")
{{^validated}}

    private fun invalid(note: NoteRequest): ErrorResponseException {
        val problem = ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, "Invalid request content.")
        problem.setProperty("errors", note.errors())
        return ErrorResponseException(HttpStatus.BAD_REQUEST, problem, null)
    }
{{/validated}}
}
