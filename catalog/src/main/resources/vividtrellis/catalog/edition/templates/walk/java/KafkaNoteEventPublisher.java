package {{package}}.{{messages}};

{{#byLayer}}
import {{package}}.domain.Note;
{{/byLayer}}
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.kafka.KafkaException;
import org.springframework.kafka.core.KafkaTemplate;
import org.springframework.stereotype.Component;

/** Tells others through Kafka. What is told of is done, so a broker that is away is a matter for the log. */
@Component
class KafkaNoteEventPublisher implements NoteEventPublisher {

    static final String TOPIC = "{{artifact}}.notes";

    private static final Logger LOG = LoggerFactory.getLogger(KafkaNoteEventPublisher.class);

    private final KafkaTemplate<String, String> kafka;

    KafkaNoteEventPublisher(KafkaTemplate<String, String> kafka) {
        this.kafka = kafka;
    }

    @Override
    public void noteCreated(Note note) {
        try {
            kafka.send(TOPIC, Long.toString(note.id()), note.title()).whenComplete((sent, fault) -> {
                if (fault != null) {
                    unheard(note, fault);
                }
            });
        } catch (KafkaException e) {
            unheard(note, e);
        }
    }

    private static void unheard(Note note, Throwable fault) {
        LOG.warn("Nobody was told of note {}", note.id(), fault);
    }
}
