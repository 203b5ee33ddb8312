package {{package}};

import static org.junit.jupiter.api.Assertions.assertEquals;

import io.quarkus.test.junit.QuarkusTest;
import org.eclipse.microprofile.config.inject.ConfigProperty;
import org.junit.jupiter.api.Test;

@QuarkusTest
class {{entryClass}}Test {

    @ConfigProperty(name = "quarkus.application.name")
    String name;

    @Test
    void starts() {
        assertEquals("{{artifact}}", name);
    }
}
