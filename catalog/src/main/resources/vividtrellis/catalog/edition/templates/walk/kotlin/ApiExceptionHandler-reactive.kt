package {{package}}

import org.springframework.dao.DataIntegrityViolationException
import org.springframework.http.HttpHeaders
import org.springframework.http.HttpStatus
import org.springframework.http.HttpStatusCode
import org.springframework.http.ProblemDetail
import org.springframework.http.ResponseEntity
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
class ApiExceptionHandler : ResponseEntityExceptionHandler() {
    @ExceptionHandler
    fun stale(exception: Stale{{Entity}}Exception): ProblemDetail =
        ProblemDetail.forStatusAndDetail(HttpStatus.PRECONDITION_FAILED, exception.message)
{{#hasUniques}}
{{#refusesDoubles}}

    @ExceptionHandler(DataIntegrityViolationException::class)
    fun duplicate(): ProblemDetail =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.CONFLICT,
            "There is {{an}} {{entityWords}} already with the same" +
{{#uniques}}
                " {{fieldWords}}{{^-last}} or{{/-last}}{{#-last}}.{{/-last}}"{{^-last}} +{{/-last}}{{#-last}},{{/-last}}
{{/uniques}}
        )
{{/refusesDoubles}}
{{#tellsDoubles}}

    @ExceptionHandler
    fun duplicate(exception: Duplicate{{Entity}}Exception): ProblemDetail =
        ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, exception.message)
{{/tellsDoubles}}
{{/hasUniques}}
{{#validated}}

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
{{/validated}}
}
