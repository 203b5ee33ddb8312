package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.jms.core.JmsTemplate
import org.springframework.stereotype.Component

/** Tells others through JMS. */
@Component
class AnnouncementsByJms implements Announcements {

    static final String QUEUE = "{{artifact}}.notes"

    private final JmsTemplate jms

    AnnouncementsByJms(JmsTemplate jms) {
        this.jms = jms
    }

    @Override
    void written(Note note) {
        jms.convertAndSend(QUEUE, note.title)
    }
}
