package {{package}}

{{#walks}}
import {{package}}.{{domain}}.NoteRepository
import org.assertj.core.api.Assertions.assertThat
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
class ContainersTest{{#walks}}(
    @param:Autowired private val notes: NoteRepository,
){{/walks}} {
{{#walks}}
    @Test
    fun givesBackWhatItKeeps() {
        val kept = {{#flows}}checkNotNull(notes.create("Tide", "High at noon").block()){{/flows}}{{^flows}}notes.create("Tide", "High at noon"){{/flows}}

        assertThat(notes.findById(kept.id){{#flows}}.block(){{/flows}}).isEqualTo(kept)
    }
{{/walks}}
{{^walks}}
    @Test
    fun starts() {
        // Fails if any part of the application cannot be wired or does not reach what it talks to.
    }
{{/walks}}

    companion object {
{{#databaseImage}}
{{^databaseFirst}}

{{/databaseFirst}}
        @Container
        @ServiceConnection
        @JvmStatic
        val database = {{databaseContainer}}{{#selfTyped}}<Nothing>{{/selfTyped}}("{{databaseImage}}")
{{/databaseImage}}
{{#mongodbImage}}
{{^mongodbFirst}}

{{/mongodbFirst}}
        @Container
        @ServiceConnection
        @JvmStatic
        val mongodb = MongoDBContainer("{{mongodbImage}}")
{{/mongodbImage}}
{{#cassandraImage}}
{{^cassandraFirst}}

{{/cassandraFirst}}
        @Container
        @ServiceConnection
        @JvmStatic
        val cassandra = CassandraContainer("{{cassandraImage}}")
{{/cassandraImage}}
{{#neo4jImage}}
{{^neo4jFirst}}

{{/neo4jFirst}}
        @Container
        @ServiceConnection
        @JvmStatic
        val neo4j = Neo4jContainer{{#selfTyped}}<Nothing>{{/selfTyped}}("{{neo4jImage}}")
{{/neo4jImage}}
{{#elasticsearchImage}}
{{^elasticsearchFirst}}

{{/elasticsearchFirst}}
        @Container
        @ServiceConnection
        @JvmStatic
        val elasticsearch =
            ElasticsearchContainer(
                DockerImageName
                    .parse("{{elasticsearchImage}}")
                    .asCompatibleSubstituteFor("docker.elastic.co/elasticsearch/elasticsearch"),
            ).withEnv("xpack.security.enabled", "false")
{{/elasticsearchImage}}
{{#kafkaImage}}
{{^kafkaFirst}}

{{/kafkaFirst}}
        @Container
        @ServiceConnection
        @JvmStatic
        val kafka = KafkaContainer("{{kafkaImage}}")
{{/kafkaImage}}
{{#rabbitmqImage}}
{{^rabbitmqFirst}}

{{/rabbitmqFirst}}
        @Container
        @ServiceConnection
        @JvmStatic
        val rabbitmq = RabbitMQContainer("{{rabbitmqImage}}")
{{/rabbitmqImage}}
{{#redisImage}}
{{^redisFirst}}

{{/redisFirst}}
        @Container
        @ServiceConnection(name = "redis")
        @JvmStatic
        val redis = GenericContainer<Nothing>("{{redisImage}}").apply { withExposedPorts(6379) }
{{/redisImage}}
    }
}
