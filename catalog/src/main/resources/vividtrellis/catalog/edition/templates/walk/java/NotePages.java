package {{package}}.{{web}};

{{#byLayer}}
import {{package}}.service.NoteBook;
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
class NotePages {

    private static final String VIEW = "notes";

    private final NoteBook book;

    NotePages(NoteBook book) {
        this.book = book;
    }

    @GetMapping
    String show(Model model) {
        return page(model, new NewNote("", ""), Map.of());
    }

    @PostMapping
{{#validated}}
    String write(@ModelAttribute("note") @Valid NewNote note, BindingResult faults, Model model) {
        if (faults.hasErrors()) {
            return page(model, note, byField(faults));
        }
        book.write(note.title(), note.body());
        return "redirect:/pages/notes";
    }
{{/validated}}
{{^validated}}
    String write(@ModelAttribute("note") NewNote note, Model model) {
        if (!note.faults().isEmpty()) {
            return page(model, note, note.faults());
        }
        book.write(note.title(), note.body());
        return "redirect:/pages/notes";
    }
{{/validated}}

{{#validated}}
    private static Map<String, String> byField(BindingResult faults) {
        Map<String, String> byField = new LinkedHashMap<>();
        for (FieldError fault : faults.getFieldErrors()) {
            byField.putIfAbsent(fault.getField(), String.valueOf(fault.getDefaultMessage()));
        }
        return byField;
    }

{{/validated}}
    private String page(Model model, NewNote note, Map<String, String> faults) {
        model.addAttribute("notes", book.all());
        model.addAttribute("note", note);
        model.addAttribute("faults", faults);
        return VIEW;
    }
}
