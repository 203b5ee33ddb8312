package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.slf4j.LoggerFactory
import org.springframework.amqp.AmqpException
import org.springframework.amqp.core.Queue
import org.springframework.amqp.rabbit.core.RabbitTemplate
import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
import org.springframework.stereotype.Component

private const val QUEUE = "{{artifact}}.notes"

/** Tells others through RabbitMQ. What is told of is done, so a broker that is away is a matter for the log. */
@Component
class RabbitNoteEventPublisher(
    private val rabbit: RabbitTemplate,
) : NoteEventPublisher {
    private val log = LoggerFactory.getLogger(javaClass)

    override fun noteCreated(note: Note) {
        try {
            rabbit.convertAndSend(QUEUE, note.title)
        } catch (e: AmqpException) {
            log.warn("Nobody was told of note {}", note.id, e)
        }
    }
}

/** Made in the broker with the first connection, if it is not there. */
@Configuration(proxyBeanMethods = false)
class WrittenNotes {
    @Bean
    fun writtenNotesQueue() = Queue(QUEUE)
}
