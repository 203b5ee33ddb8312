{{#hasUniques}}
package {{package}}.{{web}};

{{#byLayer}}
{{#inMemory}}
import {{package}}.domain.Duplicate{{Entity}}Exception;
{{/inMemory}}
{{/byLayer}}
import io.micronaut.http.HttpRequest;
import io.micronaut.http.HttpResponse;
import io.micronaut.http.HttpStatus;
import io.micronaut.http.server.exceptions.ExceptionHandler;
import jakarta.inject.Singleton;
import java.util.Map;
{{^inMemory}}
import org.hibernate.exception.ConstraintViolationException;
{{/inMemory}}

/** There is one already with something of which no two may have the same. */
@Singleton
class Duplicate{{Entity}}ExceptionHandler
        implements ExceptionHandler<{{#inMemory}}Duplicate{{Entity}}Exception{{/inMemory}}{{^inMemory}}ConstraintViolationException{{/inMemory}}, HttpResponse<?>> {

    @Override
    @SuppressWarnings("rawtypes") // as the interface has it
    public HttpResponse<?> handle(HttpRequest request, {{#inMemory}}Duplicate{{Entity}}Exception{{/inMemory}}{{^inMemory}}ConstraintViolationException{{/inMemory}} exception) {
        Problem problem = Problem.of({{#args}}HttpStatus.CONFLICT, {{#inMemory}}exception.getMessage(){{/inMemory}}{{^inMemory}}"There is {{an}} {{entityWords}} with the same {{#uniques}}{{fieldWords}}{{^-last}} or {{/-last}}{{/uniques}} already."{{/inMemory}}, Map.of(){{/args}});
        return HttpResponse.status(HttpStatus.CONFLICT).body(problem).contentType("application/problem+json");
    }
}
{{/hasUniques}}
