package {{package}}.{{samplePackage}}

import org.junit.jupiter.api.Test
import org.springframework.beans.factory.annotation.Autowired
import {{webMvcTest}}
{{#secured}}
import org.springframework.security.test.context.support.WithMockUser
{{/secured}}
import org.springframework.test.context.ActiveProfiles
import org.springframework.test.web.servlet.MockMvc
import org.springframework.test.web.servlet.get

@WebMvcTest(AboutController::class)
@ActiveProfiles("test")
{{#secured}}
@WithMockUser
{{/secured}}
class AboutControllerTest(
    @param:Autowired private val mvc: MockMvc,
) {
    @Test
    fun tellsItsName() {
        mvc.get("/about").andExpect {
            status { isOk() }
            jsonPath("$.name") { value("{{artifact}}") }
        }
    }
}
