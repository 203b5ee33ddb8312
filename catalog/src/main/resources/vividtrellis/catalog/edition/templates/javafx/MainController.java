package {{package}};

import java.text.MessageFormat;
import java.util.ResourceBundle;
import javafx.fxml.FXML;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;

/** What happens in the window; the view names it, and its fields by their names. */
public final class MainController {

    @FXML
    private ResourceBundle resources;

    @FXML
    private TextField name;

    @FXML
    private Label greeting;

    /** Called by the button, and by the Enter key within the field. */
    @FXML
    private void greet() {
        String given = name.getText().strip();
        String form = resources.getString(given.isEmpty() ? "nobody" : "greeting");
        greeting.setText(MessageFormat.format(form, given));
    }
}
