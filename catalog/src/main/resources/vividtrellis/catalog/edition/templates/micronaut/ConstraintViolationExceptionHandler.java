package {{package}}.{{web}};

import io.micronaut.context.annotation.Replaces;
import io.micronaut.http.HttpRequest;
import io.micronaut.http.HttpResponse;
import io.micronaut.http.HttpStatus;
import io.micronaut.http.server.exceptions.ExceptionHandler;
import io.micronaut.validation.exceptions.ConstraintExceptionHandler;
import jakarta.inject.Singleton;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.ConstraintViolationException;
import jakarta.validation.Path;
import java.util.Map;
import java.util.TreeMap;

/** Says of each field what is wrong with it. */
@Singleton
@Replaces(ConstraintExceptionHandler.class)
class ConstraintViolationExceptionHandler implements ExceptionHandler<ConstraintViolationException, HttpResponse<?>> {

    @Override
    @SuppressWarnings("rawtypes") // as the interface has it
    public HttpResponse<?> handle(HttpRequest request, ConstraintViolationException exception) {
        Map<String, String> errors = new TreeMap<>();
        for (ConstraintViolation<?> violation : exception.getConstraintViolations()) {
            String field = "";
            for (Path.Node node : violation.getPropertyPath()) {
                field = node.toString();
            }
            errors.putIfAbsent(field, violation.getMessage());
        }
        return HttpResponse.badRequest(Problem.of(HttpStatus.BAD_REQUEST, "Invalid request content.", errors))
                .contentType("application/problem+json");
    }
}
