package {{package}}.{{domain}}

/** Where notes are kept. */
interface Notes {
    /** All of them, oldest first. */
    fun all(): List<Note>

    fun find(id: Long): Note?

    /** Keeps a new note and gives it a number. */
    fun add(
        title: String,
        body: String,
    ): Note
}
