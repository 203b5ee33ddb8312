package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
{{/byLayer}}
import org.slf4j.Logger
import org.slf4j.LoggerFactory
import org.springframework.kafka.KafkaException
import org.springframework.kafka.core.KafkaTemplate
import org.springframework.stereotype.Component

/** Tells others through Kafka. What is told of is done, so a broker that is away is a matter for the log. */
@Component
class Kafka{{Entity}}EventPublisher implements {{Entity}}EventPublisher {

    static final String TOPIC = '{{artifact}}.{{entityPath}}'

    private static final Logger LOG = LoggerFactory.getLogger(Kafka{{Entity}}EventPublisher)

    private final KafkaTemplate<String, String> kafka

    Kafka{{Entity}}EventPublisher(KafkaTemplate<String, String> kafka) {
        this.kafka = kafka
    }

    @Override
    void {{entity}}Created({{Entity}} {{entity}}) {
        try {
            kafka.send(TOPIC, Long.toString({{entity}}.id), {{#first}}{{entity}}.{{name}}{{#text}}{{#optional}} as String{{/optional}}{{/text}}{{^text}} as String{{/text}}{{/first}}).whenComplete((sent, fault) -> {
                if (fault != null) {
                    unheard({{entity}}, fault)
                }
            })
        } catch (KafkaException e) {
            unheard({{entity}}, e)
        }
    }

    private static void unheard({{Entity}} {{entity}}, Throwable fault) {
        LOG.warn('Nobody was told of {{entityWords}} {}', {{entity}}.id, fault)
    }
}
