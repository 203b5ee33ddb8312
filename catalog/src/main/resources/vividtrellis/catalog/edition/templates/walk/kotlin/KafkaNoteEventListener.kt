package {{package}}.{{messages}}

import org.apache.kafka.clients.consumer.ConsumerRecord
import org.slf4j.LoggerFactory
import org.springframework.kafka.annotation.KafkaListener
import org.springframework.stereotype.Component

/** Hears of new {{entitiesWords}}. What there is to do then comes here; a record may come twice. */
@Component
class Kafka{{Entity}}EventListener {
    private val log = LoggerFactory.getLogger(javaClass)

    @KafkaListener(topics = [Kafka{{Entity}}EventPublisher.TOPIC])
    fun {{entity}}Created(told: ConsumerRecord<String, String>) = log.info("Heard of {{entityWords}} {}", told.key())
}
