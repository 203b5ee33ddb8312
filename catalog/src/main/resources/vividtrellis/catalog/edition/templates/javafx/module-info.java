/** What the application needs, and who may look into it. */
{{#mapstruct}}
@SuppressWarnings("requires-automatic") // One of its libraries has no descriptor of its own.
{{/mapstruct}}
module {{package}} {
    requires javafx.controls;
    requires javafx.fxml;
{{#lombok}}
    requires static lombok;
{{/lombok}}
{{#mapstruct}}
    requires static java.compiler;
    requires static org.mapstruct;
{{/mapstruct}}

    opens {{package}}{{#byHand}}.{{web}}{{/byHand}} to
            javafx.fxml;

    exports {{package}} to
            javafx.graphics;
}
