package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
{{/byLayer}}
import org.apache.kafka.clients.producer.MockProducer
import org.apache.kafka.clients.producer.ProducerRecord
import org.apache.kafka.common.errors.TimeoutException
import org.apache.kafka.common.serialization.StringSerializer
import org.assertj.core.api.Assertions.assertThat
import org.junit.jupiter.api.Test
import org.junit.jupiter.api.extension.ExtendWith
import org.springframework.boot.test.system.CapturedOutput
import org.springframework.boot.test.system.OutputCaptureExtension
import org.springframework.kafka.core.KafkaTemplate
import org.springframework.kafka.core.ProducerFactory
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID

@ExtendWith(OutputCaptureExtension::class)
class Kafka{{Entity}}EventPublisherTest {
    private val draft =
        {{Entity}}Draft(
{{#fields}}
            {{name}} = {{{literal}}},
{{/fields}}
        )
    private val {{entity}} = {{Entity}}.of(7, draft, Instant.EPOCH)

    @Test
    fun `tells of a new one`() {
        val broker = broker(answers = true)

        publisher(broker).{{entity}}Created({{entity}})

        assertThat(broker.history()).containsExactly(ProducerRecord(TOPIC, "7", {{#first}}{{entity}}.{{name}}{{#text}}{{#optional}}.toString(){{/optional}}{{/text}}{{^text}}.toString(){{/text}}{{/first}}))
    }

    @Test
    fun `goes on where nobody answers`(output: CapturedOutput) {
        val broker = broker(answers = false)

        publisher(broker).{{entity}}Created({{entity}})
        broker.errorNext(TimeoutException("nobody is there"))

        assertThat(output.all).contains("Nobody was told of {{entityWords}} 7")
    }

    private fun publisher(broker: MockProducer<String, String>): Kafka{{Entity}}EventPublisher {
        val factory = ProducerFactory { broker }
        return Kafka{{Entity}}EventPublisher(KafkaTemplate(factory))
    }

    private fun broker(answers: Boolean) = MockProducer(answers, null, StringSerializer(), StringSerializer())

    companion object {
        private const val TOPIC = Kafka{{Entity}}EventPublisher.TOPIC
    }
}
