package {{package}}.{{web}}

{{#byLayer}}
import {{package}}.service.NoteBook
{{/byLayer}}
{{#validated}}
import jakarta.validation.Valid
{{/validated}}
import org.springframework.stereotype.Controller
import org.springframework.ui.Model
{{#validated}}
import org.springframework.validation.BindingResult
{{/validated}}
import org.springframework.web.bind.annotation.GetMapping
import org.springframework.web.bind.annotation.ModelAttribute
import org.springframework.web.bind.annotation.PostMapping
import org.springframework.web.bind.annotation.RequestMapping

/** The page with all notes and the form for a new one. */
@Controller
@RequestMapping("/pages/notes")
class NotePages {

    private static final String VIEW = "notes"

    private final NoteBook book

    NotePages(NoteBook book) {
        this.book = book
    }

    @GetMapping
    String show(Model model) {
        return page(model, new NewNote(), [:])
    }

    @PostMapping
{{#validated}}
    String write(@ModelAttribute("note") @Valid NewNote note, BindingResult faults, Model model) {
        if (faults.hasErrors()) {
            return page(model, note, faults.fieldErrors.collectEntries { [it.field, it.defaultMessage] })
        }
        book.write(note.title, note.body)
        return "redirect:/pages/notes"
    }
{{/validated}}
{{^validated}}
    String write(@ModelAttribute("note") NewNote note, Model model) {
        if (!note.faults().isEmpty()) {
            return page(model, note, note.faults())
        }
        book.write(note.title, note.body)
        return "redirect:/pages/notes"
    }
{{/validated}}

    private String page(Model model, NewNote note, Map<String, String> faults) {
        model.addAttribute("notes", book.all())
        model.addAttribute("note", note)
        model.addAttribute("faults", faults)
        return VIEW
    }
}
