package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.NoteRepository;
{{/byLayer}}
import java.util.List;
import java.util.Optional;
import org.neo4j.driver.Record;
import org.springframework.data.neo4j.core.Neo4jClient;
import org.springframework.stereotype.Repository;

/** Keeps notes as nodes of a graph. */
@Repository
class Neo4jNoteRepository implements NoteRepository {

    private static final String NOTE = " return n.id as id, n.title as title, n.body as body";

    private final Neo4jClient graph;

    Neo4jNoteRepository(Neo4jClient graph) {
        this.graph = graph;
    }

    @Override
    public List<Note> findAll() {
        return List.copyOf(graph.query("match (n:Note)" + NOTE + " order by id")
                .fetchAs(Note.class)
                .mappedBy((types, found) -> note(found))
                .all());
    }

    @Override
    public Optional<Note> findById(long id) {
        return graph.query("match (n:Note {id: $id})" + NOTE)
                .bind(id)
                .to("id")
                .fetchAs(Note.class)
                .mappedBy((types, found) -> note(found))
                .one();
    }

    @Override
    public Note create(String title, String body) {
        return graph.query("merge (c:Counter {of: 'notes'}) set c.last = coalesce(c.last, 0) + 1"
                        + " create (n:Note {id: c.last, title: $title, body: $body})" + NOTE)
                .bind(title)
                .to("title")
                .bind(body)
                .to("body")
                .fetchAs(Note.class)
                .mappedBy((types, found) -> note(found))
                .one()
                .orElseThrow();
    }

    private static Note note(Record found) {
        return new Note(
                found.get("id").asLong(),
                found.get("title").asString(),
                found.get("body").asString());
    }
}
