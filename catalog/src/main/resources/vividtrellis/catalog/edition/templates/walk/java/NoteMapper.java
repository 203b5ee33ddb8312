package {{package}}.{{storage}};

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;

/** The SQL of notes. */
@Mapper
interface NoteMapper {

    @Select("select id, title, body from note order by id")
    List<NoteEntity> findAll();

    @Select("select id, title, body from note where id = #{id}")
    Optional<NoteEntity> findById(long id);

    /** Keeps an entity and gives it its number. */
    @Insert("insert into note (title, body) values (#{title}, #{body})")
    @Options(useGeneratedKeys = true, keyProperty = "id", keyColumn = "id")
    void insert(NoteEntity entity);
}
