package {{package}}.{{messages}}

import org.apache.kafka.clients.consumer.ConsumerRecord
import org.slf4j.LoggerFactory
import org.springframework.kafka.annotation.KafkaListener
import org.springframework.stereotype.Component

/** Hears of new notes. What there is to do then comes here; a record may come twice. */
@Component
class KafkaNoteEventListener {
    private val log = LoggerFactory.getLogger(javaClass)

    @KafkaListener(topics = [KafkaNoteEventPublisher.TOPIC])
    fun noteCreated(told: ConsumerRecord<String, String>) = log.info("Heard of note {}", told.key())
}
