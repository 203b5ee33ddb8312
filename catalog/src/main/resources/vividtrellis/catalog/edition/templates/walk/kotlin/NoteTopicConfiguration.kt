package {{package}}.{{messages}}

import org.apache.kafka.clients.admin.NewTopic
import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration
import org.springframework.kafka.config.TopicBuilder

/** The topic of notes, which is made where there is none; how often it is kept, the broker says. */
@Configuration(proxyBeanMethods = false)
class NoteTopicConfiguration {
    @Bean
    fun noteTopic(): NewTopic = TopicBuilder.name(KafkaNoteEventPublisher.TOPIC).partitions(3).build()
}
