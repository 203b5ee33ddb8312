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
class NotePages(
    private val book: NoteBook,
) {
    @GetMapping
    fun show(model: Model) = page(model, NewNote(), "")

    @PostMapping
    fun write(
{{#validated}}
        @ModelAttribute("note") @Valid note: NewNote,
        faults: BindingResult,
        model: Model,
    ): String {
        if (faults.hasErrors()) {
            return page(model, note, "A note needs a title of at most 200 signs and a text of at most 4000.")
        }
{{/validated}}
{{^validated}}
        @ModelAttribute("note") note: NewNote,
        model: Model,
    ): String {
        if (!note.isWhole()) {
            return page(model, note, "A note needs a title of at most 200 signs and a text of at most 4000.")
        }
{{/validated}}
        book.write(note.title, note.body)
        return "redirect:/pages/notes"
    }

    private fun page(
        model: Model,
        note: NewNote,
        fault: String,
    ): String {
        model.addAttribute("notes", book.all())
        model.addAttribute("note", note)
        model.addAttribute("fault", fault)
        return "notes"
    }
}
