package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.amqp.core.Queue
import org.springframework.amqp.rabbit.core.RabbitTemplate
import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
import org.springframework.stereotype.Component

private const val QUEUE = "{{artifact}}.notes"

/** Tells others through RabbitMQ. */
@Component
class AnnouncementsByRabbit(
    private val rabbit: RabbitTemplate,
) : Announcements {
    override fun written(note: Note) = rabbit.convertAndSend(QUEUE, note.title)
}

/** Made in the broker with the first connection, if it is not there. */
@Configuration(proxyBeanMethods = false)
class WrittenNotes {
    @Bean
    fun writtenNotesQueue() = Queue(QUEUE)
}
