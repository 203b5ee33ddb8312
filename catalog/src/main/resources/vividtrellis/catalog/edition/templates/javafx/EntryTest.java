package {{package}};

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;

class {{entryClass}}Test {

    @Test
    void greetsWhoeverSaysAName() throws Exception {
        FutureTask<String> greeting = new FutureTask<>(this::greeting);
        Platform.startup(greeting);
        assertEquals("Hello, Ada.", greeting.get(30, TimeUnit.SECONDS));
    }

    /** All that has to do with windows is done by the one thread that the toolkit has for it. */
    private String greeting() throws Exception {
        Stage window = new Stage();
        new {{entryClass}}().start(window);
        Scene shown = window.getScene();
        ((TextField) shown.lookup("#name")).setText("Ada");
        ((Button) shown.lookup("#greet")).fire();
        return ((Label) shown.lookup("#greeting")).getText();
    }
}
