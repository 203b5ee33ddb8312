package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
{{/byLayer}}
import org.slf4j.LoggerFactory
import org.springframework.kafka.KafkaException
import org.springframework.kafka.core.KafkaTemplate
import org.springframework.stereotype.Component

/** Tells others through Kafka. What is told of is done, so a broker that is away is a matter for the log. */
@Component
class Kafka{{Entity}}EventPublisher(
    private val kafka: KafkaTemplate<String, String>,
) : {{Entity}}EventPublisher {
    private val log = LoggerFactory.getLogger(javaClass)

    override fun {{entity}}Created({{entity}}: {{Entity}}) {
        try {
            kafka.send(TOPIC, {{entity}}.id.toString(), {{#first}}{{entity}}.{{name}}{{#text}}{{#optional}}.toString(){{/optional}}{{/text}}{{^text}}.toString(){{/text}}{{/first}}).whenComplete { _, fault ->
                if (fault != null) {
                    unheard({{entity}}, fault)
                }
            }
        } catch (e: KafkaException) {
            unheard({{entity}}, e)
        }
    }

    private fun unheard(
        {{entity}}: {{Entity}},
        fault: Throwable,
    ) = log.warn("Nobody was told of {{entityWords}} {}", {{entity}}.id, fault)

    companion object {
        const val TOPIC = "{{artifact}}.{{entityPath}}"
    }
}
