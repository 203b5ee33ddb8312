package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.kafka.core.KafkaTemplate
import org.springframework.stereotype.Component

/** Tells others through Kafka. */
@Component
class AnnouncementsByKafka implements Announcements {

    static final String TOPIC = "{{artifact}}.notes"

    private final KafkaTemplate<String, String> kafka

    AnnouncementsByKafka(KafkaTemplate<String, String> kafka) {
        this.kafka = kafka
    }

    @Override
    void written(Note note) {
        kafka.send(TOPIC, Long.toString(note.id), note.title)
    }
}
