package {{package}}.{{web}}

{{#byLayer}}
import {{package}}.service.NoteService
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
class NotePageController(
    private val service: NoteService,
) {
    @GetMapping
    fun show(model: Model) = page(model, NoteRequest(), emptyMap())

    @PostMapping
    fun create(
{{#validated}}
        @ModelAttribute("note") @Valid note: NoteRequest,
        result: BindingResult,
        model: Model,
    ): String {
        if (result.hasErrors()) {
            return page(model, note, result.fieldErrors.associate { it.field to it.defaultMessage.orEmpty() })
        }
{{/validated}}
{{^validated}}
        @ModelAttribute("note") note: NoteRequest,
        model: Model,
    ): String {
        if (note.errors().isNotEmpty()) {
            return page(model, note, note.errors())
        }
{{/validated}}
        service.create(note.title, note.body)
        return "redirect:/pages/notes"
    }

    private fun page(
        model: Model,
        note: NoteRequest,
        errors: Map<String, String>,
    ): String {
        model.addAttribute("notes", service.findAll())
        model.addAttribute("note", note)
        model.addAttribute("errors", errors)
        return "notes"
    }
}
