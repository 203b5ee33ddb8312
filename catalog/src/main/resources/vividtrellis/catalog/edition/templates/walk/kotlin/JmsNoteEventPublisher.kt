package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
{{/byLayer}}
import org.slf4j.LoggerFactory
import org.springframework.jms.JmsException
import org.springframework.jms.core.JmsTemplate
import org.springframework.stereotype.Component

/** Tells others through JMS. What is told of is done, so a broker that is away is a matter for the log. */
@Component
class Jms{{Entity}}EventPublisher(
    private val jms: JmsTemplate,
) : {{Entity}}EventPublisher {
    private val log = LoggerFactory.getLogger(javaClass)

    override fun {{entity}}Created({{entity}}: {{Entity}}) {
        try {
            jms.convertAndSend(QUEUE, {{#first}}{{entity}}.{{name}}{{#text}}{{#optional}}.toString(){{/optional}}{{/text}}{{^text}}.toString(){{/text}}{{/first}})
        } catch (e: JmsException) {
            log.warn("Nobody was told of {{entityWords}} {}", {{entity}}.id, e)
        }
    }

    companion object {
        const val QUEUE = "{{artifact}}.{{entityPath}}"
    }
}
