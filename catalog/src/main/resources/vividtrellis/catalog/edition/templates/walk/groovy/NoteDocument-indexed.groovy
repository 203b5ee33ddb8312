package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
{{/byLayer}}
import java.time.Instant
import java.time.LocalDate
import org.springframework.data.annotation.Id
import org.springframework.data.elasticsearch.annotations.DateFormat
import org.springframework.data.elasticsearch.annotations.Document
import org.springframework.data.elasticsearch.annotations.Field
import org.springframework.data.elasticsearch.annotations.FieldType
import org.springframework.data.elasticsearch.core.query.SeqNoPrimaryTerm

/** {{An}} {{entityWords}} as a document of the index; where it was read, it knows its place among the writes. */
@Document(indexName = '{{entityPath}}')
class {{Entity}}Document {

    @Id
    String id

    @Field(type = FieldType.Long)
    Long number
{{#fields}}

    @Field(type = FieldType.{{{indexedAs}}})
    {{{held}}} {{name}}
{{/fields}}

    @Field(type = FieldType.Long)
    Long version

    @Field(type = FieldType.Date, format = DateFormat.date_time)
    Instant created

    @Field(type = FieldType.Date, format = DateFormat.date_time)
    Instant changed

    SeqNoPrimaryTerm written

    static {{Entity}}Document of({{Entity}} {{entity}}, SeqNoPrimaryTerm written) {
        new {{Entity}}Document(
                id: {{entity}}.id as String,
                number: {{entity}}.id,
{{#fields}}
                {{name}}: {{{toHeld}}},
{{/fields}}
                version: {{entity}}.version,
                created: {{entity}}.created,
                changed: {{entity}}.changed,
                written: written)
    }

    {{Entity}} to{{Entity}}() {
        new {{Entity}}({{#args}}number, {{#fields}}{{{fromHeld}}}, {{/fields}}version, created, changed{{/args}})
    }
}
