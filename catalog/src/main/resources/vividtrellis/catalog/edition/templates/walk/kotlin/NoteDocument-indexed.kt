package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
{{/byLayer}}
import org.springframework.data.annotation.Id
import org.springframework.data.elasticsearch.annotations.DateFormat
import org.springframework.data.elasticsearch.annotations.Document
import org.springframework.data.elasticsearch.annotations.Field
import org.springframework.data.elasticsearch.annotations.FieldType
import org.springframework.data.elasticsearch.core.query.SeqNoPrimaryTerm
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID

/** {{An}} {{entityWords}} as a document of the index; where it was read, it knows its place among the writes. */
@Document(indexName = "{{entityPath}}")
data class {{Entity}}Document(
    @Id val id: String,
    @Field(type = FieldType.Long) val number: Long,
{{#fields}}
    @Field(type = FieldType.{{{indexedAs}}}) val {{name}}: {{{held}}},
{{/fields}}
    @Field(type = FieldType.Long) val version: Long,
    @Field(type = FieldType.Date, format = [DateFormat.date_time]) val created: Instant,
    @Field(type = FieldType.Date, format = [DateFormat.date_time]) val changed: Instant,
    val written: SeqNoPrimaryTerm?,
) {
    fun to{{Entity}}() =
        {{Entity}}(
            id = number,
{{#fields}}
            {{name}} = {{{fromHeld}}},
{{/fields}}
            version = version,
            created = created,
            changed = changed,
        )

    companion object {
        fun of(
            {{entity}}: {{Entity}},
            written: SeqNoPrimaryTerm?,
        ) = {{Entity}}Document(
            id = {{entity}}.id.toString(),
            number = {{entity}}.id,
{{#fields}}
            {{name}} = {{{toHeld}}},
{{/fields}}
            version = {{entity}}.version,
            created = {{entity}}.created,
            changed = {{entity}}.changed,
            written = written,
        )
    }
}
