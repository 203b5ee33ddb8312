package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
{{/byLayer}}
import java.time.LocalDate
import java.time.LocalDateTime
import java.time.OffsetDateTime
import java.time.ZoneOffset
import org.jooq.Converter
import org.jooq.DataType
import org.jooq.Field
import org.jooq.Record
import org.jooq.Table
import org.jooq.impl.DSL
import org.jooq.impl.EnumConverter
import org.jooq.impl.SQLDataType

/** The table of {{entitiesWords}} and its columns, named once. */
class {{Entity}}Table {

{{#limitOffset}}
    /** This database keeps no offset, so all times are those of UTC. */
    private static final DataType<OffsetDateTime> KEPT_TIME = SQLDataType.LOCALDATETIME(6)
            .asConvertedDataType(Converter.ofNullable(
                    LocalDateTime,
                    OffsetDateTime,
                    time -> time.atOffset(ZoneOffset.UTC),
                    time -> time.withOffsetSameInstant(ZoneOffset.UTC).toLocalDateTime()))
{{/limitOffset}}
{{^limitOffset}}
    private static final DataType<OffsetDateTime> KEPT_TIME = SQLDataType.TIMESTAMPWITHTIMEZONE(6)
{{/limitOffset}}
{{#hasUuid}}
{{#uuidAsText}}

    /** This database has no type of its own for it. */
    private static final DataType<UUID> UUID_TEXT = SQLDataType.CHAR(36)
            .asConvertedDataType(Converter.ofNullable(String, UUID, text -> UUID.fromString(text), uuid -> uuid.toString()))
{{/uuidAsText}}
{{/hasUuid}}

    static final Table<Record> TABLE = DSL.table(DSL.unquotedName('{{entityTable}}'))

    static final Field<Long> ID = DSL.field(DSL.unquotedName('id'), SQLDataType.BIGINT.notNull().identity(true))
{{#fields}}
    static final Field<{{{columnHolds}}}> {{COLUMN}} = DSL.field({{#args}}DSL.unquotedName('{{column}}'), {{{columnType}}}{{/args}})
{{/fields}}
    static final Field<Long> VERSION = DSL.field(DSL.unquotedName('version'), SQLDataType.BIGINT.notNull())
    static final Field<OffsetDateTime> CREATED = DSL.field(DSL.unquotedName('created'), KEPT_TIME.notNull())
    static final Field<OffsetDateTime> CHANGED = DSL.field(DSL.unquotedName('changed'), KEPT_TIME.notNull())

    /** All of them, in the order of {{an}} {{entityWords}}. */
    static final List<Field<?>> EVERY_COLUMN = [{{#args}}ID, {{#fields}}{{COLUMN}}, {{/fields}}VERSION, CREATED, CHANGED{{/args}}]
}
