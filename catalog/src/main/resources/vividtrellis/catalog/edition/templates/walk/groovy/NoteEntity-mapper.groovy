package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
{{/byLayer}}
import java.time.Instant
import java.time.LocalDate
import java.time.OffsetDateTime
import java.time.ZoneOffset

/** {{An}} {{entityWords}} as a row of its table. */
class {{Entity}}Entity {

    Long id
{{#fields}}
    {{{held}}} {{name}}
{{/fields}}
    long version
    OffsetDateTime created
    OffsetDateTime changed

    static {{Entity}}Entity of({{Entity}}Draft draft, Instant now) {
        new {{Entity}}Entity(
{{#fields}}
                {{name}}: {{{toHeld}}},
{{/fields}}
                created: now.atOffset(ZoneOffset.UTC),
                changed: now.atOffset(ZoneOffset.UTC))
    }

    /** What replaces the row of one that was read. */
    static {{Entity}}Entity of({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        {{Entity}}Entity entity = of(draft, now)
        entity.id = before.id
        entity.version = before.version
        entity.created = before.created.atOffset(ZoneOffset.UTC)
        entity
    }

    {{Entity}} to{{Entity}}() {
        new {{Entity}}({{#args}}id, {{#fields}}{{{fromHeld}}}, {{/fields}}version, created.toInstant(), changed.toInstant(){{/args}})
    }
}
