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
import org.hibernate.annotations.JdbcTypeCode
import org.hibernate.type.SqlTypes
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID

/** {{An}} {{entityWords}} as a row of its table. */
@Entity
@Table(name = "{{entityTable}}")
class {{Entity}}Entity(
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
    var {{name}}: {{{type}}},
{{/fields}}
    @Column(nullable = false, updatable = false)
    var created: Instant,
    @Column(nullable = false)
    var changed: Instant,
) {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    var id: Long? = null

    @Version
    var version: Long = 0

    constructor(draft: {{Entity}}Draft, now: Instant) : this(
{{#fields}}
        {{name}} = draft.{{name}},
{{/fields}}
        created = now,
        changed = now,
    )

    fun change(
        draft: {{Entity}}Draft,
        now: Instant,
    ) {
{{#fields}}
        {{name}} = draft.{{name}}
{{/fields}}
        changed = now
    }

    fun to{{Entity}}() =
        {{Entity}}(
            id = checkNotNull(id),
{{#fields}}
            {{name}} = {{name}},
{{/fields}}
            version = version,
            created = created,
            changed = changed,
        )
}
