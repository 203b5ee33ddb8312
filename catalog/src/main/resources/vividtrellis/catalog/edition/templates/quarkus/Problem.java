package {{package}}.{{web}};

import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.ws.rs.core.Response;
import jakarta.ws.rs.core.Response.StatusType;
import java.util.Map;

/** What went wrong, as RFC 9457 has it; its errors are those of fields, if it is about any. */
record Problem({{#args}}String type, String title, int status, String detail, @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, String> errors{{/args}}) {

    static Response of(StatusType status, String detail, Map<String, String> errors) {
        Problem problem = new Problem("about:blank", status.getReasonPhrase(), status.getStatusCode(), detail, errors);
        return Response.status(status)
                .type("application/problem+json")
                .entity(problem)
                .build();
    }
}
