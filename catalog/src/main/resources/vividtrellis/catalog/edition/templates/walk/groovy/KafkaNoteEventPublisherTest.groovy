package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
{{/byLayer}}
import java.time.Instant
import java.time.LocalDate
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
class Kafka{{Entity}}EventPublisherTest {

    private static final String TOPIC = Kafka{{Entity}}EventPublisher.TOPIC

    private static final {{Entity}}Draft DRAFT = new {{Entity}}Draft({{#args}}{{#fields}}{{{literal}}}{{^-last}}, {{/-last}}{{/fields}}{{/args}})

    private final {{Entity}} {{entity}} = {{Entity}}.of(7, DRAFT, Instant.EPOCH)

    @Test
    void tellsOfANewOne() {
        MockProducer<String, String> broker = broker(true)

        publisher(broker).{{entity}}Created({{entity}})

        assert broker.history() == [new ProducerRecord<String, String>(TOPIC, '7', {{#first}}{{entity}}.{{name}}{{#text}}{{#optional}} as String{{/optional}}{{/text}}{{^text}} as String{{/text}}{{/first}})]
    }

    @Test
    void goesOnWhereNobodyAnswers(CapturedOutput output) {
        MockProducer<String, String> broker = broker(false)

        publisher(broker).{{entity}}Created({{entity}})
        broker.errorNext(new TimeoutException('nobody is there'))

        assert output.all.contains('Nobody was told of {{entityWords}} 7')
    }

    private static Kafka{{Entity}}EventPublisher publisher(MockProducer<String, String> broker) {
        ProducerFactory<String, String> factory = () -> broker
        new Kafka{{Entity}}EventPublisher(new KafkaTemplate<String, String>(factory))
    }

    private static MockProducer<String, String> broker(boolean answers) {
        new MockProducer<String, String>(answers, null, new StringSerializer(), new StringSerializer())
    }
}
