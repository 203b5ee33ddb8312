package {{package}}

import org.junit.jupiter.api.Test

class {{entryClass}}Test {

    @Test
    void saysItsName() {
        assert {{entryClass}}.greeting() == 'This is {{artifact}}.'
    }
}
