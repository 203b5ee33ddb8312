package {{package}}.{{web}};

{{#byLayer}}
import {{package}}.domain.Duplicate{{Entity}}Exception;
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.service.{{Entity}}Service;
{{/byLayer}}
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.fxml.FXML;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.DatePicker;
import javafx.scene.control.Label;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;

/** What happens in the window: all {{entitiesWords}} that there are, and a form for one of them. */
public final class {{Entity}}Controller {

    private final {{Entity}}Service service;

    @FXML
    private TableView<{{Entity}}> kept;

    @FXML
    private Label fault;
{{#fields}}

    @FXML
    private TableColumn<{{Entity}}, Object> {{name}}Column;

    @FXML
    private {{{controlType}}} {{name}}Input;

    @FXML
    private Label {{name}}Fault;
{{/fields}}

    public {{Entity}}Controller({{Entity}}Service service) {
        this.service = service;
    }

    /** Called once all that stands in the window is there. */
    @FXML
    private void initialize() {
{{#fields}}
        show({{#args}}{{name}}Column, {{Entity}}::{{name}}{{/args}});
{{#choice}}
        {{name}}Input.getItems().setAll({{Entity}}.{{Name}}.values());
{{/choice}}
{{/fields}}
        kept.getSelectionModel().selectedItemProperty().addListener((all, before, selected) -> edit(selected));
        beginAnew();
    }

    private static void show(TableColumn<{{Entity}}, Object> column, Function<{{Entity}}, Object> reading) {
        column.setCellValueFactory(row -> new ReadOnlyObjectWrapper<>(reading.apply(row.getValue())));
    }

    /** With an empty form, for a new one. */
    @FXML
    private void beginAnew() {
        List<{{Entity}}> all = new ArrayList<>();
        for (int page = 0; all.size() == page * {{Entity}}Service.LARGEST_PAGE; page++) {
            all.addAll(service.findAll(page, {{Entity}}Service.LARGEST_PAGE));
        }
        kept.getSelectionModel().clearSelection();
        kept.getItems().setAll(all);
        edit(null);
    }

    private void edit({{#nullMarked}}@Nullable {{/nullMarked}}{{Entity}} selected) {
{{#fields}}
{{#written}}
        {{name}}Input.setText(selected == null ? "" : text(selected.{{name}}()));
{{/written}}
{{#boolean}}
{{#optional}}
        {{name}}Input.setIndeterminate(selected == null || selected.{{name}}() == null);
        {{name}}Input.setSelected(selected != null && Boolean.TRUE.equals(selected.{{name}}()));
{{/optional}}
{{#required}}
        {{name}}Input.setSelected(selected != null && selected.{{name}}());
{{/required}}
{{/boolean}}
{{#picked}}
        {{name}}Input.setValue(selected == null ? null : selected.{{name}}());
{{/picked}}
{{/fields}}
        tell(Map.of(), "");
    }

    private static String text(Object value) {
        if (value instanceof BigDecimal number) {
            return number.stripTrailingZeros().toPlainString();
        }
        return value == null ? "" : value.toString();
    }

    /** Keeps what stands in the form: as a new one, or in place of the one that is selected. */
    @FXML
    private void keep() {
        Map<String, String> errors = new LinkedHashMap<>();
        {{Entity}}Request request = new {{Entity}}Request({{#args}}{{#fields}}{{{entered}}}{{^-last}}, {{/-last}}{{/fields}}{{/args}});
        request.errors().forEach(errors::putIfAbsent);
        tell(errors, "");
        if (errors.isEmpty()) {
            keep(request.toDraft());
        }
    }

    private void keep({{Entity}}Draft draft) {
        {{Entity}} selected = kept.getSelectionModel().getSelectedItem();
{{^hasUniques}}
        if (selected == null) {
            service.create(draft);
        } else {
            service.change(selected.id(), selected.version(), draft);
        }
        beginAnew();
{{/hasUniques}}
{{#hasUniques}}
        try {
            if (selected == null) {
                service.create(draft);
            } else {
                service.change(selected.id(), selected.version(), draft);
            }
            beginAnew();
        } catch (Duplicate{{Entity}}Exception e) {
            tell(Map.of(), e.getMessage());
        }
{{/hasUniques}}
    }

    @FXML
    private void remove() {
        {{Entity}} selected = kept.getSelectionModel().getSelectedItem();
        if (selected != null) {
            service.remove(selected.id());
            beginAnew();
        }
    }

    private void tell(Map<String, String> errors, String whole) {
        fault.setText(whole);
{{#fields}}
        tell({{name}}Fault, errors.get("{{name}}"));
{{/fields}}
    }

    private static void tell(Label where, String wrong) {
        where.setText(wrong);
        where.setVisible(wrong != null);
        where.setManaged(wrong != null);
    }

    /** What is written in a field; nothing where it cannot be read, which is told beside it. */
    private static <T> T read({{#args}}Map<String, String> errors, String field, TextInputControl input, Function<String, T> reading{{/args}}) {
        String text = input.getText().strip();
        try {
            return text.isEmpty() ? null : reading.apply(text);
        } catch (IllegalArgumentException | DateTimeException e) {
            errors.put(field, "cannot be read as it is written");
            return null;
        }
    }
}
