package {{package}}.{{messages}};

import static org.assertj.core.api.Assertions.assertThat;

{{#byLayer}}
import {{package}}.domain.Note;
{{/byLayer}}
import org.apache.kafka.clients.producer.MockProducer;
import org.apache.kafka.clients.producer.ProducerRecord;
import org.apache.kafka.common.errors.TimeoutException;
import org.apache.kafka.common.serialization.StringSerializer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.kafka.core.KafkaTemplate;

@ExtendWith(OutputCaptureExtension.class)
class KafkaNoteEventPublisherTest {

    private static final String TOPIC = KafkaNoteEventPublisher.TOPIC;

    private final Note note = new Note(7, "Tide", "High at noon");

    @Test
    void tellsOfANewNote() {
        MockProducer<String, String> broker = broker(true);

        publisher(broker).noteCreated(note);

        assertThat(broker.history()).containsExactly(new ProducerRecord<>(TOPIC, "7", "Tide"));
    }

    @Test
    void goesOnWhereNobodyAnswers(CapturedOutput output) {
        MockProducer<String, String> broker = broker(false);

        publisher(broker).noteCreated(note);
        broker.errorNext(new TimeoutException("nobody is there"));

        assertThat(output).contains("Nobody was told of note 7");
    }

    private static KafkaNoteEventPublisher publisher(MockProducer<String, String> broker) {
        return new KafkaNoteEventPublisher(new KafkaTemplate<>(() -> broker));
    }

    private static MockProducer<String, String> broker(boolean answers) {
        return new MockProducer<>(answers, null, new StringSerializer(), new StringSerializer());
    }
}
