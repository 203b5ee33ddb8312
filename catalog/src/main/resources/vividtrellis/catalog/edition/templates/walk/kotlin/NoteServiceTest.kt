package {{package}}.{{service}}

{{#byLayer}}
import {{package}}.domain.Fake{{Entity}}Repository
import {{package}}.domain.{{Entity}}
import {{package}}.domain.{{Entity}}Draft
import {{package}}.domain.Stale{{Entity}}Exception
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.Fake{{Entity}}EventPublisher
{{/byLayer}}
{{/announces}}
import org.assertj.core.api.Assertions.assertThat
import org.assertj.core.api.Assertions.assertThatThrownBy
import org.junit.jupiter.api.Test
import java.math.BigDecimal
import java.time.Instant
import java.time.LocalDate
import java.util.UUID

class {{Entity}}ServiceTest {
    private val draft =
        {{Entity}}Draft(
{{#fields}}
            {{name}} = {{{literal}}},
{{/fields}}
        )
    private val {{entities}} = Fake{{Entity}}Repository()
{{#announces}}
    private val events = Fake{{Entity}}EventPublisher()
    private val service = {{Entity}}Service({{entities}}, events)
{{/announces}}
{{^announces}}
    private val service = {{Entity}}Service({{entities}})
{{/announces}}

    @Test
    fun keepsWhatIsNew() {
        val created = {{#flows}}checkNotNull(service.create(draft).block()){{/flows}}{{^flows}}service.create(draft){{/flows}}

        assertThat(service.findById(created.id){{#flows}}.block(){{/flows}}).isEqualTo(created)
{{#announces}}
        assertThat(events.told).containsExactly(created)
{{/announces}}
    }

    @Test
    fun showsAPageAtATime() {
        repeat({{Entity}}Service.LARGEST_PAGE + 1) { service.create(draft){{#flows}}.block(){{/flows}} }

        assertThat(service.findAll(-1, Int.MAX_VALUE){{#flows}}.collectList().block(){{/flows}}).hasSize({{Entity}}Service.LARGEST_PAGE)
        assertThat(service.findAll(1, {{Entity}}Service.LARGEST_PAGE){{#flows}}.collectList().block(){{/flows}}).hasSize(1)
    }

    @Test
    fun changesNothingThatSomebodyElseChanged() {
        val created = {{#flows}}checkNotNull(service.create(draft).block()){{/flows}}{{^flows}}service.create(draft){{/flows}}
        service.change(created.id, created.version, draft){{#flows}}.block(){{/flows}}

        assertThatThrownBy { service.change(created.id, created.version, draft){{#flows}}.block(){{/flows}} }
            .isInstanceOf(Stale{{Entity}}Exception::class.java)
    }

    @Test
    fun removesOnlyOnce() {
        val id = {{#flows}}checkNotNull(service.create(draft).block()){{/flows}}{{^flows}}service.create(draft){{/flows}}.id

        assertThat(service.remove(id){{#flows}}.block(){{/flows}}).isTrue()
        assertThat(service.remove(id){{#flows}}.block(){{/flows}}).isFalse()
    }
}
