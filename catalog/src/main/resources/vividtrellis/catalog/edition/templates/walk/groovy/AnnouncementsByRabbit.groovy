package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.springframework.amqp.core.Queue
import org.springframework.amqp.rabbit.core.RabbitTemplate
import org.springframework.context.annotation.Bean
import org.springframework.stereotype.Component

/** Tells others through RabbitMQ. */
@Component
class AnnouncementsByRabbit implements Announcements {

    static final String QUEUE = "{{artifact}}.notes"

    private final RabbitTemplate rabbit

    AnnouncementsByRabbit(RabbitTemplate rabbit) {
        this.rabbit = rabbit
    }

    /** Made in the broker with the first connection, if it is not there. */
    @Bean
    static Queue writtenNotes() {
        return new Queue(QUEUE)
    }

    @Override
    void written(Note note) {
        rabbit.convertAndSend(QUEUE, note.title)
    }
}
