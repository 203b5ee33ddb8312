package {{package}}.{{messages}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
{{/byLayer}}
import org.slf4j.Logger
import org.slf4j.LoggerFactory
import org.springframework.jms.JmsException
import org.springframework.jms.core.JmsTemplate
import org.springframework.stereotype.Component

/** Tells others through JMS. What is told of is done, so a broker that is away is a matter for the log. */
@Component
class Jms{{Entity}}EventPublisher implements {{Entity}}EventPublisher {

    static final String QUEUE = '{{artifact}}.{{entityPath}}'

    private static final Logger LOG = LoggerFactory.getLogger(Jms{{Entity}}EventPublisher)

    private final JmsTemplate jms

    Jms{{Entity}}EventPublisher(JmsTemplate jms) {
        this.jms = jms
    }

    @Override
    void {{entity}}Created({{Entity}} {{entity}}) {
        try {
            jms.convertAndSend(QUEUE, {{#first}}{{entity}}.{{name}}{{#text}}{{#optional}} as String{{/optional}}{{/text}}{{^text}} as String{{/text}}{{/first}})
        } catch (JmsException e) {
            LOG.warn('Nobody was told of {{entityWords}} {}', {{entity}}.id, e)
        }
    }
}
