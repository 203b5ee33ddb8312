package {{package}}.{{domain}};

import java.util.List;
import java.util.Optional;

/** Where notes are kept. */
public interface Notes {

    /** All of them, oldest first. */
    List<Note> all();

    Optional<Note> find(long id);

    /** Keeps a new note and gives it a number. */
    Note add(String title, String body);
}
