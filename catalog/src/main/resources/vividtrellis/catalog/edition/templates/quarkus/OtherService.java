package {{package}};

import jakarta.ws.rs.GET;
import jakarta.ws.rs.Path;
import jakarta.ws.rs.PathParam;
import jakarta.ws.rs.Produces;
import jakarta.ws.rs.core.MediaType;
import org.eclipse.microprofile.rest.client.inject.RegisterRestClient;

/** The calls of another service. Name it after the one that you call, and give it the calls that you need. */
@Path("/things")
@RegisterRestClient(configKey = "other-service")
interface OtherService {

    @GET
    @Path("{name}")
    @Produces(MediaType.TEXT_PLAIN)
    String find(@PathParam("name") String name);
}
