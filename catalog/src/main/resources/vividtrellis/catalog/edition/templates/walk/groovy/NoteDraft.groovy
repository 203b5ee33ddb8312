package {{package}}.{{domain}}

import groovy.transform.Immutable
import java.time.Instant
import java.time.LocalDate

/** What {{an}} {{entityWords}} holds, before it is kept or changed. */
@Immutable
class {{Entity}}Draft {

{{#fields}}
    {{{type}}} {{name}}
{{/fields}}
}
