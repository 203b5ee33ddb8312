package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.Note
{{/byLayer}}
import org.apache.kafka.clients.producer.MockProducer
import org.apache.kafka.clients.producer.ProducerRecord
import org.apache.kafka.common.errors.TimeoutException
import org.apache.kafka.common.serialization.StringSerializer
import org.junit.jupiter.api.Test
import org.junit.jupiter.api.extension.ExtendWith
import org.springframework.boot.test.system.CapturedOutput
import org.springframework.boot.test.system.OutputCaptureExtension
import org.springframework.kafka.core.KafkaTemplate
import org.springframework.kafka.core.ProducerFactory

@ExtendWith(OutputCaptureExtension)
class KafkaNoteEventPublisherTest {

    private static final String TOPIC = KafkaNoteEventPublisher.TOPIC

    private final Note note = new Note(7, "Tide", "High at noon")

    @Test
    void tellsOfANewNote() {
        MockProducer<String, String> broker = broker(true)

        publisher(broker).noteCreated(note)

        assert broker.history() == [new ProducerRecord<String, String>(TOPIC, "7", "Tide")]
    }

    @Test
    void goesOnWhereNobodyAnswers(CapturedOutput output) {
        MockProducer<String, String> broker = broker(false)

        publisher(broker).noteCreated(note)
        broker.errorNext(new TimeoutException("nobody is there"))

        assert output.all.contains("Nobody was told of note 7")
    }

    private static KafkaNoteEventPublisher publisher(MockProducer<String, String> broker) {
        ProducerFactory<String, String> factory = () -> broker
        new KafkaNoteEventPublisher(new KafkaTemplate<String, String>(factory))
    }

    private static MockProducer<String, String> broker(boolean answers) {
        new MockProducer<String, String>(answers, null, new StringSerializer(), new StringSerializer())
    }
}
