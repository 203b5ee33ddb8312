package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.springframework.data.redis.core.StringRedisTemplate
import org.springframework.stereotype.Repository

/** Keeps each note under a key of its own, and their numbers in a list. */
@Repository
class RedisNoteRepository(
    private val redis: StringRedisTemplate,
) : NoteRepository {
    private val notes = redis.opsForHash<String, String>()

    override fun findAll(): List<Note> =
        redis
            .opsForList()
            .range("notes", 0, -1)
            .orEmpty()
            .mapNotNull { findById(it.toLong()) }

    override fun findById(id: Long): Note? =
        notes
            .entries("notes:" + id)
            .takeIf { it.isNotEmpty() }
            ?.let { Note(id, it.getValue("title"), it.getValue("body")) }

    override fun create(
        title: String,
        body: String,
    ): Note {
        val id = checkNotNull(redis.opsForValue().increment("notes:last"))
        notes.putAll("notes:" + id, mapOf("title" to title, "body" to body))
        redis.opsForList().rightPush("notes", id.toString())
        return Note(id, title, body)
    }
}
