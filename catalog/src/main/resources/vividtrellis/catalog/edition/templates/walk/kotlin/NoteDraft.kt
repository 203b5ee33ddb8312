package {{package}}.{{domain}}

import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID

/** What {{an}} {{entityWords}} holds, before it is kept or changed. */
data class {{Entity}}Draft(
{{#fields}}
    val {{name}}: {{{type}}},
{{/fields}}
)
