package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.NoteRepository;
{{/byLayer}}
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.data.redis.core.HashOperations;
import org.springframework.data.redis.core.StringRedisTemplate;
import org.springframework.stereotype.Repository;

/** Keeps each note under a key of its own, and their numbers in a list. */
@Repository
class RedisNoteRepository implements NoteRepository {

    private final StringRedisTemplate redis;
    private final HashOperations<String, String, String> notes;

    RedisNoteRepository(StringRedisTemplate redis) {
        this.redis = redis;
        this.notes = redis.opsForHash();
    }

    @Override
    public List<Note> findAll() {
        return redis.opsForList().range("notes", 0, -1).stream()
                .map(Long::valueOf)
                .flatMap(id -> findById(id).stream())
                .toList();
    }

    @Override
    public Optional<Note> findById(long id) {
        Map<String, String> note = notes.entries("notes:" + id);
        return note.isEmpty() ? Optional.empty() : Optional.of(new Note(id, note.get("title"), note.get("body")));
    }

    @Override
    public Note create(String title, String body) {
        long id = redis.opsForValue().increment("notes:last");
        notes.putAll("notes:" + id, Map.of("title", title, "body", body));
        redis.opsForList().rightPush("notes", Long.toString(id));
        return new Note(id, title, body);
    }
}
