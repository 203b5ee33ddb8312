package {{package}}.{{web}};

{{#byLayer}}
{{#tellsDoubles}}
{{#hasUniques}}
import {{package}}.domain.Duplicate{{Entity}}Exception;
{{/hasUniques}}
{{/tellsDoubles}}
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
import com.fasterxml.jackson.databind.DatabindException;
{{#validated}}
import jakarta.validation.ConstraintViolation;
import jakarta.validation.ConstraintViolationException;
import jakarta.validation.Path;
{{/validated}}
import jakarta.ws.rs.WebApplicationException;
import jakarta.ws.rs.core.Response;
import jakarta.ws.rs.core.Response.Status;
import java.util.Map;
{{#validated}}
import java.util.TreeMap;
{{/validated}}
import org.jboss.resteasy.reactive.server.ServerExceptionMapper;

/** Answers what goes wrong with problem details (RFC 9457){{#validated}}, and says of each field what is wrong with it{{/validated}}. */
class ExceptionMappers {

    @ServerExceptionMapper
    public Response refused(WebApplicationException exception) {
        if (exception.getResponse().hasEntity()) {
            return exception.getResponse();
        }
        Response.StatusType status = exception.getResponse().getStatusInfo();
        boolean unreadable = status.getStatusCode() == 400 && exception.getCause() != null;
        return Problem.of(status, unreadable ? "Failed to read request" : exception.getMessage(), Map.of());
    }

    /** What a reader of JSON says of itself helps nobody outside. */
    @ServerExceptionMapper
    public Response unreadable(DatabindException exception) {
        return Problem.of(Status.BAD_REQUEST, "Failed to read request", Map.of());
    }

    @ServerExceptionMapper
    public Response stale(Stale{{Entity}}Exception exception) {
        return Problem.of(Status.PRECONDITION_FAILED, exception.getMessage(), Map.of());
    }
{{#looksForDoubles}}
{{#hasUniques}}

    @ServerExceptionMapper
{{#tellsDoubles}}
    public Response duplicate(Duplicate{{Entity}}Exception exception) {
        return Problem.of(Status.CONFLICT, exception.getMessage(), Map.of());
    }
{{/tellsDoubles}}
{{^tellsDoubles}}
    public Response duplicate(org.hibernate.exception.ConstraintViolationException exception) {
        return Problem.of({{#args}}Status.CONFLICT, "There is {{an}} {{entityWords}} with the same {{#uniques}}{{fieldWords}}{{^-last}} or {{/-last}}{{/uniques}} already.", Map.of(){{/args}});
    }
{{/tellsDoubles}}
{{/hasUniques}}
{{/looksForDoubles}}
{{#validated}}

    @ServerExceptionMapper
    public Response invalid(ConstraintViolationException exception) {
        Map<String, String> errors = new TreeMap<>();
        for (ConstraintViolation<?> violation : exception.getConstraintViolations()) {
            String field = "";
            for (Path.Node node : violation.getPropertyPath()) {
                field = node.toString();
            }
            errors.putIfAbsent(field, violation.getMessage());
        }
        return Problem.of(Status.BAD_REQUEST, "Invalid request content.", errors);
    }
{{/validated}}
}
