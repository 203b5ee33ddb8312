package {{package}}.{{samplePackage}}

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status

import org.junit.jupiter.api.Test
import org.springframework.beans.factory.annotation.Autowired
import {{webMvcTest}}
{{#secured}}
import org.springframework.security.test.context.support.WithMockUser
{{/secured}}
import org.springframework.test.context.ActiveProfiles
import org.springframework.test.web.servlet.MockMvc

@WebMvcTest(AboutController)
@ActiveProfiles('test')
{{#secured}}
@WithMockUser
{{/secured}}
class AboutControllerTest {

    @Autowired
    MockMvc mvc

    @Test
    void tellsItsName() {
        mvc.perform(get('/about'))
                .andExpect(status().isOk())
                .andExpect(jsonPath('$.name').value('{{artifact}}'))
    }
}
