package {{package}}.{{web}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.service.{{Entity}}Service;
{{/byLayer}}
import io.smallrye.common.annotation.RunOnVirtualThread;
{{#validated}}
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
{{/validated}}
import jakarta.ws.rs.BadRequestException;
import jakarta.ws.rs.DELETE;
import jakarta.ws.rs.DefaultValue;
import jakarta.ws.rs.GET;
import jakarta.ws.rs.HeaderParam;
import jakarta.ws.rs.NotFoundException;
import jakarta.ws.rs.POST;
import jakarta.ws.rs.PUT;
import jakarta.ws.rs.Path;
import jakarta.ws.rs.QueryParam;
import jakarta.ws.rs.WebApplicationException;
import jakarta.ws.rs.core.Context;
import jakarta.ws.rs.core.EntityTag;
import jakarta.ws.rs.core.HttpHeaders;
import jakarta.ws.rs.core.Response;
import jakarta.ws.rs.core.Response.Status;
import jakarta.ws.rs.core.UriInfo;
import java.net.URI;
import java.util.List;
{{^validated}}
import java.util.Map;
{{/validated}}
import org.jboss.resteasy.reactive.RestPath;

/** Whoever changes {{an}} {{entityWords}} says in If-Match which version was read; its tag is in ETag. */
@Path("/{{entityPath}}")
{{#virtualThreads}}
@RunOnVirtualThread
{{/virtualThreads}}
public class {{Entity}}Resource {

    private final {{Entity}}Service service;

    {{Entity}}Resource({{Entity}}Service service) {
        this.service = service;
    }

    @GET
    public List<{{Entity}}> findAll({{#args}}@QueryParam("page") @DefaultValue("0") int page, @QueryParam("size") @DefaultValue("20") int size{{/args}}) {
        return service.findAll(page, size);
    }

    @GET
    @Path("/{id}")
    public Response findById(@RestPath long id) {
        return service.findById(id).map({{Entity}}Resource::tagged).orElseThrow(() -> notFound(id));
    }

    @POST
    public Response create({{#args}}{{#validated}}@NotNull @Valid {{/validated}}{{Entity}}Request request, @Context UriInfo address{{/args}}) {
{{^validated}}
        check(request);
{{/validated}}
        {{Entity}} created = service.create(request.toDraft());
        URI location = address.getAbsolutePathBuilder()
                .path(Long.toString(created.id()))
                .build();
        return Response.created(location).entity(created).tag(tag(created)).build();
    }

    @PUT
    @Path("/{id}")
    public Response change({{#args}}@RestPath long id, @HeaderParam(HttpHeaders.IF_MATCH) String tag, {{#validated}}@NotNull @Valid {{/validated}}{{Entity}}Request request{{/args}}) {
{{^validated}}
        check(request);
{{/validated}}
        return service.change(id, version(tag), request.toDraft())
                .map({{Entity}}Resource::tagged)
                .orElseThrow(() -> notFound(id));
    }

    @DELETE
    @Path("/{id}")
    public void remove(@RestPath long id) {
        if (!service.remove(id)) {
            throw notFound(id);
        }
    }

    private static Response tagged({{Entity}} {{entity}}) {
        return Response.ok({{entity}}).tag(tag({{entity}})).build();
    }

    private static EntityTag tag({{Entity}} {{entity}}) {
        return new EntityTag(Long.toString({{entity}}.version()));
    }

    /** The version that a tag stands for; one that was never given stands for none. */
    private static long version(String tag) {
        if (tag == null) {
            throw new BadRequestException("Required header 'If-Match' is not present.");
        }
        return tag.matches("\"[0-9]{1,18}\"") ? Long.parseLong(tag.substring(1, tag.length() - 1)) : -1;
    }

{{^validated}}
    private static void check({{Entity}}Request request) {
        if (request == null) {
            throw new BadRequestException("Failed to read request");
        }
        Map<String, String> errors = request.errors();
        if (!errors.isEmpty()) {
            throw new WebApplicationException(Problem.of(Status.BAD_REQUEST, "Invalid request content.", errors));
        }
    }

{{/validated}}
    private static NotFoundException notFound(long id) {
        return new NotFoundException("There is no {{entityWords}} " + id + ".");
    }
}
