package {{package}}.{{web}};

import static org.hamcrest.Matchers.matchesPattern;
{{#bySession}}
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
{{/bySession}}
{{#byToken}}
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.jwt;
{{/byToken}}
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

{{#byLayer}}
import {{package}}.domain.Fake{{Entity}}Repository;
{{/byLayer}}
{{#announces}}
{{#byLayer}}
import {{package}}.messages.Fake{{Entity}}EventPublisher;
{{/byLayer}}
{{/announces}}
{{#guarded}}
import {{package}}.security.SecurityConfiguration;
{{/guarded}}
{{#byLayer}}
import {{package}}.service.{{Entity}}Service;
{{/byLayer}}
{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
{{/byLayer}}
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
{{#byToken}}
import org.springframework.boot.test.context.TestConfiguration;
{{/byToken}}
import {{webMvcTest}};
{{#byToken}}
import org.springframework.context.annotation.Bean;
{{/byToken}}
import org.springframework.context.annotation.Import;
{{#byToken}}
import org.springframework.context.annotation.Profile;
{{/byToken}}
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
{{#byToken}}
import org.springframework.security.oauth2.jwt.BadJwtException;
import org.springframework.security.oauth2.jwt.JwtDecoder;
{{/byToken}}
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;
{{#secured}}
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
{{/secured}}

@WebMvcTest({{Entity}}Controller.class)
@ActiveProfiles("test")
@Import({Fake{{Entity}}Repository.class, {{Entity}}Service.class{{#announces}}, Fake{{Entity}}EventPublisher.class{{/announces}}{{#guarded}}, SecurityConfiguration.class{{/guarded}}})
class {{Entity}}ControllerTest {

    private static final String {{ENTITY}} = """
            {
{{#fields}}
              "{{name}}": {{{json}}}{{^-last}},{{/-last}}
{{/fields}}
            }
            """;

    @Autowired
    MockMvc mvc;

    @Autowired
    Fake{{Entity}}Repository {{entities}};

{{#byToken}}
    /** No token is known here; the tests say who asks. */
    @TestConfiguration(proxyBeanMethods = false)
    @Profile("test")
    static class Tokens {

        @Bean
        JwtDecoder tokens() {
            return token -> {
                throw new BadJwtException("No token is known here");
            };
        }
    }

{{/byToken}}
{{#secured}}
    /** A request of somebody who may. */
    private static MockHttpServletRequestBuilder allowed(MockHttpServletRequestBuilder request) {
        return request{{#bySession}}.with(user("keeper")){{/bySession}}{{#byToken}}.with(jwt()){{/byToken}};
    }

{{/secured}}
    @Test
    void showsOne() throws Exception {
        {{Entity}} kept = keep();

        mvc.perform({{#secured}}allowed({{/secured}}get("/{{entityPath}}/{id}", kept.id()){{#secured}}){{/secured}})
                .andExpect(status().isOk())
                .andExpect(header().string("ETag", "\"0\""))
{{#first}}
                .andExpect(jsonPath("$.{{name}}").value({{{jsonValue}}}));
{{/first}}
        mvc.perform({{#secured}}allowed({{/secured}}get("/{{entityPath}}/0"){{#secured}}){{/secured}})
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail").value("There is no {{entityWords}} 0."));
    }

    @Test
    void showsNoMoreThanAPage() throws Exception {
        keep();
        keep();

        mvc.perform({{#secured}}allowed({{/secured}}get("/{{entityPath}}?page=0&size=1"){{#secured}}){{/secured}})
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.length()").value(1));
    }

    @Test
    void keepsOne() throws Exception {
        mvc.perform({{#secured}}allowed({{/secured}}post("/{{entityPath}}"){{#secured}})
                        {{/secured}}.contentType(MediaType.APPLICATION_JSON){{#secured}}
                        {{/secured}}.content({{ENTITY}}))
                .andExpect(status().isCreated())
                .andExpect(header().string("Location", matchesPattern("http://localhost/{{entityPath}}/[0-9]+")));
    }
{{#refused}}

    @Test
    void refusesOneWithout{{Name}}() throws Exception {
        mvc.perform({{#secured}}allowed({{/secured}}post("/{{entityPath}}"){{#secured}}){{/secured}}
                        .contentType(MediaType.APPLICATION_JSON)
                        .content({{ENTITY}}.replace({{{jsonInJava}}}, {{{nothingInJava}}})))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors.{{name}}").exists());
    }
{{/refused}}

    @Test
    void changesOneThatNobodyElseChanged() throws Exception {
        {{Entity}} kept = keep();

        for (HttpStatus expected : List.of(HttpStatus.OK, HttpStatus.PRECONDITION_FAILED)) {
            mvc.perform({{#secured}}allowed({{/secured}}put("/{{entityPath}}/{id}", kept.id()){{#secured}}){{/secured}}
                            .header("If-Match", "\"0\"")
                            .contentType(MediaType.APPLICATION_JSON)
                            .content({{ENTITY}}))
                    .andExpect(status().is(expected.value()));
        }
    }

    @Test
    void removesOne() throws Exception {
        {{Entity}} kept = keep();

        for (HttpStatus expected : List.of(HttpStatus.NO_CONTENT, HttpStatus.NOT_FOUND)) {
            mvc.perform({{#secured}}allowed({{/secured}}delete("/{{entityPath}}/{id}", kept.id()){{#secured}}){{/secured}}).andExpect(status().is(expected.value()));
        }
    }
{{#guarded}}

    @Test
    void asksWhoIsThere() throws Exception {
        mvc.perform(get("/{{entityPath}}").accept(MediaType.APPLICATION_JSON)).andExpect(status().isUnauthorized());
    }
{{/guarded}}

    private {{Entity}} keep() {
        {{Entity}}Draft draft = new {{Entity}}Draft({{#args}}{{#fields}}{{{literal}}}{{^-last}}, {{/-last}}{{/fields}}{{/args}});
        return {{entities}}.create(draft, Instant.EPOCH);
    }
}
