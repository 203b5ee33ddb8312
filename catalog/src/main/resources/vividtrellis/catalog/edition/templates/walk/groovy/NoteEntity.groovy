package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
{{/byLayer}}
import jakarta.persistence.Column
import jakarta.persistence.Entity
import jakarta.persistence.EnumType
import jakarta.persistence.Enumerated
import jakarta.persistence.GeneratedValue
import jakarta.persistence.GenerationType
import jakarta.persistence.Id
import jakarta.persistence.Table
import jakarta.persistence.Version
import java.time.Instant
import java.time.LocalDate
import org.hibernate.annotations.JdbcTypeCode
import org.hibernate.type.SqlTypes

/** {{An}} {{entityWords}} as a row of its table. */
@Entity
@Table(name = '{{entityTable}}')
class {{Entity}}Entity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id
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
    {{{type}}} {{name}}
{{/fields}}

    @Version
    long version

    @Column(nullable = false, updatable = false)
    Instant created

    @Column(nullable = false)
    Instant changed

    static {{Entity}}Entity of({{Entity}}Draft draft, Instant now) {
        {{Entity}}Entity entity = new {{Entity}}Entity(created: now)
        entity.change(draft, now)
        entity
    }

    void change({{Entity}}Draft draft, Instant now) {
{{#fields}}
        {{name}} = draft.{{name}}
{{/fields}}
        changed = now
    }

    {{Entity}} to{{Entity}}() {
        new {{Entity}}({{#args}}id, {{#fields}}{{name}}, {{/fields}}version, created, changed{{/args}})
    }
}
