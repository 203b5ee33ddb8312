package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
{{/byLayer}}
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID
import java.time.OffsetDateTime
import java.time.ZoneOffset

/** {{An}} {{entityWords}} as a row of its table; the mapper fills it in. */
class {{Entity}}Entity {
    var id: Long? = null
{{#fields}}
    var {{name}}: {{{held}}}
{{/fields}}
    var version: Long = 0
    var created: OffsetDateTime? = null
    var changed: OffsetDateTime? = null

    fun to{{Entity}}() =
        {{Entity}}(
            id = checkNotNull(id),
{{#fields}}
            {{name}} = {{{fromHeld}}},
{{/fields}}
            version = version,
            created = checkNotNull(created).toInstant(),
            changed = checkNotNull(changed).toInstant(),
        )

    companion object {
        fun of(
            draft: {{Entity}}Draft,
            now: Instant,
        ) = {{Entity}}Entity().apply {
{{#fields}}
            {{name}} = {{{toHeld}}}
{{/fields}}
            created = now.atOffset(ZoneOffset.UTC)
            changed = now.atOffset(ZoneOffset.UTC)
        }

        /** What replaces the row of one that was read. */
        fun of(
            before: {{Entity}},
            draft: {{Entity}}Draft,
            now: Instant,
        ) = of(draft, now).apply {
            id = before.id
            version = before.version
        }
    }
}
