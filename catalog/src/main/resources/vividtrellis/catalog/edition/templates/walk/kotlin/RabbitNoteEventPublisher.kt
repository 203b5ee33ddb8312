package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
{{/byLayer}}
import org.slf4j.LoggerFactory
import org.springframework.amqp.AmqpException
import org.springframework.amqp.core.Queue
import org.springframework.amqp.rabbit.core.RabbitTemplate
import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
import org.springframework.stereotype.Component

private const val QUEUE = "{{artifact}}.{{entityPath}}"

/** Tells others through RabbitMQ. What is told of is done, so a broker that is away is a matter for the log. */
@Component
class Rabbit{{Entity}}EventPublisher(
    private val rabbit: RabbitTemplate,
) : {{Entity}}EventPublisher {
    private val log = LoggerFactory.getLogger(javaClass)

    override fun {{entity}}Created({{entity}}: {{Entity}}) {
        try {
            rabbit.convertAndSend(QUEUE, {{#first}}{{entity}}.{{name}}{{#text}}{{#optional}}.toString(){{/optional}}{{/text}}{{^text}}.toString(){{/text}}{{/first}})
        } catch (e: AmqpException) {
            log.warn("Nobody was told of {{entityWords}} {}", {{entity}}.id, e)
        }
    }
}

/** Made in the broker with the first connection, if it is not there. */
@Configuration(proxyBeanMethods = false)
class {{Entity}}Queue {
    @Bean
    fun created{{Entity}}Queue() = Queue(QUEUE)
}
