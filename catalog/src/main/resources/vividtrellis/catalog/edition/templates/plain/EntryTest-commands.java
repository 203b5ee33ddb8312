package {{package}};

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import picocli.CommandLine;

class {{entryClass}}Test {

    private final StringWriter said = new StringWriter();
    private final PrintWriter paper = new PrintWriter(said);
    private final CommandLine program = {{entryClass}}.program();

    @BeforeEach
    void listen() {
        program.setOut(paper).setErr(paper);
    }

    @Test
    void greetsAsOftenAsItIsTold() {
        assertEquals(0, program.execute("greet", "Ada", "--times", "2"));

        List<String> lines = said.toString().lines().toList();
        assertEquals(List.of("Hello, Ada.", "Hello, Ada."), lines);
    }

    @Test
    void saysWhatItDoesNotKnow() {
        assertEquals(2, program.execute("sail"));
        assertTrue(said.toString().contains("'sail'"), said.toString());
    }
}
