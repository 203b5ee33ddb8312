package {{package}}.{{web}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.service.{{Entity}}Service;
{{/byLayer}}
import io.micronaut.http.HttpHeaders;
import io.micronaut.http.HttpResponse;
import io.micronaut.http.HttpStatus;
import io.micronaut.http.annotation.Body;
import io.micronaut.http.annotation.Controller;
import io.micronaut.http.annotation.Delete;
import io.micronaut.http.annotation.Get;
import io.micronaut.http.annotation.Header;
import io.micronaut.http.annotation.Post;
import io.micronaut.http.annotation.Put;
import io.micronaut.http.annotation.QueryValue;
import io.micronaut.http.annotation.Status;
import io.micronaut.http.exceptions.HttpStatusException;
import io.micronaut.http.uri.UriBuilder;
import io.micronaut.scheduling.TaskExecutors;
import io.micronaut.scheduling.annotation.ExecuteOn;
import io.micronaut.serde.annotation.SerdeImport;
{{#validated}}
import jakarta.validation.Valid;
{{/validated}}
import java.net.URI;
import java.util.List;
{{^validated}}
import java.util.Map;
{{/validated}}

/** Whoever changes {{an}} {{entityWords}} says in If-Match which version was read; its tag is in ETag. */
@Controller("/{{entityPath}}")
@SerdeImport({{Entity}}.class)
@SerdeImport({{Entity}}Request.class)
@ExecuteOn(TaskExecutors.BLOCKING)
class {{Entity}}Controller {

    private final {{Entity}}Service service;

    {{Entity}}Controller({{Entity}}Service service) {
        this.service = service;
    }

    @Get
    List<{{Entity}}> findAll({{#args}}@QueryValue(defaultValue = "0") int page, @QueryValue(defaultValue = "20") int size{{/args}}) {
        return service.findAll(page, size);
    }

    @Get("/{id}")
    HttpResponse<{{Entity}}> findById(long id) {
        return service.findById(id).map({{Entity}}Controller::tagged).orElseThrow(() -> notFound(id));
    }

    @Post
    HttpResponse<{{Entity}}> create(@Body{{#validated}} @Valid{{/validated}} {{Entity}}Request request) {
{{^validated}}
        check(request);
{{/validated}}
        {{Entity}} created = service.create(request.toDraft());
        URI location = UriBuilder.of("/{{entityPath}}").path(Long.toString(created.id())).build();
        return HttpResponse.created(created, location).header(HttpHeaders.ETAG, tag(created));
    }

    @Put("/{id}")
    HttpResponse<{{Entity}}> change({{#args}}long id, @Header(HttpHeaders.IF_MATCH) String tag, @Body{{#validated}} @Valid{{/validated}} {{Entity}}Request request{{/args}}) {
{{^validated}}
        check(request);
{{/validated}}
        return service.change(id, version(tag), request.toDraft())
                .map({{Entity}}Controller::tagged)
                .orElseThrow(() -> notFound(id));
    }

    @Delete("/{id}")
    @Status(HttpStatus.NO_CONTENT)
    void remove(long id) {
        if (!service.remove(id)) {
            throw notFound(id);
        }
    }

    private static HttpResponse<{{Entity}}> tagged({{Entity}} {{entity}}) {
        return HttpResponse.ok({{entity}}).header(HttpHeaders.ETAG, tag({{entity}}));
    }

    private static String tag({{Entity}} {{entity}}) {
        return '"' + Long.toString({{entity}}.version()) + '"';
    }

    /** The version that a tag stands for; one that was never given stands for none. */
    private static long version(String tag) {
        return tag.matches("\"[0-9]{1,18}\"") ? Long.parseLong(tag.substring(1, tag.length() - 1)) : -1;
    }

{{^validated}}
    private static void check({{Entity}}Request request) {
        Map<String, String> errors = request.errors();
        if (!errors.isEmpty()) {
            throw new HttpStatusException(
                    HttpStatus.BAD_REQUEST, Problem.of(HttpStatus.BAD_REQUEST, "Invalid request content.", errors));
        }
    }

{{/validated}}
    private static HttpStatusException notFound(long id) {
        return new HttpStatusException(HttpStatus.NOT_FOUND, "There is no {{entityWords}} " + id + ".");
    }
}
