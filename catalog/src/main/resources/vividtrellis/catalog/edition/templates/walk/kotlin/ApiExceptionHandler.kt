package {{package}}

{{#validated}}
import org.springframework.http.HttpHeaders
import org.springframework.http.HttpStatusCode
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
@RestControllerAdvice{{#hasPages}}(annotations = [RestController::class]){{/hasPages}}
{{^validated}}
class ApiExceptionHandler : ResponseEntityExceptionHandler()
{{/validated}}
{{#validated}}
class ApiExceptionHandler : ResponseEntityExceptionHandler() {
    override fun handleMethodArgumentNotValid(
        exception: MethodArgumentNotValidException,
        headers: HttpHeaders,
        status: HttpStatusCode,
        request: WebRequest,
    ): ResponseEntity<Any>? {
        val errors = exception.bindingResult.fieldErrors.groupBy({ it.field }, { it.defaultMessage })
        val problem = exception.body
        problem.setProperty("errors", errors.mapValues { it.value.first() })
        return handleExceptionInternal(exception, problem, headers, status, request)
    }
}
{{/validated}}
