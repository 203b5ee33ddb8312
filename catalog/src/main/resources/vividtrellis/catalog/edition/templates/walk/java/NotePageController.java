package {{package}}.{{web}};

{{#byLayer}}
import {{package}}.service.NoteService;
{{/byLayer}}
{{#validated}}
import jakarta.validation.Valid;
import java.util.LinkedHashMap;
{{/validated}}
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
{{#validated}}
import org.springframework.validation.BindingResult;
import org.springframework.validation.FieldError;
{{/validated}}
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** The page with all notes and the form for a new one. */
@Controller
@RequestMapping("/pages/notes")
class NotePageController {

    private static final String VIEW = "notes";

    private final NoteService service;

    NotePageController(NoteService service) {
        this.service = service;
    }

    @GetMapping
    String show(Model model) {
        return page(model, new NoteRequest("", ""), Map.of());
    }

    @PostMapping
{{#validated}}
    String create(@ModelAttribute("note") @Valid NoteRequest note, BindingResult result, Model model) {
        if (result.hasErrors()) {
            return page(model, note, byField(result));
        }
        service.create(note.title(), note.body());
        return "redirect:/pages/notes";
    }
{{/validated}}
{{^validated}}
    String create(@ModelAttribute("note") NoteRequest note, Model model) {
        if (!note.errors().isEmpty()) {
            return page(model, note, note.errors());
        }
        service.create(note.title(), note.body());
        return "redirect:/pages/notes";
    }
{{/validated}}

{{#validated}}
    private static Map<String, String> byField(BindingResult result) {
        Map<String, String> byField = new LinkedHashMap<>();
        for (FieldError fault : result.getFieldErrors()) {
            byField.putIfAbsent(fault.getField(), String.valueOf(fault.getDefaultMessage()));
        }
        return byField;
    }

{{/validated}}
    private String page(Model model, NoteRequest note, Map<String, String> errors) {
        model.addAttribute("notes", service.findAll());
        model.addAttribute("note", note);
        model.addAttribute("errors", errors);
        return VIEW;
    }
}
