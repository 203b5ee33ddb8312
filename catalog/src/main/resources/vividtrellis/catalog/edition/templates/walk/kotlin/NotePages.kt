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
    fun show(model: Model) = page(model, NewNote(), emptyMap())

    @PostMapping
    fun write(
{{#validated}}
        @ModelAttribute("note") @Valid note: NewNote,
        faults: BindingResult,
        model: Model,
    ): String {
        if (faults.hasErrors()) {
            return page(model, note, faults.fieldErrors.associate { it.field to it.defaultMessage.orEmpty() })
        }
{{/validated}}
{{^validated}}
        @ModelAttribute("note") note: NewNote,
        model: Model,
    ): String {
        if (note.faults().isNotEmpty()) {
            return page(model, note, note.faults())
        }
{{/validated}}
        book.write(note.title, note.body)
        return "redirect:/pages/notes"
    }

    private fun page(
        model: Model,
        note: NewNote,
        faults: Map<String, String>,
    ): String {
        model.addAttribute("notes", book.all())
        model.addAttribute("note", note)
        model.addAttribute("faults", faults)
        return "notes"
    }
}
