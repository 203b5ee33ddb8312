package {{package}}.{{web}};

import com.fasterxml.jackson.annotation.JsonInclude;
import io.micronaut.http.HttpStatus;
import io.micronaut.serde.annotation.Serdeable;
import java.util.Map;

/** What went wrong, as RFC 9457 has it; its errors are those of fields, if it is about any. */
@Serdeable
record Problem({{#args}}String type, String title, int status, String detail, @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, String> errors{{/args}}) {

    static Problem of(HttpStatus status, String detail, Map<String, String> errors) {
        return new Problem("about:blank", status.getReason(), status.getCode(), detail, errors);
    }
}
