package {{package}}

import org.junit.jupiter.api.Test

class {{entryClass}}Test {

    private final said = new StringWriter()
    private final paper = new PrintWriter(said)
    private final program = {{entryClass}}.program().setOut(paper).setErr(paper)

    @Test
    void greetsAsOftenAsItIsTold() {
        assert program.execute('greet', 'Ada', '--times', '2') == 0
        assert said.toString().readLines() == ['Hello, Ada.', 'Hello, Ada.']
    }

    @Test
    void saysWhatItDoesNotKnow() {
        assert program.execute('sail') == 2
        assert said.toString().contains("'sail'")
    }
}
