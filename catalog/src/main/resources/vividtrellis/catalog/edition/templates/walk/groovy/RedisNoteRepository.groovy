package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.springframework.data.redis.core.HashOperations
import org.springframework.data.redis.core.StringRedisTemplate
import org.springframework.stereotype.Repository

/** Keeps each note under a key of its own, and their numbers in a list. */
@Repository
class RedisNoteRepository implements NoteRepository {

    private final StringRedisTemplate redis
    private final HashOperations<String, String, String> notes

    RedisNoteRepository(StringRedisTemplate redis) {
        this.redis = redis
        this.notes = redis.opsForHash()
    }

    @Override
    List<Note> findAll() {
        redis.opsForList().range('notes', 0, -1).collect { findById(it as long).get() }
    }

    @Override
    Optional<Note> findById(long id) {
        def note = notes.entries('notes:' + id)
        note ? Optional.of(new Note(id, note.title, note.body)) : Optional.empty()
    }

    @Override
    Note create(String title, String body) {
        long id = redis.opsForValue().increment('notes:last')
        notes.putAll('notes:' + id, [title: title, body: body])
        redis.opsForList().rightPush('notes', id as String)
        new Note(id, title, body)
    }
}
