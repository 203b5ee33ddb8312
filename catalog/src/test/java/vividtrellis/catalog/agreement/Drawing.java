package vividtrellis.catalog.agreement;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import vividtrellis.catalog.TestedEdition;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.compat.Verdict;

/** Draws briefs of an edition; one that is blocked follows the ways out it is offered. */
final class Drawing {

  private final TestedEdition tested;
  private final Random random;

  Drawing(TestedEdition tested, long seed) {
    this.tested = tested;
    this.random = new Random(seed);
  }

  /** A verdict of a brief that can be written; empty if the ways out lead nowhere soon. */
  Optional<Verdict> verdict() {
    Brief brief = brief();
    for (int i = 0; i < 8; i++) {
      Verdict verdict = tested.judge(brief);
      if (verdict.isWritable()) {
        return Optional.of(verdict);
      }
      var remedies = verdict.findings().stream().flatMap(f -> f.remedies().stream()).toList();
      if (verdict.fits() || remedies.isEmpty()) {
        return Optional.empty();
      }
      brief = remedies.get(0).result();
    }
    return Optional.empty();
  }

  /** Whatever was drawn; it need not fit. */
  Brief brief() {
    Edition edition = tested.edition();
    List<String> frameworks =
        edition.frameworks().stream()
            .flatMap(each -> each.lines().stream().map(line -> each.id() + "@" + line.line()))
            .toList();
    Brief brief =
        Brief.empty()
            .with(Key.NAME, one(List.of("tide-board", "fare-ledger", "record", "a1-b2")))
            .with(Key.GROUP, one(List.of("example.saltmarsh", "saltmarsh.example", "org.example")))
            .with(Key.FRAMEWORK, one(frameworks))
            .with(Key.LANGUAGE, one(LANGUAGES))
            .with(Key.BUILD, one(edition.builds()))
            .with(Key.SAMPLE, one(edition.samples()))
            .with(Key.LAYOUT, one(edition.layouts()))
            .with(Key.FORMAT, one(List.of("yaml", "properties")))
            .with(Key.PORT, Integer.toString(1024 + random.nextInt(60000)))
            .with(Key.LICENCE, one(List.of("MIT", "Apache-2.0", "ISC", "GPL-3.0-only")));
    brief = sometimes(4, brief, Key.ALONGSIDE, one(List.of("java", "kotlin", "groovy")));
    brief = sometimes(5, brief, Key.PACKAGING, "war");
    brief = sometimes(6, brief, Key.MIRROR, "https://repository.saltmarsh.example/maven");
    brief = sometimes(3, brief, Key.SUMMARY, text());
    brief = sometimes(3, brief, Key.TITLE, text());
    brief = sometimes(3, brief, Key.ORGANISATION, text());
    List<String> starters = some(edition.starters(), 7);
    return brief.withStarters(starters).withExtras(some(edition.extras(), 6));
  }

  private static final List<String> LANGUAGES =
      List.of(
          "java@17",
          "java@21",
          "java@25",
          "kotlin",
          "kotlin@2.1.21",
          "kotlin@2.4.10",
          "groovy",
          "groovy@6.0.0");

  /** One line with anything that means something to one of the formats it goes through. */
  private String text() {
    List<String> pieces =
        List.of(
            "Tide",
            "\"",
            "'",
            "\\",
            "\\u0041",
            "\\n",
            "<b>",
            "&amp;",
            "]]>",
            "-->",
            "*/",
            "//",
            "$",
            "$x",
            "$(id)",
            "`id`",
            "%n",
            "#",
            ": ",
            " - ",
            "| ",
            "{",
            "}",
            "{{x}}",
            "{{/x}}",
            "\"\"\"",
            "'''",
            "ü",
            "名",
            "😀",
            "; rm",
            "@",
            "~",
            "!",
            "%PATH%",
            "^",
            "[[1+1]]",
            "[('x')]",
            "[x](y)",
            "*b*",
            "_i_",
            "&lt;",
            "<https://x>");
    StringBuilder text = new StringBuilder(one(List.of("A", "A", "1. ", "- ", "+ ", "---")));
    for (int i = 0; i < 1 + random.nextInt(8); i++) {
      text.append(one(pieces));
    }
    return text.append('z').toString().replaceAll("[$@#]\\{", "(");
  }

  private Brief sometimes(int oneIn, Brief brief, Key key, String value) {
    return random.nextInt(oneIn) == 0 ? brief.with(key, value) : brief;
  }

  private List<String> some(List<? extends Option> options, int most) {
    List<String> ids = new ArrayList<>();
    for (int i = random.nextInt(most + 1); i > 0; i--) {
      String id = one(options);
      if (!ids.contains(id)) {
        ids.add(id);
      }
    }
    return ids;
  }

  private String one(List<?> choices) {
    Object choice = choices.get(random.nextInt(choices.size()));
    return choice instanceof Option option ? option.id() : String.valueOf(choice);
  }
}
