package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.jms.core.JmsTemplate
import org.springframework.stereotype.Component

/** Tells others through JMS. */
@Component
class AnnouncementsByJms(
    private val jms: JmsTemplate,
) : Announcements {
    override fun written(note: Note) = jms.convertAndSend(QUEUE, note.title)

    companion object {
        const val QUEUE = "{{artifact}}.notes"
    }
}
