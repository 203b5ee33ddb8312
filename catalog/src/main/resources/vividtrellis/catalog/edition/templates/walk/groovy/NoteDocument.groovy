package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
{{/byLayer}}
import java.time.Instant
import java.time.LocalDate
import org.springframework.data.annotation.Id
import org.springframework.data.mongodb.core.mapping.Document
import org.springframework.data.mongodb.core.mapping.Field
import org.springframework.data.mongodb.core.mapping.FieldType

/** {{An}} {{entityWords}} as a document. */
@Document('{{entityPath}}')
class {{Entity}}Document {

    @Id
    long id
{{#fields}}

{{#decimal}}
    @Field(targetType = FieldType.DECIMAL128)
{{/decimal}}
    {{{held}}} {{name}}
{{/fields}}

    long version
    Instant created
    Instant changed

    static {{Entity}}Document of({{Entity}} {{entity}}) {
        new {{Entity}}Document(
                id: {{entity}}.id,
{{#fields}}
                {{name}}: {{{toHeld}}},
{{/fields}}
                version: {{entity}}.version,
                created: {{entity}}.created,
                changed: {{entity}}.changed)
    }

    {{Entity}} to{{Entity}}() {
        new {{Entity}}({{#args}}id, {{#fields}}{{{fromHeld}}}, {{/fields}}version, created, changed{{/args}})
    }
}
