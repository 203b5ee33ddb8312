package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import java.util.function.BiFunction
import org.neo4j.driver.Record
import org.neo4j.driver.types.TypeSystem
import org.springframework.data.neo4j.core.Neo4jClient
import org.springframework.stereotype.Repository

/** Keeps notes as nodes of a graph. */
@Repository
class Neo4jNoteRepository implements NoteRepository {

    private static final String RETURN = ' return n.id as id, n.title as title, n.body as body'
    private static final BiFunction<TypeSystem, Record, Note> NOTE = { TypeSystem types, Record found ->
        new Note(found.get('id').asLong(), found.get('title').asString(), found.get('body').asString())
    }

    private final Neo4jClient graph

    Neo4jNoteRepository(Neo4jClient graph) {
        this.graph = graph
    }

    @Override
    List<Note> findAll() {
        graph.query('match (n:Note)' + RETURN + ' order by id').fetchAs(Note).mappedBy(NOTE).all().toList()
    }

    @Override
    Optional<Note> findById(long id) {
        graph.query('match (n:Note {id: $id})' + RETURN).bind(id).to('id').fetchAs(Note).mappedBy(NOTE).one()
    }

    @Override
    Note create(String title, String body) {
        graph.query("merge (c:Counter {of: 'notes'}) set c.last = coalesce(c.last, 0) + 1" +
                ' create (n:Note {id: c.last, title: $title, body: $body})' + RETURN)
                .bind(title).to('title')
                .bind(body).to('body')
                .fetchAs(Note).mappedBy(NOTE).one().orElseThrow()
    }
}
