package {{package}}.{{messages}}

import org.apache.kafka.clients.consumer.ConsumerRecord
import org.slf4j.Logger
import org.slf4j.LoggerFactory
import org.springframework.kafka.annotation.KafkaListener
import org.springframework.stereotype.Component

/** Hears of new {{entitiesWords}}. What there is to do then comes here; a record may come twice. */
@Component
class Kafka{{Entity}}EventListener {

    private static final Logger LOG = LoggerFactory.getLogger(Kafka{{Entity}}EventListener)

    @KafkaListener(topics = Kafka{{Entity}}EventPublisher.TOPIC)
    void {{entity}}Created(ConsumerRecord<String, String> told) {
        LOG.info('Heard of {{entityWords}} {}', told.key())
    }
}
