package {{package}}.{{domain}}

import groovy.transform.Immutable
import java.time.Instant
import java.time.LocalDate

/** {{An}} {{entityWords}} as it is kept; its version counts the changes. */
@Immutable
class {{Entity}} {

    long id
{{#fields}}
    {{{type}}} {{name}}
{{/fields}}
    long version
    Instant created
    Instant changed
{{#fields}}
{{#choice}}

    /** What is said of its {{fieldWords}}. */
    static enum {{Name}} {
        {{#choices}}{{constant}}{{^-last}}, {{/-last}}{{/choices}}
    }
{{/choice}}
{{/fields}}

    /** As it is kept first. */
    static {{Entity}} of(long id, {{Entity}}Draft draft, Instant now) {
        new {{Entity}}({{#args}}id, {{#fields}}draft.{{name}}, {{/fields}}0L, now, now{{/args}})
    }

    /** As it is after a change. */
    {{Entity}} with({{Entity}}Draft draft, Instant now) {
        new {{Entity}}({{#args}}id, {{#fields}}draft.{{name}}, {{/fields}}version + 1, created, now{{/args}})
    }
}
