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

/** Whoever changes {{an}} {{entityWords}} says in If-Match which version was read; its tag is in ETag. */
@RestController
@RequestMapping('/{{entityPath}}')
class {{Entity}}Controller {

    private final {{Entity}}Service service

    {{Entity}}Controller({{Entity}}Service service) {
        this.service = service
    }

    @GetMapping
    {{#flows}}Flux{{/flows}}{{^flows}}List{{/flows}}<{{Entity}}> findAll({{#args}}@RequestParam(defaultValue = '0') int page, @RequestParam(defaultValue = '20') int size{{/args}}) {
        return service.findAll(page, size)
    }

{{#described}}
    @ApiResponse(responseCode = '200', description = 'The {{entityWords}}')
    @ApiResponse(responseCode = '404', ref = 'NotFound')
{{/described}}
    @GetMapping('/{id}')
    {{#flows}}Mono<ResponseEntity<{{Entity}}>>{{/flows}}{{^flows}}ResponseEntity<{{Entity}}>{{/flows}} findById(@PathVariable long id) {
{{#flows}}
        return service.findById(id).map { tagged(it) }.switchIfEmpty(Mono.error { notFound(id) })
{{/flows}}
{{^flows}}
        return service.findById(id).map { tagged(it) }.orElseThrow { notFound(id) }
{{/flows}}
    }

{{#described}}
    @ApiResponse(responseCode = '201', description = 'The {{entityWords}} as it is kept')
    @ApiResponse(responseCode = '400', ref = 'BadRequest')
{{#hasUniques}}
    @ApiResponse(responseCode = '409', ref = 'Conflict')
{{/hasUniques}}
{{/described}}
    @PostMapping
    {{#flows}}Mono<ResponseEntity<{{Entity}}>>{{/flows}}{{^flows}}ResponseEntity<{{Entity}}>{{/flows}} create(@RequestBody {{#validated}}@Valid {{/validated}}{{Entity}}Request request) {
{{^validated}}
        check(request)
{{/validated}}
{{#flows}}
        return service.create(request.toDraft())
                .map(created -> ResponseEntity.created(URI.create('/{{entityPath}}/' + created.id))
                        .eTag(tag(created))
                        .body(created))
{{/flows}}
{{^flows}}
        {{Entity}} created = service.create(request.toDraft())
{{#overServlets}}
        URI location = ServletUriComponentsBuilder.fromCurrentRequest()
                .path('/{id}')
                .buildAndExpand(created.id)
                .toUri()
{{/overServlets}}
{{^overServlets}}
        URI location = URI.create('/{{entityPath}}/' + created.id)
{{/overServlets}}
        return ResponseEntity.created(location).eTag(tag(created)).body(created)
{{/flows}}
    }

{{#described}}
    @ApiResponse(responseCode = '200', description = 'The {{entityWords}} as it is now')
    @ApiResponse(responseCode = '400', ref = 'BadRequest')
    @ApiResponse(responseCode = '404', ref = 'NotFound')
{{#hasUniques}}
    @ApiResponse(responseCode = '409', ref = 'Conflict')
{{/hasUniques}}
    @ApiResponse(responseCode = '412', ref = 'PreconditionFailed')
{{/described}}
    @PutMapping('/{id}')
    {{#flows}}Mono<ResponseEntity<{{Entity}}>>{{/flows}}{{^flows}}ResponseEntity<{{Entity}}>{{/flows}} change({{#args}}@PathVariable long id, @RequestHeader(HttpHeaders.IF_MATCH) String tag, @RequestBody {{#validated}}@Valid {{/validated}}{{Entity}}Request request{{/args}}) {
{{^validated}}
        check(request)
{{/validated}}
{{#flows}}
        return service.change(id, version(tag), request.toDraft())
                .map { tagged(it) }
                .switchIfEmpty(Mono.error { notFound(id) })
{{/flows}}
{{^flows}}
        return service.change(id, version(tag), request.toDraft())
                .map { tagged(it) }
                .orElseThrow { notFound(id) }
{{/flows}}
    }

{{#described}}
    @ApiResponse(responseCode = '204', description = 'It is removed')
    @ApiResponse(responseCode = '404', ref = 'NotFound')
{{/described}}
    @DeleteMapping('/{id}')
    @ResponseStatus(HttpStatus.NO_CONTENT)
    {{#flows}}Mono<Void>{{/flows}}{{^flows}}void{{/flows}} remove(@PathVariable long id) {
{{#flows}}
        return service.remove(id).flatMap(removed -> removed ? Mono.empty() : Mono.error(notFound(id)))
{{/flows}}
{{^flows}}
        if (!service.remove(id)) {
            throw notFound(id)
        }
{{/flows}}
    }

    private ResponseEntity<{{Entity}}> tagged({{Entity}} {{entity}}) {
        return ResponseEntity.ok().eTag(tag({{entity}})).body({{entity}})
    }

    private static String tag({{Entity}} {{entity}}) {
        return '"' + {{entity}}.version + '"'
    }

    /** The version that a tag stands for; one that was never given stands for none. */
    private static long version(String tag) {
        return tag.matches('"[0-9]{1,18}"') ? Long.parseLong(tag.substring(1, tag.length() - 1)) : -1
    }

    private static ResponseStatusException notFound(long id) {
        return new ResponseStatusException(HttpStatus.NOT_FOUND, 'There is no {{entityWords}} ' + id + '.')
    }
{{^validated}}

    private static void check({{Entity}}Request request) {
        if (!request.errors().isEmpty()) {
            ProblemDetail problem =
                    ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, 'Invalid request content.')
            problem.setProperty('errors', request.errors())
            throw new ErrorResponseException(HttpStatus.BAD_REQUEST, problem, null)
        }
    }
{{/validated}}
}
