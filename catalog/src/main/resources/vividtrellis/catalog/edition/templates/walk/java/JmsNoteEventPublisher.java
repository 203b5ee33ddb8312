package {{package}}.{{messages}};

{{#byLayer}}
import {{package}}.domain.Note;
{{/byLayer}}
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jms.JmsException;
import org.springframework.jms.core.JmsTemplate;
import org.springframework.stereotype.Component;

/** Tells others through JMS. What is told of is done, so a broker that is away is a matter for the log. */
@Component
class JmsNoteEventPublisher implements NoteEventPublisher {

    static final String QUEUE = "{{artifact}}.notes";

    private static final Logger LOG = LoggerFactory.getLogger(JmsNoteEventPublisher.class);

    private final JmsTemplate jms;

    JmsNoteEventPublisher(JmsTemplate jms) {
        this.jms = jms;
    }

    @Override
    public void noteCreated(Note note) {
        try {
            jms.convertAndSend(QUEUE, note.title());
        } catch (JmsException e) {
            LOG.warn("Nobody was told of note {}", note.id(), e);
        }
    }
}
