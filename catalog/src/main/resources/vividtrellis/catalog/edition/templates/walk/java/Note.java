package {{package}}.{{domain}};

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** {{An}} {{entityWords}} as it is kept; its version counts the changes. */
public record {{Entity}}({{#args}}long id, {{#fields}}{{{type}}} {{name}}, {{/fields}}long version, Instant created, Instant changed{{/args}}) {
{{#fields}}
{{#choice}}

    /** What is said of its {{fieldWords}}. */
    public enum {{Name}} {
{{#choices}}
        {{constant}}{{^-last}},{{/-last}}
{{/choices}}
    }
{{/choice}}
{{/fields}}

    /** As it is kept first. */
    public static {{Entity}} of(long id, {{Entity}}Draft draft, Instant now) {
        return new {{Entity}}({{#args}}id, {{#fields}}draft.{{name}}(), {{/fields}}0, now, now{{/args}});
    }

    /** As it is after a change. */
    public {{Entity}} with({{Entity}}Draft draft, Instant now) {
        return new {{Entity}}({{#args}}id, {{#fields}}draft.{{name}}(), {{/fields}}version + 1, created, now{{/args}});
    }
}
