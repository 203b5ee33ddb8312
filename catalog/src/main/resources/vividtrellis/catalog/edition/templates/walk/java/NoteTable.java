package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
{{/byLayer}}
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.UUID;
import org.jooq.Converter;
import org.jooq.DataType;
import org.jooq.Identity;
import org.jooq.Record;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.jooq.impl.EnumConverter;
import org.jooq.impl.Internal;
import org.jooq.impl.SQLDataType;
import org.jooq.impl.TableImpl;

/** The table of {{entitiesWords}}, in types: what jOOQ would make from the database, written by hand. */
class {{Entity}}Table extends TableImpl<Record> {

{{#limitOffset}}
    /** This database keeps no offset, so all times are those of UTC. */
    private static final DataType<OffsetDateTime> TIME = SQLDataType.LOCALDATETIME(6)
            .asConvertedDataType(Converter.ofNullable(
                    LocalDateTime.class,
                    OffsetDateTime.class,
                    time -> time.atOffset(ZoneOffset.UTC),
                    time -> time.withOffsetSameInstant(ZoneOffset.UTC).toLocalDateTime()));

{{/limitOffset}}
{{^limitOffset}}
    private static final DataType<OffsetDateTime> TIME = SQLDataType.TIMESTAMPWITHTIMEZONE(6);

{{/limitOffset}}
{{#hasUuid}}
{{#uuidAsText}}
    /** This database has no type of its own for it. */
    private static final DataType<UUID> UUID_TEXT = SQLDataType.CHAR(36)
            .asConvertedDataType(
                    Converter.ofNullable(String.class, UUID.class, UUID::fromString, UUID::toString));

{{/uuidAsText}}
{{/hasUuid}}
    static final {{Entity}}Table {{ENTITY}} = new {{Entity}}Table();

    final TableField<Record, Long> id =
            createField(DSL.unquotedName("id"), SQLDataType.BIGINT.notNull().identity(true), this);
{{#fields}}
    final TableField<Record, {{{columnHolds}}}> {{name}} =
            createField({{#args}}DSL.unquotedName("{{column}}"), {{{columnType}}}, this{{/args}});
{{/fields}}
    final TableField<Record, Long> version =
            createField(DSL.unquotedName("version"), SQLDataType.BIGINT.notNull(), this);
    final TableField<Record, OffsetDateTime> created = createField(DSL.unquotedName("created"), TIME.notNull(), this);
    final TableField<Record, OffsetDateTime> changed = createField(DSL.unquotedName("changed"), TIME.notNull(), this);

    private {{Entity}}Table() {
        super(DSL.unquotedName("{{entityTable}}"));
    }

    @Override
    public Identity<Record, Long> getIdentity() {
        return Internal.createIdentity(this, id);
    }
}
