package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note
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

@ExtendWith(OutputCaptureExtension::class)
class KafkaNoteEventPublisherTest {
    private val note = Note(7, "Tide", "High at noon")

    @Test
    fun `tells of a new note`() {
        val broker = broker(answers = true)

        publisher(broker).noteCreated(note)

        assertThat(broker.history()).containsExactly(ProducerRecord(TOPIC, "7", "Tide"))
    }

    @Test
    fun `goes on where nobody answers`(output: CapturedOutput) {
        val broker = broker(answers = false)

        publisher(broker).noteCreated(note)
        broker.errorNext(TimeoutException("nobody is there"))

        assertThat(output.all).contains("Nobody was told of note 7")
    }

    private fun publisher(broker: MockProducer<String, String>): KafkaNoteEventPublisher {
        val factory = ProducerFactory { broker }
        return KafkaNoteEventPublisher(KafkaTemplate(factory))
    }

    private fun broker(answers: Boolean) = MockProducer(answers, null, StringSerializer(), StringSerializer())

    companion object {
        private const val TOPIC = KafkaNoteEventPublisher.TOPIC
    }
}
