package {{package}}.{{domain}}

/** Where notes are kept. */
interface Notes {

    /** All of them, oldest first. */
    List<Note> all()

    Optional<Note> find(long id)

    /** Keeps a new note and gives it a number. */
    Note add(String title, String body)
}
