package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}

{{/byLayer}}
/** Tells others what happened here. */
interface {{Entity}}EventPublisher {
    fun {{entity}}Created({{entity}}: {{Entity}})
}
