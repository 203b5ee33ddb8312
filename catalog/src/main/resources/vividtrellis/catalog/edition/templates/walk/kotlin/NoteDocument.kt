package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
{{/byLayer}}
import org.springframework.data.annotation.Id
import org.springframework.data.mongodb.core.mapping.Document
import org.springframework.data.mongodb.core.mapping.Field
import org.springframework.data.mongodb.core.mapping.FieldType
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID

/** {{An}} {{entityWords}} as a document. */
@Document("{{entityPath}}")
data class {{Entity}}Document(
    @Id val id: Long,
{{#fields}}
    {{#decimal}}@Field(targetType = FieldType.DECIMAL128) {{/decimal}}val {{name}}: {{{held}}},
{{/fields}}
    val version: Long,
    val created: Instant,
    val changed: Instant,
) {
    fun to{{Entity}}() =
        {{Entity}}(
            id = id,
{{#fields}}
            {{name}} = {{{fromHeld}}},
{{/fields}}
            version = version,
            created = created,
            changed = changed,
        )

    companion object {
        fun of({{entity}}: {{Entity}}) =
            {{Entity}}Document(
                id = {{entity}}.id,
{{#fields}}
                {{name}} = {{{toHeld}}},
{{/fields}}
                version = {{entity}}.version,
                created = {{entity}}.created,
                changed = {{entity}}.changed,
            )
    }
}
