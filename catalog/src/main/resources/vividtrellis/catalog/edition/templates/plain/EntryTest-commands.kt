package {{package}}

import org.junit.jupiter.api.Assertions.assertEquals
import org.junit.jupiter.api.Assertions.assertTrue
import org.junit.jupiter.api.Test
import java.io.PrintWriter
import java.io.StringWriter

class {{entryClass}}Test {
    private val said = StringWriter()
    private val program = program().setOut(PrintWriter(said)).setErr(PrintWriter(said))

    @Test
    fun greetsAsOftenAsItIsTold() {
        assertEquals(0, program.execute("greet", "Ada", "--times", "2"))
        assertEquals(listOf("Hello, Ada.", "Hello, Ada."), said.toString().trim().lines())
    }

    @Test
    fun saysWhatItDoesNotKnow() {
        assertEquals(2, program.execute("sail"))
        assertTrue("'sail'" in said.toString(), said.toString())
    }
}
