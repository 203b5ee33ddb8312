package vividtrellis.catalog;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.OptionSearch;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Starter;

/** What people type to find a starter, and what has to come first or among the first. */
class SearchTest {

  private final Edition edition = ShippedEdition.load();
  private final OptionSearch<Starter> search = new OptionSearch<>(edition.starters());

  private List<String> ids(String text) {
    return search.find(text).stream().map(Option::id).toList();
  }

  @ParameterizedTest
  @CsvSource({
    "postgres, postgresql",
    "PostgreSQL, postgresql",
    "psql driver, postgresql",
    "rest, http-api",
    "hibernate, sql-orm",
    "jpa, sql-orm",
    "send mail, mail",
    "send mial, mail",
    "kafak, kafka",
    "rabbit, rabbitmq",
    "artemis, jms-artemis",
    "flyway, migrations-flyway",
    "liquibas, migrations-liquibase",
    "thymeleaf, pages-thymeleaf",
    "oauth login, sign-in-provider",
    "prometheus, metrics-prometheus",
    "lombok, less-boilerplate",
    "webflux, http-reactive",
  })
  void whatIsMeantComesFirst(String typed, String id) {
    assertThat(ids(typed)).as(typed).startsWith(id);
  }

  @ParameterizedTest
  @CsvSource({
    "jms, jms-artemis, jms-activemq",
    "database, postgresql, sql-orm",
    "server, server-jetty, server-tomcat",
    "login, sign-in-form, sign-in-provider",
  })
  void everythingThatIsMeantIsFound(String typed, String one, String other) {
    assertThat(ids(typed)).as(typed).contains(one, other);
  }

  @Test
  void whileTypingTheListOnlyNarrows() {
    String word = "rabbitmq";
    for (int end = 3; end <= word.length(); end++) {
      assertThat(ids(word.substring(0, end))).as(word.substring(0, end)).startsWith("rabbitmq");
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "   "})
  void nothingTypedGivesEverythingInTheOrderOfTheCatalog(String blank) {
    assertThat(ids(blank)).isEqualTo(edition.starters().stream().map(Option::id).toList());
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"zzqqxx", "+ - && || ! ( ) { } [ ] ^ \" ~ * ? : \\ /", "\u0000", "AND OR"})
  void nonsenseAndSignsOfAQueryFindNothingAndHarmNothing(String text) {
    assertThat(ids(text)).isEmpty();
  }

  @Test
  void sameQuestionSameAnswer() {
    assertThat(ids("sql")).isEqualTo(ids("sql")).isNotEmpty();
    assertThat(new OptionSearch<>(edition.starters()).find("sql")).isEqualTo(search.find("sql"));
  }
}
