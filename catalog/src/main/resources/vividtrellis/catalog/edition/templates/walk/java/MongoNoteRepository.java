package {{package}}.{{storage}};

import static org.springframework.data.mongodb.core.query.Criteria.where;
import static org.springframework.data.mongodb.core.query.Query.query;

{{#byLayer}}
import {{package}}.domain.Note;
import {{package}}.domain.NoteRepository;
{{/byLayer}}
import java.util.List;
import java.util.Optional;
import org.bson.Document;
import org.springframework.data.domain.Sort;
import org.springframework.data.mongodb.core.FindAndModifyOptions;
import org.springframework.data.mongodb.core.MongoTemplate;
import org.springframework.data.mongodb.core.query.Query;
import org.springframework.data.mongodb.core.query.Update;
import org.springframework.stereotype.Repository;

/** Keeps notes as documents. */
@Repository
class MongoNoteRepository implements NoteRepository {

    private final MongoTemplate documents;

    MongoNoteRepository(MongoTemplate documents) {
        this.documents = documents;
    }

    @Override
    public List<Note> findAll() {
        return documents.find(new Query().with(Sort.by("id")), NoteDocument.class).stream()
                .map(NoteDocument::toNote)
                .toList();
    }

    @Override
    public Optional<Note> findById(long id) {
        return Optional.ofNullable(documents.findById(id, NoteDocument.class)).map(NoteDocument::toNote);
    }

    @Override
    public Note create(String title, String body) {
        return documents.insert(new NoteDocument(next(), title, body)).toNote();
    }

    /** Counts in a document of its own, so that no number is given twice. */
    private long next() {
        Document counted = documents.findAndModify(
                query(where("_id").is("notes")),
                new Update().inc("last", 1L),
                FindAndModifyOptions.options().upsert(true).returnNew(true),
                Document.class,
                "counters");
        return counted.getLong("last");
    }
}
