package {{package}}

{{#validated}}
import org.springframework.http.HttpHeaders
import org.springframework.http.HttpStatusCode
import org.springframework.http.ResponseEntity
{{/validated}}
import org.springframework.web.bind.annotation.RestControllerAdvice
{{#validated}}
import org.springframework.web.bind.support.WebExchangeBindException
{{/validated}}
import org.springframework.web.reactive.result.method.annotation.ResponseEntityExceptionHandler
{{#validated}}
import org.springframework.web.server.ServerWebExchange
import reactor.core.publisher.Mono
{{/validated}}

/** Answers what goes wrong with problem details (RFC 9457){{#validated}}, and says of each field what is wrong with it{{/validated}}. */
@RestControllerAdvice
{{^validated}}
class ApiExceptionHandler : ResponseEntityExceptionHandler()
{{/validated}}
{{#validated}}
class ApiExceptionHandler : ResponseEntityExceptionHandler() {
    override fun handleWebExchangeBindException(
        exception: WebExchangeBindException,
        headers: HttpHeaders,
        status: HttpStatusCode,
        exchange: ServerWebExchange,
    ): Mono<ResponseEntity<Any>> {
        val errors = exception.bindingResult.fieldErrors.groupBy({ it.field }, { it.defaultMessage })
        val problem = exception.body
        problem.setProperty("errors", errors.mapValues { it.value.first() })
        return handleExceptionInternal(exception, problem, headers, status, exchange)
    }
}
{{/validated}}
