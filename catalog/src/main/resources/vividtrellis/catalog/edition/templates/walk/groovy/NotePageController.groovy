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
import org.springframework.validation.FieldError
import org.springframework.web.bind.annotation.GetMapping
import org.springframework.web.bind.annotation.ModelAttribute
import org.springframework.web.bind.annotation.PathVariable
import org.springframework.web.bind.annotation.PostMapping
import org.springframework.web.bind.annotation.RequestMapping
import org.springframework.web.bind.annotation.RequestParam

/** The page with the first {{entitiesWords}} and the form for a new one. */
@Controller
@RequestMapping('/pages/{{entityPath}}')
class {{Entity}}PageController {

    private static final String VIEW = '{{entityPath}}'
    private static final String AGAIN = 'redirect:/pages/{{entityPath}}'
    private static final List<String> FIELDS = [{{#args}}{{#fields}}'{{name}}'{{^-last}}, {{/-last}}{{/fields}}{{/args}}]

    private final {{Entity}}Service service

    {{Entity}}PageController({{Entity}}Service service) {
        this.service = service
    }

    @GetMapping
    String show(Model model) {
        return page(model, [:], [:])
    }

    /** The request is looked at only if all of the form could be read. */
    @PostMapping
    String create(
            @ModelAttribute('request') {{#validated}}@Valid {{/validated}}{{Entity}}Request request,
            BindingResult result,
            @RequestParam Map<String, String> form,
            Model model) {
        Map<String, String> errors = errors(result)
{{^validated}}
        if (errors.isEmpty()) {
            errors.putAll(request.errors())
        }
{{/validated}}
        if (!errors.isEmpty()) {
            return page(model, form, errors)
        }
{{#hasUniques}}
{{#looksForDoubles}}
        try {
            service.create(request.toDraft())
        } catch ({{#refusesDoubles}}DataIntegrityViolationException{{/refusesDoubles}}{{#tellsDoubles}}Duplicate{{Entity}}Exception{{/tellsDoubles}} ignored) {
            return page(model, form, [{{#uniques}}{{#-first}}{{name}}{{/-first}}{{/uniques}}: 'is there already'])
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

    @PostMapping('/{id}/remove')
    String remove(@PathVariable long id) {
        service.remove(id)
        return AGAIN
    }

    private static Map<String, String> errors(BindingResult result) {
        Map<String, String> errors = new LinkedHashMap<>()
        for (FieldError fault : result.getFieldErrors()) {
            String message = fault.isBindingFailure() ? 'cannot be read' : String.valueOf(fault.getDefaultMessage())
            errors.putIfAbsent(fault.getField(), message)
        }
        return errors
    }

    private String page(Model model, Map<String, String> form, Map<String, String> errors) {
        Map<String, String> shown = new HashMap<>()
        FIELDS.forEach(field -> shown.put(field, form.getOrDefault(field, '')))
        model.addAttribute('{{entities}}', service.findAll(0, {{Entity}}Service.LARGEST_PAGE))
        model.addAttribute('form', shown)
        model.addAttribute('errors', errors)
        return VIEW
    }
}
