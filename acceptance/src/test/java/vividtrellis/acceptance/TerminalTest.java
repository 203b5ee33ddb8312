package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import vividtrellis.acceptance.Product.Running;

/** What a person sees at a terminal, made by `script`, and what a program reads from a pipe. */
@ExtendWith(Product.class)
class TerminalTest {

  @TempDir Path temp;

  private String screen(Running product, String line, Map<String, String> environment)
      throws Exception {
    Command.Result result =
        new Command(
                temp, List.of("script", "-qec", Product.CHECKOUT + "/vivid " + line, "/dev/null"))
            .with(Map.of("VIVID_SERVER", product.base(), "TERM", "xterm", "LANG", "C.UTF-8"))
            .with(environment)
            .run(60);
    return result.out();
  }

  @Test
  void signsAndColoursAreForTerminalsThatShowThem(Running product) throws Exception {
    String line = "check name=tide-board +http-api";

    assertThat(screen(product, line, Map.of())).contains("◆", "\u001b[");
    assertThat(screen(product, line, Map.of("NO_COLOR", "1")))
        .contains("◆")
        .doesNotContain("\u001b[");
    assertThat(screen(product, line, Map.of("LC_ALL", "C"))).contains("*").doesNotContain("◆");
    assertThat(product.vivid(temp, line.split(" ")).out()).contains("◆").doesNotContain("\u001b[");
  }

  @Test
  void aListIsGroupedForPeopleAndPlainForPrograms(Running product) throws Exception {
    String line = "outline name=tide-board +http-api";

    assertThat(screen(product, line, Map.of())).contains("src/main/resources/\u001b");
    assertThat(product.vivid(temp, line.split(" ")).out().lines())
        .anyMatch(row -> row.strip().startsWith("src/main/resources/application.yaml "));
  }

  @Test
  void aLatticeWiderThanTheTerminalIsSeveralTables(Running product) throws Exception {
    String line = "lattice name=tide-board";

    assertThat(screen(product, line, Map.of("NO_COLOR", "1")).lines())
        .allMatch(row -> row.length() <= 80)
        .filteredOn(row -> row.startsWith("Java 25"))
        .hasSizeGreaterThan(1);
    assertThat(product.vivid(temp, line.split(" ")).out().lines())
        .filteredOn(row -> row.startsWith("Java 25"))
        .hasSize(1);
  }

  @Test
  void nothingPickedAtATerminalIsToldAndNotWaitedFor(Running product) throws Exception {
    assertThat(screen(product, "check", Map.of())).contains("Nothing is picked");
    Command.Result piped = product.vivid(temp, "check");
    assertThat(piped.code()).isEqualTo(65);
    assertThat(piped.err()).contains("There is no brief in it");
  }

  @Test
  void everyCommandExplainsItselfWithExamples(Running product) throws Exception {
    for (String command :
        List.of(
            "catalog",
            "brief",
            "check",
            "lattice",
            "outline",
            "take",
            "withdraw",
            "compare",
            "trace",
            "link",
            "config",
            "completion")) {
      Command.Result help = product.vivid(temp, command, "--help");
      assertThat(help.code()).isZero();
      assertThat(help.out().lines().filter(line -> line.startsWith("  vivid " + command)))
          .as(command)
          .hasSizeGreaterThan(1);
    }
    assertThat(product.vivid(temp, "--version").out())
        .contains("vivid 0.1.0", "service 0.1.0, edition 2026-11");
    assertThat(product.vivid(temp).code()).isEqualTo(64);
    assertThat(product.vivid(temp, "chek").err()).contains("did you mean check?");
  }
}
