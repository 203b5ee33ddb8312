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
import org.springframework.data.mongodb.core.mapping.Document;
import org.springframework.data.mongodb.core.mapping.Field;
import org.springframework.data.mongodb.core.mapping.FieldType;

/** {{An}} {{entityWords}} as a document. */
@Document("{{entityPath}}")
record {{Entity}}Document({{#args}}@Id long id, {{#fields}}{{{held}}} {{name}}, {{/fields}}long version, Instant created, Instant changed{{/args}}) {

    static {{Entity}}Document of({{Entity}} {{entity}}) {
        return new {{Entity}}Document({{#args}}{{entity}}.id(), {{#fields}}{{{toHeld}}}, {{/fields}}{{entity}}.version(), {{entity}}.created(), {{entity}}.changed(){{/args}});
    }

    {{Entity}} to{{Entity}}() {
        return new {{Entity}}({{#args}}id, {{#fields}}{{{fromHeld}}}, {{/fields}}version, created, changed{{/args}});
    }
}
