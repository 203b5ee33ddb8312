package {{package}}.{{domain}}

import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID

/** {{An}} {{entityWords}} as it is kept; its version counts the changes. */
data class {{Entity}}(
    val id: Long,
{{#fields}}
    val {{name}}: {{{type}}},
{{/fields}}
    val version: Long,
    val created: Instant,
    val changed: Instant,
) {
    /** As it is after a change. */
    fun with(
        draft: {{Entity}}Draft,
        now: Instant,
    ) = copy(
{{#fields}}
        {{name}} = draft.{{name}},
{{/fields}}
        version = version + 1,
        changed = now,
    )
{{#fields}}
{{#choice}}

    /** What is said of its {{fieldWords}}. */
    enum class {{Name}} {
{{#choices}}
        {{constant}},
{{/choices}}
    }
{{/choice}}
{{/fields}}

    companion object {
        /** As it is kept first. */
        fun of(
            id: Long,
            draft: {{Entity}}Draft,
            now: Instant,
        ) = {{Entity}}(
            id = id,
{{#fields}}
            {{name}} = draft.{{name}},
{{/fields}}
            version = 0,
            created = now,
            changed = now,
        )
    }
}
