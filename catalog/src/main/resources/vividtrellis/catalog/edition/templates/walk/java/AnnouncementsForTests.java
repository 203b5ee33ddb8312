package {{package}}.{{messages}};

{{#byLayer}}
import {{package}}.domain.Note;
{{/byLayer}}
import java.util.ArrayList;
import java.util.List;

/** Keeps what was announced, as long as a test runs. */
public class AnnouncementsForTests implements Announcements {

    private final List<Note> told = new ArrayList<>();

    @Override
    public void written(Note note) {
        told.add(note);
    }

    public List<Note> told() {
        return List.copyOf(told);
    }
}
