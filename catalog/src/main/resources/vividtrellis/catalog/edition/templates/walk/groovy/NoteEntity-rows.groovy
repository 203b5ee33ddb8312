package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
{{/byLayer}}
import java.time.Instant
import java.time.LocalDate
import java.time.OffsetDateTime
import java.time.ZoneOffset
import org.springframework.data.annotation.Id
import org.springframework.data.annotation.Version
import org.springframework.data.relational.core.mapping.Table

/** {{An}} {{entityWords}} as a row of its table; without a version, it is a new one. */
@Table('{{#upperNames}}{{ENTITY}}{{/upperNames}}{{^upperNames}}{{entityTable}}{{/upperNames}}')
class {{Entity}}Entity {

    @Id
    Long id
{{#fields}}
    {{{held}}} {{name}}
{{/fields}}
    @Version
    Long version
    {{#limitOffset}}Instant{{/limitOffset}}{{^limitOffset}}OffsetDateTime{{/limitOffset}} created
    {{#limitOffset}}Instant{{/limitOffset}}{{^limitOffset}}OffsetDateTime{{/limitOffset}} changed

    static {{Entity}}Entity of({{Entity}}Draft draft, Instant now) {
        new {{Entity}}Entity(
{{#fields}}
                {{name}}: {{{toHeld}}},
{{/fields}}
                created: now{{^limitOffset}}.atOffset(ZoneOffset.UTC){{/limitOffset}},
                changed: now{{^limitOffset}}.atOffset(ZoneOffset.UTC){{/limitOffset}})
    }

    /** What replaces the row of one that was read. */
    static {{Entity}}Entity of({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        {{Entity}}Entity entity = of(draft, now)
        entity.id = before.id
        entity.version = before.version
        entity.created = before.created{{^limitOffset}}.atOffset(ZoneOffset.UTC){{/limitOffset}}
        entity
    }

    {{Entity}} to{{Entity}}() {
        new {{Entity}}({{#args}}id, {{#fields}}{{{fromHeld}}}, {{/fields}}version, created{{^limitOffset}}.toInstant(){{/limitOffset}}, changed{{^limitOffset}}.toInstant(){{/limitOffset}}{{/args}})
    }
}
