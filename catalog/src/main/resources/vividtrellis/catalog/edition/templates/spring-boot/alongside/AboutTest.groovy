package {{package}}.{{samplePackage}}

import org.junit.jupiter.api.Test

class AboutTest {

    @Test
    void keepsWhatItWasGiven() {
        assert new About('ferry', 'carries').name() == 'ferry'
    }
}
