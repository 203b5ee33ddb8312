package {{package}}

{{#validated}}
import org.springframework.http.HttpHeaders
import org.springframework.http.HttpStatusCode
import org.springframework.http.ProblemDetail
import org.springframework.http.ResponseEntity
import org.springframework.web.bind.MethodArgumentNotValidException
{{/validated}}
{{#hasPages}}
import org.springframework.web.bind.annotation.RestController
{{/hasPages}}
import org.springframework.web.bind.annotation.RestControllerAdvice
{{#validated}}
import org.springframework.web.context.request.WebRequest
{{/validated}}
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler

/** Answers what goes wrong with problem details (RFC 9457){{#validated}}, and says of each field what is wrong with it{{/validated}}. */
@RestControllerAdvice{{#hasPages}}(annotations = RestController){{/hasPages}}
{{^validated}}
class ApiExceptionHandler extends ResponseEntityExceptionHandler {
}
{{/validated}}
{{#validated}}
class ApiExceptionHandler extends ResponseEntityExceptionHandler {

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException exception, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        Map<String, String> errors = [:]
        exception.bindingResult.fieldErrors.each { errors.putIfAbsent(it.field, it.defaultMessage) }
        ProblemDetail problem = exception.body
        problem.setProperty('errors', errors)
        return handleExceptionInternal(exception, problem, headers, status, request)
    }
}
{{/validated}}
