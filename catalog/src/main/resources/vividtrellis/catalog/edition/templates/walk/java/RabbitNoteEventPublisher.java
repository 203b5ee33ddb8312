package {{package}}.{{messages}};

{{#byLayer}}
import {{package}}.domain.Note;
{{/byLayer}}
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.amqp.AmqpException;
import org.springframework.amqp.core.Queue;
import org.springframework.amqp.rabbit.core.RabbitTemplate;
import org.springframework.context.annotation.Bean;
import org.springframework.stereotype.Component;

/** Tells others through RabbitMQ. What is told of is done, so a broker that is away is a matter for the log. */
@Component
class RabbitNoteEventPublisher implements NoteEventPublisher {

    static final String QUEUE = "{{artifact}}.notes";

    private static final Logger LOG = LoggerFactory.getLogger(RabbitNoteEventPublisher.class);

    private final RabbitTemplate rabbit;

    RabbitNoteEventPublisher(RabbitTemplate rabbit) {
        this.rabbit = rabbit;
    }

    /** Made in the broker with the first connection, if it is not there. */
    @Bean
    static Queue writtenNotes() {
        return new Queue(QUEUE);
    }

    @Override
    public void noteCreated(Note note) {
        try {
            rabbit.convertAndSend(QUEUE, note.title());
        } catch (AmqpException e) {
            LOG.warn("Nobody was told of note {}", note.id(), e);
        }
    }
}
