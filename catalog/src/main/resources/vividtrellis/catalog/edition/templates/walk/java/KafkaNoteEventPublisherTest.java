package {{package}}.{{messages}};

import static org.assertj.core.api.Assertions.assertThat;

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
{{/byLayer}}
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
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
class Kafka{{Entity}}EventPublisherTest {

    private static final String TOPIC = Kafka{{Entity}}EventPublisher.TOPIC;

    private static final {{Entity}}Draft DRAFT = new {{Entity}}Draft({{#args}}{{#fields}}{{{literal}}}{{^-last}}, {{/-last}}{{/fields}}{{/args}});

    private final {{Entity}} {{entity}} = {{Entity}}.of(7, DRAFT, Instant.EPOCH);

    @Test
    void tellsOfANewOne() {
        MockProducer<String, String> broker = broker(true);

        publisher(broker).{{entity}}Created({{entity}});

        assertThat(broker.history()).containsExactly(new ProducerRecord<>(TOPIC, "7", {{#first}}{{#text}}{{#required}}{{entity}}.{{name}}(){{/required}}{{#optional}}String.valueOf({{entity}}.{{name}}()){{/optional}}{{/text}}{{^text}}String.valueOf({{entity}}.{{name}}()){{/text}}{{/first}}));
    }

    @Test
    void goesOnWhereNobodyAnswers(CapturedOutput output) {
        MockProducer<String, String> broker = broker(false);

        publisher(broker).{{entity}}Created({{entity}});
        broker.errorNext(new TimeoutException("nobody is there"));

        assertThat(output).contains("Nobody was told of {{entityWords}} 7");
    }

    private static Kafka{{Entity}}EventPublisher publisher(MockProducer<String, String> broker) {
        return new Kafka{{Entity}}EventPublisher(new KafkaTemplate<>(() -> broker));
    }

    private static MockProducer<String, String> broker(boolean answers) {
        return new MockProducer<>(answers, null, new StringSerializer(), new StringSerializer());
    }
}
