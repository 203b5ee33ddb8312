package {{package}}

import org.junit.jupiter.api.Assertions.assertEquals
import org.junit.jupiter.api.Test

class {{entryClass}}Test {
    @Test
    fun saysItsName() {
        assertEquals("This is {{artifact}}.", greeting())
    }
}
