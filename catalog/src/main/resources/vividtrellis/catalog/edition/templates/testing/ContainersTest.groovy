package {{package}}

{{#walks}}
import static org.assertj.core.api.Assertions.assertThat

import {{package}}.{{domain}}.Note
import {{package}}.{{domain}}.NoteRepository
{{/walks}}
import org.junit.jupiter.api.Test
{{#walks}}
import org.springframework.beans.factory.annotation.Autowired
{{/walks}}
import org.springframework.boot.test.context.SpringBootTest
import org.springframework.boot.testcontainers.service.connection.ServiceConnection
import org.springframework.test.context.ActiveProfiles
{{#redisImage}}
import org.testcontainers.containers.GenericContainer
{{/redisImage}}
{{#mongodbImage}}
import {{mongodbPackage}}.MongoDBContainer
{{/mongodbImage}}
{{#cassandraImage}}
import {{cassandraPackage}}.CassandraContainer
{{/cassandraImage}}
{{#neo4jImage}}
import {{neo4jPackage}}.Neo4jContainer
{{/neo4jImage}}
{{#elasticsearchImage}}
import {{elasticsearchPackage}}.ElasticsearchContainer
{{/elasticsearchImage}}
{{#kafkaImage}}
import {{kafkaPackage}}.KafkaContainer
{{/kafkaImage}}
{{#rabbitmqImage}}
import {{rabbitmqPackage}}.RabbitMQContainer
{{/rabbitmqImage}}
{{#databaseImage}}
import {{databasePackage}}.{{databaseContainer}}
{{/databaseImage}}
import org.testcontainers.junit.jupiter.Container
import org.testcontainers.junit.jupiter.Testcontainers
{{#elasticsearchImage}}
import org.testcontainers.utility.DockerImageName
{{/elasticsearchImage}}

/** Starts the whole application beside what it talks to, each in a container; left out where there is no Docker. */
@SpringBootTest
@ActiveProfiles("test")
@Testcontainers(disabledWithoutDocker = true)
class ContainersTest {

{{#databaseImage}}
    @Container
    @ServiceConnection
    static final {{databaseContainer}}{{#selfTyped}}<?>{{/selfTyped}} DATABASE = new {{databaseContainer}}{{#selfTyped}}<>{{/selfTyped}}('{{databaseImage}}')

{{/databaseImage}}
{{#mongodbImage}}
    @Container
    @ServiceConnection
    static final MongoDBContainer MONGODB = new MongoDBContainer('{{mongodbImage}}')

{{/mongodbImage}}
{{#cassandraImage}}
    @Container
    @ServiceConnection
    static final CassandraContainer CASSANDRA = new CassandraContainer('{{cassandraImage}}')

{{/cassandraImage}}
{{#neo4jImage}}
    @Container
    @ServiceConnection
    static final Neo4jContainer{{#selfTyped}}<?>{{/selfTyped}} NEO4J = new Neo4jContainer{{#selfTyped}}<>{{/selfTyped}}('{{neo4jImage}}')

{{/neo4jImage}}
{{#elasticsearchImage}}
    @Container
    @ServiceConnection
    static final ElasticsearchContainer ELASTICSEARCH = new ElasticsearchContainer(
                    DockerImageName.parse('{{elasticsearchImage}}')
                            .asCompatibleSubstituteFor('docker.elastic.co/elasticsearch/elasticsearch'))
            .withEnv('xpack.security.enabled', 'false')

{{/elasticsearchImage}}
{{#kafkaImage}}
    @Container
    @ServiceConnection
    static final KafkaContainer KAFKA = new KafkaContainer('{{kafkaImage}}')

{{/kafkaImage}}
{{#rabbitmqImage}}
    @Container
    @ServiceConnection
    static final RabbitMQContainer RABBITMQ = new RabbitMQContainer('{{rabbitmqImage}}')

{{/rabbitmqImage}}
{{#redisImage}}
    @Container
    @ServiceConnection(name = 'redis')
    static final GenericContainer<?> REDIS = new GenericContainer<>('{{redisImage}}').withExposedPorts(6379)

{{/redisImage}}
{{#walks}}
    @Autowired
    NoteRepository notes

    @Test
    void givesBackWhatItKeeps() {
        Note kept = notes.create('Tide', 'High at noon'){{#flows}}.block(){{/flows}}

        assertThat(notes.findById(kept.id){{#flows}}.block(){{/flows}}).{{#flows}}isEqualTo{{/flows}}{{^flows}}contains{{/flows}}(kept)
    }
{{/walks}}
{{^walks}}
    @Test
    void starts() {
        // Fails if any part of the application cannot be wired or does not reach what it talks to.
    }
{{/walks}}
}
