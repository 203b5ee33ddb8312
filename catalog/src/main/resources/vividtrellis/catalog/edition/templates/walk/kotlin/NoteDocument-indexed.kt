package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.data.annotation.Id
import org.springframework.data.elasticsearch.annotations.Document
import org.springframework.data.elasticsearch.annotations.Field
import org.springframework.data.elasticsearch.annotations.FieldType

/** A note as a document of the index. */
@Document(indexName = "notes")
data class NoteDocument(
    @Id val id: String,
    @Field(type = FieldType.Long) val number: Long,
    @Field(type = FieldType.Text) val title: String,
    @Field(type = FieldType.Text) val body: String,
) {
    fun toNote() = Note(number, title, body)
}
