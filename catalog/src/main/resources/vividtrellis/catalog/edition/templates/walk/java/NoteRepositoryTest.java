package {{package}}.{{storage}};

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.Stale{{Entity}}Exception;
import {{package}}.domain.{{Entity}}Repository;
{{/byLayer}}
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
{{#outside}}
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;
{{/outside}}
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.ActiveProfiles;
{{#rolledBack}}
import org.springframework.transaction.annotation.Transactional;
{{/rolledBack}}

{{^outside}}
/** Keeps {{entitiesWords}} for real, where the settings for tests say{{#rolledBack}}; each test is undone after it{{/rolledBack}}. */
{{/outside}}
{{#outside}}
/** Writes to a server, so it runs only where somebody says that there is one for tests. */
@EnabledIfEnvironmentVariable(
        named = "STORE_FOR_TESTS",
        matches = "yes",
        disabledReason = "set STORE_FOR_TESTS=yes where a server for tests listens at localhost:{{outside}}")
{{/outside}}
@SpringBootTest
@ActiveProfiles("test")
{{#rolledBack}}
@Transactional
{{/rolledBack}}
class {{Entity}}RepositoryTest {

    private static final Instant NOW = Instant.parse("2026-11-30T12:00:00.123Z");
    private static final {{Entity}}Draft DRAFT = new {{Entity}}Draft({{#args}}{{#fields}}{{{literal}}}{{^-last}}, {{/-last}}{{/fields}}{{/args}});
    private static final {{Entity}}Draft OTHER = new {{Entity}}Draft({{#args}}{{#fields}}{{{otherLiteral}}}{{^-last}}, {{/-last}}{{/fields}}{{/args}});

    @Autowired
    {{Entity}}Repository {{entities}};

    private {{Entity}} kept;

    @BeforeEach
    void keep() {
        kept = {{entities}}.create(DRAFT, NOW){{#flows}}.block(){{/flows}};
    }

    @AfterEach
    void leaveNothing() {
        {{entities}}.remove(kept.id()){{#flows}}.block(){{/flows}};
    }

    @Test
    void givesBackWhatItKeeps() {
        assertThat(kept).isEqualTo({{Entity}}.of(kept.id(), DRAFT, NOW));
        assertThat({{entities}}.findById(kept.id()){{#flows}}.block(){{/flows}}).{{#flows}}isEqualTo{{/flows}}{{^flows}}contains{{/flows}}(kept);
        assertThat({{entities}}.findAll(0, 100){{#flows}}.collectList().block(){{/flows}}).contains(kept);
        assertThat({{entities}}.findAll(1_000_000, 100){{#flows}}.collectList().block(){{/flows}}).isEmpty();
        assertThat({{entities}}.findById(kept.id() + 1){{#flows}}.block(){{/flows}}).{{#flows}}isNull{{/flows}}{{^flows}}isEmpty{{/flows}}();
    }

    @Test
    void changesOnlyWhatIsStillAsItWasRead() {
        {{Entity}} changed = {{entities}}.change(kept, OTHER, NOW.plusSeconds(1)){{#flows}}.block(){{/flows}};

        assertThat(changed).isEqualTo(kept.with(OTHER, NOW.plusSeconds(1)));
        assertThat({{entities}}.findById(kept.id()){{#flows}}.block(){{/flows}}).{{#flows}}isEqualTo{{/flows}}{{^flows}}contains{{/flows}}(changed);
        assertThatThrownBy(() -> {{entities}}.change(kept, DRAFT, NOW){{#flows}}.block(){{/flows}}).isInstanceOf(Stale{{Entity}}Exception.class);
    }

    @Test
    void removesOnlyWhatIsThere() {
        assertThat({{entities}}.remove(kept.id()){{#flows}}.block(){{/flows}}).isTrue();
        assertThat({{entities}}.findById(kept.id()){{#flows}}.block(){{/flows}}).{{#flows}}isNull{{/flows}}{{^flows}}isEmpty{{/flows}}();
        assertThat({{entities}}.remove(kept.id()){{#flows}}.block(){{/flows}}).isFalse();
    }
}
