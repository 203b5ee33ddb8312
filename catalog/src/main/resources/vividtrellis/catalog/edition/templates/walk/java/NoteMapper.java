package {{package}}.{{storage}};

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The SQL of {{entitiesWords}}. */
@Mapper
interface {{Entity}}Mapper {

    @Select("""
            select * from {{entityTable}} order by id
{{#limitOffset}}
            limit #{size} offset #{before}
{{/limitOffset}}
{{^limitOffset}}
            offset #{before} rows fetch next #{size} rows only
{{/limitOffset}}
            """)
    List<{{Entity}}Entity> findAll(@Param("before") long before, @Param("size") int size);

    @Select("select * from {{entityTable}} where id = #{id}")
    Optional<{{Entity}}Entity> findById(long id);

    /** Keeps an entity and gives it its number. */
    @Insert("""
            insert into {{entityTable}} ({{#list}}{{#fields}}{{column}}, {{/fields}}version, created, changed{{/list}})
            values ({{#list}}{{#fields}}{{{parameter}}}, {{/fields}}#{version}, #{created}, #{changed}{{/list}})
            """)
    @Options(useGeneratedKeys = true, keyProperty = "id", keyColumn = "id")
    void insert({{Entity}}Entity entity);

    /** Changes a row that is still at that version, and says how many it were. */
    @Update("""
            update {{entityTable}}
{{#fields}}
            {{#-first}}set{{/-first}}{{^-first}}   {{/-first}} {{column}} = {{{parameter}}},
{{/fields}}
                version = version + 1,
                changed = #{changed}
            where id = #{id} and version = #{version}
            """)
    int update({{Entity}}Entity entity);

    @Delete("delete from {{entityTable}} where id = #{id}")
    int delete(long id);
}
