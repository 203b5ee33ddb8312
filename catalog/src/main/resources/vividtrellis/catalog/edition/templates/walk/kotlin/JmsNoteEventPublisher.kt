package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.slf4j.LoggerFactory
import org.springframework.jms.JmsException
import org.springframework.jms.core.JmsTemplate
import org.springframework.stereotype.Component

/** Tells others through JMS. What is told of is done, so a broker that is away is a matter for the log. */
@Component
class JmsNoteEventPublisher(
    private val jms: JmsTemplate,
) : NoteEventPublisher {
    private val log = LoggerFactory.getLogger(javaClass)

    override fun noteCreated(note: Note) {
        try {
            jms.convertAndSend(QUEUE, note.title)
        } catch (e: JmsException) {
            log.warn("Nobody was told of note {}", note.id, e)
        }
    }

    companion object {
        const val QUEUE = "{{artifact}}.notes"
    }
}
