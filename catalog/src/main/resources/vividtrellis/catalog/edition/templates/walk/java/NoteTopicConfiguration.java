package {{package}}.{{messages}};

import org.apache.kafka.clients.admin.NewTopic;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.kafka.config.TopicBuilder;

/** The topic of {{entitiesWords}}, which is made where there is none; how often it is kept, the broker says. */
@Configuration(proxyBeanMethods = false)
class {{Entity}}TopicConfiguration {

    @Bean
    NewTopic {{entity}}Topic() {
        return TopicBuilder.name(Kafka{{Entity}}EventPublisher.TOPIC).partitions(3).build();
    }
}
