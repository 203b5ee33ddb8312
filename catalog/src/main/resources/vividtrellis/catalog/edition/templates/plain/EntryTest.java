package {{package}};

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class {{entryClass}}Test {

    @Test
    void saysItsName() {
        String greeting = {{entryClass}}.greeting();
        assertEquals("This is {{artifact}}.", greeting);
    }
}
