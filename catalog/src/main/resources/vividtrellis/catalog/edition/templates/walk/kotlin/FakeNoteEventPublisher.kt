package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
{{/byLayer}}
import org.springframework.context.annotation.Primary

/** Keeps what was announced, as long as a test runs. */
@Primary
class Fake{{Entity}}EventPublisher : {{Entity}}EventPublisher {
    val told = mutableListOf<{{Entity}}>()

    override fun {{entity}}Created({{entity}}: {{Entity}}) {
        told.add({{entity}})
    }
}
