package {{package}}.{{web}}

{{#byLayer}}
import {{package}}.domain.Duplicate{{Entity}}Exception
import {{package}}.service.{{Entity}}Service
{{/byLayer}}
import jakarta.validation.Valid
import org.springframework.dao.DataIntegrityViolationException
import org.springframework.stereotype.Controller
import org.springframework.ui.Model
import org.springframework.validation.BindingResult
import org.springframework.web.bind.annotation.GetMapping
import org.springframework.web.bind.annotation.ModelAttribute
import org.springframework.web.bind.annotation.PathVariable
import org.springframework.web.bind.annotation.PostMapping
import org.springframework.web.bind.annotation.RequestMapping
import org.springframework.web.bind.annotation.RequestParam

private const val AGAIN = "redirect:/pages/{{entityPath}}"

/** The page with the first {{entitiesWords}} and the form for a new one. */
@Controller
@RequestMapping("/pages/{{entityPath}}")
class {{Entity}}PageController(
    private val service: {{Entity}}Service,
) {
    private val fields =
        listOf(
{{#fields}}
            "{{name}}",
{{/fields}}
        )

    @GetMapping
    fun show(model: Model) = page(model, emptyMap(), emptyMap())

    /** The request is looked at only if all of the form could be read. */
    @PostMapping
    fun create(
        @ModelAttribute("request"){{#validated}} @Valid{{/validated}} request: {{Entity}}Request?,
        result: BindingResult,
        @RequestParam form: Map<String, String>,
        model: Model,
    ): String {
        val unread = errors(result)
{{#validated}}
        if (unread.isNotEmpty() || request == null) {
            return page(model, form, unread)
        }
{{/validated}}
{{^validated}}
        val errors = unread.ifEmpty { request?.errors().orEmpty() }
        if (errors.isNotEmpty() || request == null) {
            return page(model, form, errors)
        }
{{/validated}}
{{#hasUniques}}
{{#looksForDoubles}}
        try {
            service.create(request.toDraft())
        } catch (ignored: {{#refusesDoubles}}DataIntegrityViolationException{{/refusesDoubles}}{{#tellsDoubles}}Duplicate{{Entity}}Exception{{/tellsDoubles}}) {
            return page(model, form, mapOf("{{#uniques}}{{#-first}}{{name}}{{/-first}}{{/uniques}}" to "is there already"))
        }
{{/looksForDoubles}}
{{^looksForDoubles}}
        service.create(request.toDraft())
{{/looksForDoubles}}
{{/hasUniques}}
{{^hasUniques}}
        service.create(request.toDraft())
{{/hasUniques}}
        return AGAIN
    }

    @PostMapping("/{id}/remove")
    fun remove(
        @PathVariable id: Long,
    ): String {
        service.remove(id)
        return AGAIN
    }

    private fun errors(result: BindingResult): Map<String, String> =
        result.fieldErrors.associate {
            it.field to if (it.isBindingFailure) "cannot be read" else it.defaultMessage.orEmpty()
        }

    private fun page(
        model: Model,
        form: Map<String, String>,
        errors: Map<String, String>,
    ): String {
        model.addAttribute("{{entities}}", service.findAll(0, {{Entity}}Service.LARGEST_PAGE))
        model.addAttribute("form", fields.associateWith { form[it].orEmpty() })
        model.addAttribute("errors", errors)
        return "{{entityPath}}"
    }
}
