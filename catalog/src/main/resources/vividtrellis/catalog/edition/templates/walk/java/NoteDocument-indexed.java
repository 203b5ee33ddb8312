package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
{{/byLayer}}
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.annotation.Id;
import org.springframework.data.elasticsearch.annotations.DateFormat;
import org.springframework.data.elasticsearch.annotations.Document;
import org.springframework.data.elasticsearch.annotations.Field;
import org.springframework.data.elasticsearch.annotations.FieldType;
import org.springframework.data.elasticsearch.core.query.SeqNoPrimaryTerm;

/** {{An}} {{entityWords}} as a document of the index; where it was read, it knows its place among the writes. */
@Document(indexName = "{{entityPath}}")
record {{Entity}}Document(
        @Id String id,
        @Field(type = FieldType.Long) Long number,
{{#fields}}
        @Field(type = FieldType.{{{indexedAs}}}) {{{held}}} {{name}},
{{/fields}}
        @Field(type = FieldType.Long) Long version,

        @Field(type = FieldType.Date, format = DateFormat.date_time)
        Instant created,

        @Field(type = FieldType.Date, format = DateFormat.date_time)
        Instant changed,

        {{#nullMarked}}@Nullable {{/nullMarked}}SeqNoPrimaryTerm written) {

    static {{Entity}}Document of({{Entity}} {{entity}}, {{#nullMarked}}@Nullable {{/nullMarked}}SeqNoPrimaryTerm written) {
        return new {{Entity}}Document(
                Long.toString({{entity}}.id()),
                {{entity}}.id(),
{{#fields}}
                {{{toHeld}}},
{{/fields}}
                {{entity}}.version(),
                {{entity}}.created(),
                {{entity}}.changed(),
                written);
    }

    {{Entity}} to{{Entity}}() {
        return new {{Entity}}({{#args}}number, {{#fields}}{{{fromHeld}}}, {{/fields}}version, created, changed{{/args}});
    }
}
