package {{package}}.{{web}};

{{#byLayer}}
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
import io.micronaut.http.HttpRequest;
import io.micronaut.http.HttpResponse;
import io.micronaut.http.HttpStatus;
import io.micronaut.http.server.exceptions.ExceptionHandler;
import jakarta.inject.Singleton;
import java.util.Map;

/** Somebody else was quicker: what the caller has seen is no longer there. */
@Singleton
class Stale{{Entity}}ExceptionHandler implements ExceptionHandler<Stale{{Entity}}Exception, HttpResponse<?>> {

    @Override
    @SuppressWarnings("rawtypes") // as the interface has it
    public HttpResponse<?> handle(HttpRequest request, Stale{{Entity}}Exception exception) {
        Problem problem = Problem.of(HttpStatus.PRECONDITION_FAILED, exception.getMessage(), Map.of());
        return HttpResponse.status(HttpStatus.PRECONDITION_FAILED)
                .body(problem)
                .contentType("application/problem+json");
    }
}
