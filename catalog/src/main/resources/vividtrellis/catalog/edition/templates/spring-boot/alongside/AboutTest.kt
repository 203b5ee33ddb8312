package {{package}}.{{samplePackage}}

import org.assertj.core.api.Assertions.assertThat
import org.junit.jupiter.api.Test

class AboutTest {
    @Test
    fun keepsWhatItWasGiven() {
        assertThat(About("{{artifact}}", "").name()).isEqualTo("{{artifact}}")
    }
}
