package {{package}}.{{web}};

import io.micronaut.core.convert.exceptions.ConversionErrorException;
import io.micronaut.http.HttpResponse;
import io.micronaut.http.server.exceptions.response.Error;
import io.micronaut.http.server.exceptions.response.ErrorContext;
import io.micronaut.http.server.exceptions.response.JsonErrorResponseBodyProvider;
import io.micronaut.json.JsonSyntaxException;
import jakarta.inject.Singleton;
import java.util.Map;

/** Answers what goes wrong with problem details (RFC 9457). */
@Singleton
class ProblemBodyProvider implements JsonErrorResponseBodyProvider<Problem> {

    @Override
    public Problem body(ErrorContext context, HttpResponse<?> response) {
        return Problem.of(response.status(), detail(context, response), Map.of());
    }

    @Override
    public String contentType() {
        return "application/problem+json";
    }

    /** What a reader of JSON says of itself helps nobody outside. */
    private static String detail(ErrorContext context, HttpResponse<?> response) {
        boolean unreadable = context.getRootCause()
                .filter(cause -> cause instanceof JsonSyntaxException || cause instanceof ConversionErrorException)
                .isPresent();
        return unreadable
                ? "Failed to read request"
                : context.getErrors().stream()
                        .findFirst()
                        .map(Error::getMessage)
                        .orElse(response.reason());
    }
}
