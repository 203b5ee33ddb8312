package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.kafka.core.KafkaTemplate
import org.springframework.stereotype.Component

/** Tells others through Kafka. */
@Component
class AnnouncementsByKafka(
    private val kafka: KafkaTemplate<String, String>,
) : Announcements {
    override fun written(note: Note) {
        kafka.send(TOPIC, note.id.toString(), note.title)
    }

    companion object {
        const val TOPIC = "{{artifact}}.notes"
    }
}
