package {{package}}.{{service}};

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.Stale{{Entity}}Exception;
import {{package}}.domain.Fake{{Entity}}Repository;
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.Fake{{Entity}}EventPublisher;
{{/byLayer}}
{{/announces}}
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class {{Entity}}ServiceTest {

    private static final {{Entity}}Draft DRAFT = new {{Entity}}Draft({{#args}}{{#fields}}{{{literal}}}{{^-last}}, {{/-last}}{{/fields}}{{/args}});

    private final Fake{{Entity}}Repository {{entities}} = new Fake{{Entity}}Repository();
{{#announces}}
    private final Fake{{Entity}}EventPublisher events = new Fake{{Entity}}EventPublisher();
    private final {{Entity}}Service service = new {{Entity}}Service({{entities}}, events);
{{/announces}}
{{^announces}}
    private final {{Entity}}Service service = new {{Entity}}Service({{entities}});
{{/announces}}

    @Test
    void keepsWhatIsNew() {
        {{Entity}} created = service.create(DRAFT){{#flows}}.block(){{/flows}};

        assertThat(service.findById(created.id()){{#flows}}.block(){{/flows}}).{{#flows}}isEqualTo{{/flows}}{{^flows}}contains{{/flows}}(created);
{{#announces}}
        assertThat(events.told()).containsExactly(created);
{{/announces}}
    }

    @Test
    void showsAPageAtATime() {
        for (int i = 0; i <= {{Entity}}Service.LARGEST_PAGE; i++) {
            service.create(DRAFT){{#flows}}.block(){{/flows}};
        }

        assertThat(service.findAll(-1, Integer.MAX_VALUE){{#flows}}.collectList().block(){{/flows}}).hasSize({{Entity}}Service.LARGEST_PAGE);
{{#flows}}
        assertThat(service.findAll(1, {{Entity}}Service.LARGEST_PAGE).collectList().block())
                .hasSize(1);
{{/flows}}
{{^flows}}
        assertThat(service.findAll(1, {{Entity}}Service.LARGEST_PAGE)).hasSize(1);
{{/flows}}
    }

    @Test
    void changesNothingThatSomebodyElseChanged() {
        {{Entity}} created = service.create(DRAFT){{#flows}}.block(){{/flows}};
        service.change(created.id(), created.version(), DRAFT){{#flows}}.block(){{/flows}};

{{#flows}}
        assertThatThrownBy(() ->
                        service.change(created.id(), created.version(), DRAFT).block())
{{/flows}}
{{^flows}}
        assertThatThrownBy(() -> service.change(created.id(), created.version(), DRAFT))
{{/flows}}
                .isInstanceOf(Stale{{Entity}}Exception.class);
    }

    @Test
    void removesOnlyOnce() {
        long id = service.create(DRAFT){{#flows}}.block(){{/flows}}.id();

        assertThat(service.remove(id){{#flows}}.block(){{/flows}}).isTrue();
        assertThat(service.remove(id){{#flows}}.block(){{/flows}}).isFalse();
    }
}
