package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
{{/byLayer}}
import io.micronaut.core.annotation.Introspected;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Objects;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** {{An}} {{entityWords}} as a row of its table. */
@Entity
{{#openFields}}
@Introspected(accessKind = Introspected.AccessKind.FIELD)
{{/openFields}}
@Table(name = "{{entityTable}}")
class {{Entity}}Entity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    {{^openFields}}private {{/openFields}}{{#nullMarked}}@Nullable {{/nullMarked}}Long id;

{{#fields}}
{{#choice}}
    @Enumerated(EnumType.STRING)
{{/choice}}
{{#uuid}}
{{#uuidAsText}}
    @JdbcTypeCode(SqlTypes.CHAR)
{{/uuidAsText}}
{{/uuid}}
{{#mapping}}
    {{{mapping}}}
{{/mapping}}
    {{^openFields}}private {{/openFields}}{{{type}}} {{name}};

{{/fields}}
    @Version
    {{^openFields}}private {{/openFields}}long version;

    @Column(nullable = false, updatable = false)
    {{^openFields}}private {{/openFields}}Instant created;

    @Column(nullable = false)
    {{^openFields}}private {{/openFields}}Instant changed;

    /** For object mapping alone. */
    protected {{Entity}}Entity() {}

    {{Entity}}Entity({{Entity}}Draft draft, Instant now) {
        created = now;
        change(draft, now);
    }

    final void change({{Entity}}Draft draft, Instant now) {
{{#fields}}
        {{name}} = draft.{{name}}();
{{/fields}}
        changed = now;
    }

    {{Entity}} to{{Entity}}() {
        return new {{Entity}}({{#args}}{{#nullMarked}}Objects.requireNonNull(id){{/nullMarked}}{{^nullMarked}}id{{/nullMarked}}, {{#fields}}{{name}}, {{/fields}}version, created, changed{{/args}});
    }
}
