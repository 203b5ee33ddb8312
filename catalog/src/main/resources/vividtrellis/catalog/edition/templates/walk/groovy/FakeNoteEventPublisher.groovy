package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
{{/byLayer}}
import org.springframework.context.annotation.Primary

/** Keeps what was announced, as long as a test runs. */
@Primary
class Fake{{Entity}}EventPublisher implements {{Entity}}EventPublisher {

    final List<{{Entity}}> told = []

    @Override
    void {{entity}}Created({{Entity}} {{entity}}) {
        told.add({{entity}})
    }
}
