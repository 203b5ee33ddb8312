package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.neo4j.driver.Record
import org.springframework.data.neo4j.core.Neo4jClient
import org.springframework.stereotype.Repository

private const val RETURN = " return n.id as id, n.title as title, n.body as body"

/** Keeps notes as nodes of a graph. */
@Repository
class Neo4jNoteRepository(
    private val graph: Neo4jClient,
) : NoteRepository {
    override fun findAll(): List<Note> =
        graph
            .query("match (n:Note)" + RETURN + " order by id")
            .fetchAs(Note::class.java)
            .mappedBy { _, found -> note(found) }
            .all()
            .toList()

    override fun findById(id: Long): Note? =
        graph
            .query("match (n:Note {id: \$id})" + RETURN)
            .bind(id)
            .to("id")
            .fetchAs(Note::class.java)
            .mappedBy { _, found -> note(found) }
            .one()
            .orElse(null)

    override fun create(
        title: String,
        body: String,
    ): Note =
        graph
            .query(
                "merge (c:Counter {of: 'notes'}) set c.last = coalesce(c.last, 0) + 1" +
                    " create (n:Note {id: c.last, title: \$title, body: \$body})" + RETURN,
            ).bind(title)
            .to("title")
            .bind(body)
            .to("body")
            .fetchAs(Note::class.java)
            .mappedBy { _, found -> note(found) }
            .one()
            .orElseThrow()

    private fun note(found: Record): Note {
        val id = found.get("id").asLong()
        return Note(id, found.get("title").asString(), found.get("body").asString())
    }
}
