package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.data.annotation.Id
import org.springframework.data.elasticsearch.annotations.Document
import org.springframework.data.elasticsearch.annotations.Field
import org.springframework.data.elasticsearch.annotations.FieldType

/** A note as a document of the index. */
@Document(indexName = 'notes')
class NoteDocument {

    @Id
    String id

    @Field(type = FieldType.Long)
    Long number

    @Field(type = FieldType.Text)
    String title

    @Field(type = FieldType.Text)
    String body

    Note toNote() {
        new Note(number, title, body)
    }
}
