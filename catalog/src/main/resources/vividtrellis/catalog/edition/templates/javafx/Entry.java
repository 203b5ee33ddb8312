package {{package}};

{{#byHand}}
import {{package}}.{{service}}.{{Entity}}Service;
import {{package}}.{{storage}}.InMemory{{Entity}}Repository;
import {{package}}.{{web}}.{{Entity}}Controller;
{{/byHand}}
import java.io.IOException;
import java.util.ResourceBundle;
import javafx.application.Application;
import javafx.fxml.FXMLLoader;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.stage.Stage;

/** Where the application starts, and its window. */
public final class {{entryClass}} extends Application {

    public static void main(String[] args) {
        launch(args);
    }

    @Override
    public void start(Stage window) throws IOException {
        ResourceBundle texts = ResourceBundle.getBundle(getClass().getPackageName() + ".texts");
{{#byHand}}
        {{Entity}}Service {{entities}} = new {{Entity}}Service(new InMemory{{Entity}}Repository());
        FXMLLoader loader = new FXMLLoader(getClass().getResource("main.fxml"), texts);
        loader.setControllerFactory(type -> new {{Entity}}Controller({{entities}}));
        Parent view = loader.load();
{{/byHand}}
{{^byHand}}
        Parent view = FXMLLoader.load(getClass().getResource("main.fxml"), texts);
{{/byHand}}
        window.setTitle(texts.getString("title"));
        window.setScene(new Scene(view));
        window.show();
    }
}
