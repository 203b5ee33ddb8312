package {{package}}.{{domain}}

{{#flows}}
import reactor.core.publisher.Flux
import reactor.core.publisher.Mono

{{/flows}}
/** Keeps notes as long as a test runs. */
class FakeNoteRepository : NoteRepository {
    private val kept = mutableListOf<Note>()

    override fun findAll(){{#flows}}: Flux<Note> = Flux.fromIterable(kept){{/flows}}{{^flows}} = kept.toList(){{/flows}}

    override fun findById(id: Long){{#flows}}: Mono<Note> = findAll().filter { it.id == id }.next(){{/flows}}{{^flows}} = kept.find { it.id == id }{{/flows}}

    override fun create(
        title: String,
        body: String,
    ): {{#flows}}Mono<Note>{{/flows}}{{^flows}}Note{{/flows}} {
        val note = Note(kept.size + 1L, title, body)
        kept.add(note)
        return {{#flows}}Mono.just(note){{/flows}}{{^flows}}note{{/flows}}
    }
}
