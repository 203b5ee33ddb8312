package {{package}}.{{storage}}

import static org.springframework.data.mongodb.core.query.Criteria.where
import static org.springframework.data.mongodb.core.query.Query.query

{{#byLayer}}
import {{package}}.domain.Note
import {{package}}.domain.NoteRepository
{{/byLayer}}
import org.bson.Document
import org.springframework.data.domain.Sort
import org.springframework.data.mongodb.core.FindAndModifyOptions
import org.springframework.data.mongodb.core.MongoTemplate
import org.springframework.data.mongodb.core.query.Query
import org.springframework.data.mongodb.core.query.Update
import org.springframework.stereotype.Repository

/** Keeps notes as documents. */
@Repository
class MongoNoteRepository implements NoteRepository {

    private final MongoTemplate documents

    MongoNoteRepository(MongoTemplate documents) {
        this.documents = documents
    }

    @Override
    List<Note> findAll() {
        documents.find(new Query().with(Sort.by('id')), NoteDocument)*.toNote()
    }

    @Override
    Optional<Note> findById(long id) {
        Optional.ofNullable(documents.findById(id, NoteDocument)).map { it.toNote() }
    }

    @Override
    Note create(String title, String body) {
        documents.insert(new NoteDocument(id: next(), title: title, body: body)).toNote()
    }

    /** Counts in a document of its own, so that no number is given twice. */
    private long next() {
        documents.findAndModify(
                query(where('_id').is('notes')),
                new Update().inc('last', 1L),
                FindAndModifyOptions.options().upsert(true).returnNew(true),
                Document,
                'counters').getLong('last')
    }
}
