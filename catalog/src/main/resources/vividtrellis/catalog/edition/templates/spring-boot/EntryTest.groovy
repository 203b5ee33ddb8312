package {{package}}

import org.junit.jupiter.api.Test
import org.springframework.boot.test.context.SpringBootTest
import org.springframework.test.context.ActiveProfiles

@SpringBootTest
@ActiveProfiles('test')
class {{entryClass}}Test {

    @Test
    void starts() {
        // Fails if any part of the application cannot be wired or started.
    }
}
