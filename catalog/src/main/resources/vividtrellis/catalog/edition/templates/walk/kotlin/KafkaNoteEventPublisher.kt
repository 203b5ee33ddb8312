package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.slf4j.LoggerFactory
import org.springframework.kafka.KafkaException
import org.springframework.kafka.core.KafkaTemplate
import org.springframework.stereotype.Component

/** Tells others through Kafka. What is told of is done, so a broker that is away is a matter for the log. */
@Component
class KafkaNoteEventPublisher(
    private val kafka: KafkaTemplate<String, String>,
) : NoteEventPublisher {
    private val log = LoggerFactory.getLogger(javaClass)

    override fun noteCreated(note: Note) {
        try {
            kafka.send(TOPIC, note.id.toString(), note.title).whenComplete { _, fault ->
                if (fault != null) {
                    unheard(note, fault)
                }
            }
        } catch (e: KafkaException) {
            unheard(note, e)
        }
    }

    private fun unheard(
        note: Note,
        fault: Throwable,
    ) = log.warn("Nobody was told of note {}", note.id, fault)

    companion object {
        const val TOPIC = "{{artifact}}.notes"
    }
}
