package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
{{/byLayer}}
import org.jooq.Converter
import org.jooq.DataType
import org.jooq.Identity
import org.jooq.Record
import org.jooq.TableField
import org.jooq.impl.DSL
import org.jooq.impl.EnumConverter
import org.jooq.impl.Internal
import org.jooq.impl.SQLDataType
import org.jooq.impl.TableImpl
import java.math.BigDecimal
import java.time.LocalDate
import java.time.LocalDateTime
import java.time.OffsetDateTime
import java.time.ZoneOffset
import java.util.UUID

{{#limitOffset}}
/** This database keeps no offset, so all times are those of UTC. */
private val TIME: DataType<OffsetDateTime> =
    SQLDataType.LOCALDATETIME(6).asConvertedDataType(
        Converter.ofNullable(
            LocalDateTime::class.java,
            OffsetDateTime::class.java,
            { it.atOffset(ZoneOffset.UTC) },
            { it.withOffsetSameInstant(ZoneOffset.UTC).toLocalDateTime() },
        ),
    )
{{/limitOffset}}
{{^limitOffset}}
private val TIME: DataType<OffsetDateTime> = SQLDataType.TIMESTAMPWITHTIMEZONE(6)
{{/limitOffset}}
{{#hasUuid}}
{{#uuidAsText}}

/** This database has no type of its own for it. */
private val UUID_TEXT: DataType<UUID> =
    SQLDataType.CHAR(36).asConvertedDataType(
        Converter.ofNullable(String::class.java, UUID::class.java, { UUID.fromString(it) }, { it.toString() }),
    )
{{/uuidAsText}}
{{/hasUuid}}

/** The table of {{entitiesWords}}, in types: what jOOQ would make from the database, written by hand. */
object {{Entity}}Table : TableImpl<Record>(DSL.unquotedName("{{entityTable}}")) {
    @JvmField
    val id: TableField<Record, Long?> =
        createField(DSL.unquotedName("id"), SQLDataType.BIGINT.notNull().identity(true), this)
{{#fields}}

    @JvmField
    val {{name}}: TableField<Record, {{{columnHolds}}}?> =
        createField({{#args}}DSL.unquotedName("{{column}}"), {{{columnType}}}, this{{/args}})
{{/fields}}

    @JvmField
    val version: TableField<Record, Long?> =
        createField(DSL.unquotedName("version"), SQLDataType.BIGINT.notNull(), this)

    @JvmField
    val created: TableField<Record, OffsetDateTime?> =
        createField(DSL.unquotedName("created"), TIME.notNull(), this)

    @JvmField
    val changed: TableField<Record, OffsetDateTime?> =
        createField(DSL.unquotedName("changed"), TIME.notNull(), this)

    override fun getIdentity(): Identity<Record, Long?> = Internal.createIdentity(this, id)

    private fun readResolve(): Any = {{Entity}}Table
}
