package {{package}}.{{messages}}

import org.apache.kafka.clients.consumer.ConsumerRecord
import org.slf4j.Logger
import org.slf4j.LoggerFactory
import org.springframework.kafka.annotation.KafkaListener
import org.springframework.stereotype.Component

/** Hears of new notes. What there is to do then comes here; a record may come twice. */
@Component
class KafkaNoteEventListener {

    private static final Logger LOG = LoggerFactory.getLogger(KafkaNoteEventListener)

    @KafkaListener(topics = KafkaNoteEventPublisher.TOPIC)
    void noteCreated(ConsumerRecord<String, String> told) {
        LOG.info("Heard of note {}", told.key())
    }
}
