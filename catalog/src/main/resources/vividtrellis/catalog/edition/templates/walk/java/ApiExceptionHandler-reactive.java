package {{package}};

{{#validated}}
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.validation.FieldError;
{{/validated}}
import org.springframework.web.bind.annotation.RestControllerAdvice;
{{#validated}}
import org.springframework.web.bind.support.WebExchangeBindException;
{{/validated}}
import org.springframework.web.reactive.result.method.annotation.ResponseEntityExceptionHandler;
{{#validated}}
import org.springframework.web.server.ServerWebExchange;
import reactor.core.publisher.Mono;
{{/validated}}

/** Answers what goes wrong with problem details (RFC 9457){{#validated}}, and says of each field what is wrong with it{{/validated}}. */
@RestControllerAdvice
{{^validated}}
class ApiExceptionHandler extends ResponseEntityExceptionHandler {}
{{/validated}}
{{#validated}}
class ApiExceptionHandler extends ResponseEntityExceptionHandler {

    @Override
    protected Mono<ResponseEntity<Object>> handleWebExchangeBindException(
            WebExchangeBindException exception,
            HttpHeaders headers,
            HttpStatusCode status,
            ServerWebExchange exchange) {
        Map<String, String> errors = new LinkedHashMap<>();
        for (FieldError error : exception.getBindingResult().getFieldErrors()) {
            errors.putIfAbsent(error.getField(), String.valueOf(error.getDefaultMessage()));
        }
        ProblemDetail problem = exception.getBody();
        problem.setProperty("errors", errors);
        return handleExceptionInternal(exception, problem, headers, status, exchange);
    }
}
{{/validated}}
