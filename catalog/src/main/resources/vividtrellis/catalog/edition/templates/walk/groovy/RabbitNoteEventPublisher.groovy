package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
{{/byLayer}}
import org.slf4j.Logger
import org.slf4j.LoggerFactory
import org.springframework.amqp.AmqpException
import org.springframework.amqp.core.Queue
import org.springframework.amqp.rabbit.core.RabbitTemplate
import org.springframework.context.annotation.Bean
import org.springframework.stereotype.Component

/** Tells others through RabbitMQ. What is told of is done, so a broker that is away is a matter for the log. */
@Component
class Rabbit{{Entity}}EventPublisher implements {{Entity}}EventPublisher {

    static final String QUEUE = '{{artifact}}.{{entityPath}}'

    private static final Logger LOG = LoggerFactory.getLogger(Rabbit{{Entity}}EventPublisher)

    private final RabbitTemplate rabbit

    Rabbit{{Entity}}EventPublisher(RabbitTemplate rabbit) {
        this.rabbit = rabbit
    }

    /** Made in the broker with the first connection, if it is not there. */
    @Bean
    static Queue created{{Entity}}Queue() {
        return new Queue(QUEUE)
    }

    @Override
    void {{entity}}Created({{Entity}} {{entity}}) {
        try {
            rabbit.convertAndSend(QUEUE, {{#first}}{{entity}}.{{name}}{{#text}}{{#optional}} as String{{/optional}}{{/text}}{{^text}} as String{{/text}}{{/first}})
        } catch (AmqpException e) {
            LOG.warn('Nobody was told of {{entityWords}} {}', {{entity}}.id, e)
        }
    }
}
