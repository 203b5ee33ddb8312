package {{package}};

import static org.junit.jupiter.api.Assertions.assertTrue;

import io.micronaut.context.ApplicationContext;
import io.micronaut.test.extensions.junit5.annotation.MicronautTest;
import jakarta.inject.Inject;
import org.junit.jupiter.api.Test;

@MicronautTest
class {{entryClass}}Test {

    @Inject
    ApplicationContext application;

    @Test
    void starts() {
        assertTrue(application.isRunning());
    }
}
