{{#looksForDoubles}}
{{#hasUniques}}
package {{package}}.{{web}};

{{#byLayer}}
{{#tellsDoubles}}
import {{package}}.domain.Duplicate{{Entity}}Exception;
{{/tellsDoubles}}
{{/byLayer}}
import io.micronaut.http.HttpRequest;
import io.micronaut.http.HttpResponse;
import io.micronaut.http.HttpStatus;
import io.micronaut.http.server.exceptions.ExceptionHandler;
import jakarta.inject.Singleton;
import java.util.Map;
{{^tellsDoubles}}
import {{refusalPackage}}.{{refusal}};
{{/tellsDoubles}}

/** There is one already with something of which no two may have the same. */
@Singleton
class Duplicate{{Entity}}ExceptionHandler
        implements ExceptionHandler<{{#tellsDoubles}}Duplicate{{Entity}}Exception{{/tellsDoubles}}{{^tellsDoubles}}{{refusal}}{{/tellsDoubles}}, HttpResponse<?>> {

    @Override
    @SuppressWarnings("rawtypes") // as the interface has it
    public HttpResponse<?> handle(HttpRequest request, {{#tellsDoubles}}Duplicate{{Entity}}Exception{{/tellsDoubles}}{{^tellsDoubles}}{{refusal}}{{/tellsDoubles}} exception) {
        Problem problem = Problem.of({{#args}}HttpStatus.CONFLICT, {{#tellsDoubles}}exception.getMessage(){{/tellsDoubles}}{{^tellsDoubles}}"There is {{an}} {{entityWords}} with the same {{#uniques}}{{fieldWords}}{{^-last}} or {{/-last}}{{/uniques}} already."{{/tellsDoubles}}, Map.of(){{/args}});
        return HttpResponse.status(HttpStatus.CONFLICT).body(problem).contentType("application/problem+json");
    }
}
{{/hasUniques}}
{{/looksForDoubles}}
