package {{package}}.{{samplePackage}}

import org.assertj.core.api.Assertions.assertThat
import org.junit.jupiter.api.Test

class AboutTest {
    @Test
    fun keepsWhatItWasGiven() {
        assertThat(About("ferry", "carries").name()).isEqualTo("ferry")
    }
}
