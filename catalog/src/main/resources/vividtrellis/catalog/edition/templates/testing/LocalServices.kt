package {{package}}

import org.springframework.boot.test.context.TestConfiguration
import org.springframework.boot.testcontainers.service.connection.ServiceConnection
import org.springframework.context.annotation.Bean
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
{{#elasticsearchImage}}
import org.testcontainers.utility.DockerImageName
{{/elasticsearchImage}}

/** What the application talks to, each in a container, for tests and for work on one's own machine. */
@TestConfiguration(proxyBeanMethods = false)
class LocalServices {
{{#databaseImage}}
{{^databaseFirst}}

{{/databaseFirst}}
    @Bean
    @ServiceConnection
    fun database() = {{databaseContainer}}{{#selfTyped}}<Nothing>{{/selfTyped}}("{{databaseImage}}")
{{/databaseImage}}
{{#mongodbImage}}
{{^mongodbFirst}}

{{/mongodbFirst}}
    @Bean
    @ServiceConnection
    fun mongodb() = MongoDBContainer("{{mongodbImage}}")
{{/mongodbImage}}
{{#cassandraImage}}
{{^cassandraFirst}}

{{/cassandraFirst}}
    @Bean
    @ServiceConnection
    fun cassandra() = CassandraContainer("{{cassandraImage}}")
{{/cassandraImage}}
{{#neo4jImage}}
{{^neo4jFirst}}

{{/neo4jFirst}}
    @Bean
    @ServiceConnection
    fun neo4j() = Neo4jContainer{{#selfTyped}}<Nothing>{{/selfTyped}}("{{neo4jImage}}")
{{/neo4jImage}}
{{#elasticsearchImage}}
{{^elasticsearchFirst}}

{{/elasticsearchFirst}}
    @Bean
    @ServiceConnection
    fun elasticsearch(): ElasticsearchContainer =
        ElasticsearchContainer(
            DockerImageName
                .parse("{{elasticsearchImage}}")
                .asCompatibleSubstituteFor("docker.elastic.co/elasticsearch/elasticsearch"),
        ).withEnv("xpack.security.enabled", "false")
{{/elasticsearchImage}}
{{#kafkaImage}}
{{^kafkaFirst}}

{{/kafkaFirst}}
    @Bean
    @ServiceConnection
    fun kafka() = KafkaContainer("{{kafkaImage}}")
{{/kafkaImage}}
{{#rabbitmqImage}}
{{^rabbitmqFirst}}

{{/rabbitmqFirst}}
    @Bean
    @ServiceConnection
    fun rabbitmq() = RabbitMQContainer("{{rabbitmqImage}}")
{{/rabbitmqImage}}
{{#redisImage}}
{{^redisFirst}}

{{/redisFirst}}
    @Bean
    @ServiceConnection(name = "redis")
    fun redis(): GenericContainer<*> = GenericContainer("{{redisImage}}").withExposedPorts(6379)
{{/redisImage}}
}
