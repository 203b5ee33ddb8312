package {{package}}

import org.springframework.dao.DataIntegrityViolationException
import org.springframework.http.HttpHeaders
import org.springframework.http.HttpStatus
import org.springframework.http.HttpStatusCode
import org.springframework.http.ProblemDetail
import org.springframework.http.ResponseEntity
import org.springframework.validation.FieldError
import org.springframework.web.bind.annotation.ExceptionHandler
import org.springframework.web.bind.annotation.RestControllerAdvice
import org.springframework.web.bind.support.WebExchangeBindException
import org.springframework.web.reactive.result.method.annotation.ResponseEntityExceptionHandler
import org.springframework.web.server.ServerWebExchange
import reactor.core.publisher.Mono
import {{package}}.{{domain}}.Duplicate{{Entity}}Exception
import {{package}}.{{domain}}.Stale{{Entity}}Exception

/** Answers what goes wrong with problem details (RFC 9457){{#validated}}, and says of each field what is wrong with it{{/validated}}. */
@RestControllerAdvice
class ApiExceptionHandler extends ResponseEntityExceptionHandler {

    @ExceptionHandler
    ProblemDetail stale(Stale{{Entity}}Exception exception) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.PRECONDITION_FAILED, exception.getMessage())
    }
{{#hasUniques}}
{{#refusesDoubles}}

    @ExceptionHandler
    ProblemDetail duplicate(DataIntegrityViolationException exception) {
        return ProblemDetail.forStatusAndDetail({{#args}}HttpStatus.CONFLICT, 'There is {{an}} {{entityWords}} with the same {{#uniques}}{{fieldWords}}{{^-last}} or {{/-last}}{{/uniques}} already.'{{/args}})
    }
{{/refusesDoubles}}
{{#tellsDoubles}}

    @ExceptionHandler
    ProblemDetail duplicate(Duplicate{{Entity}}Exception exception) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, exception.getMessage())
    }
{{/tellsDoubles}}
{{/hasUniques}}
{{#validated}}

    @Override
    protected Mono<ResponseEntity<Object>> handleWebExchangeBindException(
            WebExchangeBindException exception,
            HttpHeaders headers,
            HttpStatusCode status,
            ServerWebExchange exchange) {
        Map<String, String> errors = [:]
        for (FieldError error : exception.getBindingResult().getFieldErrors()) {
            errors.putIfAbsent(error.getField(), String.valueOf(error.getDefaultMessage()))
        }
        ProblemDetail problem = exception.getBody()
        problem.setProperty('errors', errors)
        return handleExceptionInternal(exception, problem, headers, status, exchange)
    }
{{/validated}}
}
