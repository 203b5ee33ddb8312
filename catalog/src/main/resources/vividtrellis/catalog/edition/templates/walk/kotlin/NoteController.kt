package {{package}}.{{web}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.service.{{Entity}}Service
{{/byLayer}}
import io.swagger.v3.oas.annotations.responses.ApiResponse
import jakarta.validation.Valid
import org.springframework.http.HttpHeaders
import org.springframework.http.HttpStatus
import org.springframework.http.MediaType
import org.springframework.http.ProblemDetail
import org.springframework.http.ResponseEntity
import org.springframework.web.ErrorResponseException
import org.springframework.web.bind.annotation.DeleteMapping
import org.springframework.web.bind.annotation.GetMapping
import org.springframework.web.bind.annotation.PathVariable
import org.springframework.web.bind.annotation.PostMapping
import org.springframework.web.bind.annotation.PutMapping
import org.springframework.web.bind.annotation.RequestBody
import org.springframework.web.bind.annotation.RequestHeader
import org.springframework.web.bind.annotation.RequestMapping
import org.springframework.web.bind.annotation.RequestParam
import org.springframework.web.bind.annotation.ResponseStatus
import org.springframework.web.bind.annotation.RestController
import org.springframework.web.server.ResponseStatusException
import org.springframework.web.servlet.support.ServletUriComponentsBuilder
import reactor.core.publisher.Flux
import reactor.core.publisher.Mono
import java.net.URI

/** Whoever changes {{an}} {{entityWords}} says in If-Match which version was read; its tag is in ETag. */
@RestController
@RequestMapping("/{{entityPath}}")
class {{Entity}}Controller(
    private val service: {{Entity}}Service,
) {
    @GetMapping
    fun findAll(
        @RequestParam(defaultValue = "0") page: Int,
        @RequestParam(defaultValue = "20") size: Int,
    ): {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<{{Entity}}> = service.findAll(page, size)

{{#described}}
    @ApiResponse(responseCode = "200", description = "The {{entityWords}}")
    @ApiResponse(responseCode = "404", ref = "NotFound")
{{/described}}
    @GetMapping("/{id}")
    fun findById(
        @PathVariable id: Long,
{{#flows}}
    ): Mono<ResponseEntity<{{Entity}}>> =
        service
            .findById(id)
            .map(::tagged)
            .switchIfEmpty(Mono.error { notFound(id) })
{{/flows}}
{{^flows}}
    ): ResponseEntity<{{Entity}}> = tagged(service.findById(id) ?: throw notFound(id))
{{/flows}}

{{#described}}
    @ApiResponse(responseCode = "201", description = "The {{entityWords}} as it is kept")
    @ApiResponse(responseCode = "400", ref = "BadRequest")
{{#hasUniques}}
    @ApiResponse(responseCode = "409", ref = "Conflict")
{{/hasUniques}}
{{/described}}
    @PostMapping
    fun create(
        @RequestBody{{#validated}} @Valid{{/validated}} request: {{Entity}}Request,
{{#flows}}
{{#validated}}
    ): Mono<ResponseEntity<{{Entity}}>> =
        service
            .create(request.toDraft())
            .map { ResponseEntity.created(URI.create("/{{entityPath}}/" + it.id)).eTag(tag(it)).body(it) }
{{/validated}}
{{^validated}}
    ): Mono<ResponseEntity<{{Entity}}>> {
        check(request)
        return service
            .create(request.toDraft())
            .map { ResponseEntity.created(URI.create("/{{entityPath}}/" + it.id)).eTag(tag(it)).body(it) }
    }
{{/validated}}
{{/flows}}
{{^flows}}
    ): ResponseEntity<{{Entity}}> {
{{^validated}}
        check(request)
{{/validated}}
        val created = service.create(request.toDraft())
{{#overServlets}}
        val location =
            ServletUriComponentsBuilder
                .fromCurrentRequest()
                .path("/{id}")
                .buildAndExpand(created.id)
                .toUri()
{{/overServlets}}
{{^overServlets}}
        val location = URI.create("/{{entityPath}}/" + created.id)
{{/overServlets}}
        return ResponseEntity.created(location).eTag(tag(created)).body(created)
    }
{{/flows}}

{{#described}}
    @ApiResponse(responseCode = "200", description = "The {{entityWords}} as it is now")
    @ApiResponse(responseCode = "400", ref = "BadRequest")
    @ApiResponse(responseCode = "404", ref = "NotFound")
{{#hasUniques}}
    @ApiResponse(responseCode = "409", ref = "Conflict")
{{/hasUniques}}
    @ApiResponse(responseCode = "412", ref = "PreconditionFailed")
{{/described}}
    @PutMapping("/{id}")
    fun change(
        @PathVariable id: Long,
        @RequestHeader(HttpHeaders.IF_MATCH) tag: String,
        @RequestBody{{#validated}} @Valid{{/validated}} request: {{Entity}}Request,
{{#validated}}
{{#flows}}
    ): Mono<ResponseEntity<{{Entity}}>> =
        service
            .change(id, version(tag), request.toDraft())
            .map(::tagged)
            .switchIfEmpty(Mono.error { notFound(id) })
{{/flows}}
{{^flows}}
    ): ResponseEntity<{{Entity}}> = tagged(service.change(id, version(tag), request.toDraft()) ?: throw notFound(id))
{{/flows}}
{{/validated}}
{{^validated}}
    ): {{#flows}}Mono<ResponseEntity<{{Entity}}>>{{/flows}}{{^flows}}ResponseEntity<{{Entity}}>{{/flows}} {
        check(request)
{{#flows}}
        return service
            .change(id, version(tag), request.toDraft())
            .map(::tagged)
            .switchIfEmpty(Mono.error { notFound(id) })
{{/flows}}
{{^flows}}
        return tagged(service.change(id, version(tag), request.toDraft()) ?: throw notFound(id))
{{/flows}}
    }
{{/validated}}

{{#described}}
    @ApiResponse(responseCode = "204", description = "It is removed")
    @ApiResponse(responseCode = "404", ref = "NotFound")
{{/described}}
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    fun remove(
        @PathVariable id: Long,
{{#flows}}
    ): Mono<Void> = service.remove(id).flatMap { removed -> if (removed) Mono.empty() else Mono.error(notFound(id)) }
{{/flows}}
{{^flows}}
    ) {
        if (!service.remove(id)) {
            throw notFound(id)
        }
    }
{{/flows}}

    private fun tagged({{entity}}: {{Entity}}) = ResponseEntity.ok().eTag(tag({{entity}})).body({{entity}})

    private fun tag({{entity}}: {{Entity}}) = "\"" + {{entity}}.version + "\""

    /** The version that a tag stands for; one that was never given stands for none. */
    private fun version(tag: String) = tag.removeSurrounding("\"").toLongOrNull() ?: -1

    private fun notFound(id: Long) = ResponseStatusException(HttpStatus.NOT_FOUND, "There is no {{entityWords}} " + id + ".")
{{^validated}}

    private fun check(request: {{Entity}}Request) {
        if (request.errors().isNotEmpty()) {
            val problem = ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, "Invalid request content.")
            problem.setProperty("errors", request.errors())
            throw ErrorResponseException(HttpStatus.BAD_REQUEST, problem, null)
        }
    }
{{/validated}}
}
