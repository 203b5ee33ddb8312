package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
{{/byLayer}}
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** {{An}} {{entityWords}} as a row of its table. */
class {{Entity}}Entity {

    private {{#nullMarked}}@Nullable {{/nullMarked}}Long id;
{{#fields}}
    private {{{held}}} {{name}};
{{/fields}}
    private long version;
    private OffsetDateTime created;
    private OffsetDateTime changed;

    /** For the mapper alone. */
    {{Entity}}Entity() {}

    {{Entity}}Entity({{Entity}}Draft draft, Instant now) {
        created = now.atOffset(ZoneOffset.UTC);
        hold(draft, now);
    }

    /** What replaces the row of one that was read. */
    {{Entity}}Entity({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        id = before.id();
        version = before.version();
        created = before.created().atOffset(ZoneOffset.UTC);
        hold(draft, now);
    }

    private void hold({{Entity}}Draft draft, Instant now) {
{{#fields}}
        {{name}} = {{{toHeld}}};
{{/fields}}
        changed = now.atOffset(ZoneOffset.UTC);
    }

    {{Entity}} to{{Entity}}() {
        return new {{Entity}}({{#args}}{{#nullMarked}}Objects.requireNonNull(id){{/nullMarked}}{{^nullMarked}}id{{/nullMarked}}, {{#fields}}{{{fromHeld}}}, {{/fields}}version, created.toInstant(), changed.toInstant(){{/args}});
    }
}
