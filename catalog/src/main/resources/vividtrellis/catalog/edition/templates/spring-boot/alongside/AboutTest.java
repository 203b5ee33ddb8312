package {{package}}.{{samplePackage}};

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class AboutTest {

    @Test
    void keepsWhatItWasGiven() {
        assertThat(new About("ferry", "carries").getName()).isEqualTo("ferry");
    }
}
