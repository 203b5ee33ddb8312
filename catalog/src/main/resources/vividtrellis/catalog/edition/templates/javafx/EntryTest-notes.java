package {{package}};

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.LocalDate;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.DatePicker;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;

class {{entryClass}}Test {

    @Test
    void keepsWhatIsFilledInAndRemovesWhatIsSelected() throws Exception {
        FutureTask<Boolean> walked = new FutureTask<>(this::walk);
        Platform.startup(walked);
        assertThat(walked.get(30, TimeUnit.SECONDS)).isTrue();
    }

    /** All that has to do with windows is done by the one thread that the toolkit has for it. */
    private boolean walk() throws IOException {
        Stage stage = new Stage();
        new {{entryClass}}().start(stage);
        Scene window = stage.getScene();
        TableView<?> kept = (TableView<?>) window.lookup("#kept");
{{#refused}}

        press(window, "keep");
        assertThat(((Label) window.lookup("#{{name}}Fault")).getText()).isNotEmpty();
        assertThat(kept.getItems()).isEmpty();
{{/refused}}

{{#fields}}
        {{{fillsIn}}};
{{/fields}}
        press(window, "keep");
        assertThat(kept.getItems()).hasSize(1);

        kept.getSelectionModel().selectFirst();
        press(window, "keep");
        assertThat(kept.getItems()).hasSize(1);
        assertThat(kept.getItems().get(0).toString()).contains("version=1");

        kept.getSelectionModel().selectFirst();
        press(window, "remove");
        assertThat(kept.getItems()).isEmpty();
        return true;
    }

    private static void press(Scene window, String button) {
        ((Button) window.lookup("#" + button)).fire();
    }
}
