package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
{{/byLayer}}
import org.springframework.data.annotation.Id
import org.springframework.data.annotation.Version
import org.springframework.data.relational.core.mapping.Table
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID
import java.time.OffsetDateTime
import java.time.ZoneOffset

/** {{An}} {{entityWords}} as a row of its table; without a version, it is a new one. */
@Table("{{#upperNames}}{{ENTITY}}{{/upperNames}}{{^upperNames}}{{entityTable}}{{/upperNames}}")
data class {{Entity}}Entity(
    @field:Id val id: Long?,
{{#fields}}
    val {{name}}: {{{held}}},
{{/fields}}
    @field:Version val version: Long?,
    val created: {{#limitOffset}}Instant{{/limitOffset}}{{^limitOffset}}OffsetDateTime{{/limitOffset}},
    val changed: {{#limitOffset}}Instant{{/limitOffset}}{{^limitOffset}}OffsetDateTime{{/limitOffset}},
) {
    fun to{{Entity}}() =
        {{Entity}}(
            id = checkNotNull(id),
{{#fields}}
            {{name}} = {{{fromHeld}}},
{{/fields}}
            version = checkNotNull(version),
            created = created{{^limitOffset}}.toInstant(){{/limitOffset}},
            changed = changed{{^limitOffset}}.toInstant(){{/limitOffset}},
        )

    companion object {
        fun of(
            draft: {{Entity}}Draft,
            now: Instant,
        ) = {{Entity}}Entity(
            id = null,
{{#fields}}
            {{name}} = {{{toHeld}}},
{{/fields}}
            version = null,
            created = now{{^limitOffset}}.atOffset(ZoneOffset.UTC){{/limitOffset}},
            changed = now{{^limitOffset}}.atOffset(ZoneOffset.UTC){{/limitOffset}},
        )

        /** What replaces the row of one that was read. */
        fun of(
            before: {{Entity}},
            draft: {{Entity}}Draft,
            now: Instant,
        ) = of(draft, now).copy(
            id = before.id,
            version = before.version,
            created = before.created{{^limitOffset}}.atOffset(ZoneOffset.UTC){{/limitOffset}},
        )
    }
}
