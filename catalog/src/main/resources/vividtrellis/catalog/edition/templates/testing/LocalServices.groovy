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

    @Bean
    @ServiceConnection
    {{databaseContainer}}{{#selfTyped}}<?>{{/selfTyped}} database() {
        new {{databaseContainer}}{{#selfTyped}}<>{{/selfTyped}}('{{databaseImage}}')
    }
{{/databaseImage}}
{{#mongodbImage}}

    @Bean
    @ServiceConnection
    MongoDBContainer mongodb() {
        new MongoDBContainer('{{mongodbImage}}')
    }
{{/mongodbImage}}
{{#cassandraImage}}

    @Bean
    @ServiceConnection
    CassandraContainer cassandra() {
        new CassandraContainer('{{cassandraImage}}')
    }
{{/cassandraImage}}
{{#neo4jImage}}

    @Bean
    @ServiceConnection
    Neo4jContainer{{#selfTyped}}<?>{{/selfTyped}} neo4j() {
        new Neo4jContainer{{#selfTyped}}<>{{/selfTyped}}('{{neo4jImage}}')
    }
{{/neo4jImage}}
{{#elasticsearchImage}}

    @Bean
    @ServiceConnection
    ElasticsearchContainer elasticsearch() {
        DockerImageName image = DockerImageName.parse('{{elasticsearchImage}}')
                .asCompatibleSubstituteFor('docker.elastic.co/elasticsearch/elasticsearch')
        new ElasticsearchContainer(image).withEnv('xpack.security.enabled', 'false')
    }
{{/elasticsearchImage}}
{{#kafkaImage}}

    @Bean
    @ServiceConnection
    KafkaContainer kafka() {
        new KafkaContainer('{{kafkaImage}}')
    }
{{/kafkaImage}}
{{#rabbitmqImage}}

    @Bean
    @ServiceConnection
    RabbitMQContainer rabbitmq() {
        new RabbitMQContainer('{{rabbitmqImage}}')
    }
{{/rabbitmqImage}}
{{#redisImage}}

    @Bean
    @ServiceConnection(name = 'redis')
    GenericContainer<?> redis() {
        new GenericContainer<>('{{redisImage}}').withExposedPorts(6379)
    }
{{/redisImage}}
}
