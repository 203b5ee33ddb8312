package {{package}}.{{storage}}

{{#byLayer}}
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.{{Entity}}Repository
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
import org.assertj.core.api.Assertions.assertThat
import org.assertj.core.api.Assertions.assertThatThrownBy
import org.junit.jupiter.api.AfterEach
import org.junit.jupiter.api.BeforeEach
import org.junit.jupiter.api.Test
{{#outside}}
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable
{{/outside}}
import org.springframework.beans.factory.annotation.Autowired
import org.springframework.boot.test.context.SpringBootTest
import org.springframework.test.context.ActiveProfiles
{{#rolledBack}}
import org.springframework.transaction.annotation.Transactional
{{/rolledBack}}
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID

{{^outside}}
/** Keeps {{entitiesWords}} for real, where the settings for tests say{{#rolledBack}}; each test is undone after it{{/rolledBack}}. */
{{/outside}}
{{#outside}}
/** Writes to a server, so it runs only where somebody says that there is one for tests. */
@EnabledIfEnvironmentVariable(
    named = "STORE_FOR_TESTS",
    matches = "yes",
    disabledReason = "set STORE_FOR_TESTS=yes where a server for tests listens at localhost:{{outside}}",
)
{{/outside}}
@SpringBootTest
@ActiveProfiles("test")
{{#rolledBack}}
@Transactional
{{/rolledBack}}
class {{Entity}}RepositoryTest(
    @param:Autowired private val {{entities}}: {{Entity}}Repository,
) {
    private val now = Instant.parse("2026-11-30T12:00:00.123Z")
    private val draft =
        {{Entity}}Draft(
{{#fields}}
            {{name}} = {{{literal}}},
{{/fields}}
        )
    private val other =
        {{Entity}}Draft(
{{#fields}}
            {{name}} = {{{otherLiteral}}},
{{/fields}}
        )
    private lateinit var kept: {{Entity}}

    @BeforeEach
    fun keep() {
        kept = {{#flows}}checkNotNull({{entities}}.create(draft, now).block()){{/flows}}{{^flows}}{{entities}}.create(draft, now){{/flows}}
    }

    @AfterEach
    fun leaveNothing() {
        {{entities}}.remove(kept.id){{#flows}}.block(){{/flows}}
    }

    @Test
    fun givesBackWhatItKeeps() {
        assertThat(kept).isEqualTo({{Entity}}.of(kept.id, draft, now))
        assertThat({{entities}}.findById(kept.id){{#flows}}.block(){{/flows}}).isEqualTo(kept)
        assertThat({{entities}}.findAll(0, 100){{#flows}}.collectList().block(){{/flows}}).contains(kept)
        assertThat({{entities}}.findAll(1_000_000, 100){{#flows}}.collectList().block(){{/flows}}).isEmpty()
        assertThat({{entities}}.findById(kept.id + 1){{#flows}}.block(){{/flows}}).isNull()
    }

    @Test
    fun changesOnlyWhatIsStillAsItWasRead() {
        val changed = {{#flows}}checkNotNull({{entities}}.change(kept, other, now.plusSeconds(1)).block()){{/flows}}{{^flows}}{{entities}}.change(kept, other, now.plusSeconds(1)){{/flows}}

        assertThat(changed).isEqualTo(kept.with(other, now.plusSeconds(1)))
        assertThat({{entities}}.findById(kept.id){{#flows}}.block(){{/flows}}).isEqualTo(changed)
        assertThatThrownBy { {{entities}}.change(kept, draft, now){{#flows}}.block(){{/flows}} }.isInstanceOf(Stale{{Entity}}Exception::class.java)
    }

    @Test
    fun removesOnlyWhatIsThere() {
        assertThat({{entities}}.remove(kept.id){{#flows}}.block(){{/flows}}).isTrue()
        assertThat({{entities}}.findById(kept.id){{#flows}}.block(){{/flows}}).isNull()
        assertThat({{entities}}.remove(kept.id){{#flows}}.block(){{/flows}}).isFalse()
    }
}
