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
import org.springframework.data.annotation.Id;
import org.springframework.data.annotation.Version;
import org.springframework.data.relational.core.mapping.Table;

/** {{An}} {{entityWords}} as a row of its table; without a version, it is a new one. */
@Table("{{#upperNames}}{{ENTITY}}{{/upperNames}}{{^upperNames}}{{entityTable}}{{/upperNames}}")
record {{Entity}}Entity({{#args}}@Id {{#nullMarked}}@Nullable {{/nullMarked}}Long id, {{#fields}}{{{held}}} {{name}}, {{/fields}}@Version {{#nullMarked}}@Nullable {{/nullMarked}}Long version, {{#limitOffset}}Instant{{/limitOffset}}{{^limitOffset}}OffsetDateTime{{/limitOffset}} created, {{#limitOffset}}Instant{{/limitOffset}}{{^limitOffset}}OffsetDateTime{{/limitOffset}} changed{{/args}}) {

    static {{Entity}}Entity of({{Entity}}Draft draft, Instant now) {
        return new {{Entity}}Entity({{#args}}null, {{#fields}}{{{toHeld}}}, {{/fields}}null, now{{^limitOffset}}.atOffset(ZoneOffset.UTC){{/limitOffset}}, now{{^limitOffset}}.atOffset(ZoneOffset.UTC){{/limitOffset}}{{/args}});
    }

    /** What replaces the row of one that was read. */
    static {{Entity}}Entity of({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        return new {{Entity}}Entity({{#args}}before.id(), {{#fields}}{{{toHeld}}}, {{/fields}}before.version(), before.created(){{^limitOffset}}.atOffset(ZoneOffset.UTC){{/limitOffset}}, now{{^limitOffset}}.atOffset(ZoneOffset.UTC){{/limitOffset}}{{/args}});
    }

    {{Entity}} to{{Entity}}() {
        return new {{Entity}}({{#args}}{{#nullMarked}}Objects.requireNonNull(id){{/nullMarked}}{{^nullMarked}}id{{/nullMarked}}, {{#fields}}{{{fromHeld}}}, {{/fields}}{{#nullMarked}}Objects.requireNonNull(version){{/nullMarked}}{{^nullMarked}}version{{/nullMarked}}, created{{^limitOffset}}.toInstant(){{/limitOffset}}, changed{{^limitOffset}}.toInstant(){{/limitOffset}}{{/args}});
    }
}
