package vividtrellis.core.compat.finding;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import org.apache.commons.text.StringSubstitutor;
import vividtrellis.core.brief.Shown;
import vividtrellis.core.catalog.Rule;
import vividtrellis.core.catalog.Saying;
import vividtrellis.core.compat.Verdict;

/** The one catalogue of sentences for what the service itself has to tell. */
public final class Sentences {

  private static final Properties TEXTS = load();

  /** Arguments that are made from the catalog, not from what somebody wrote. */
  private static final Set<String> OURS =
      Set.of("because", "known", "range", "first", "then", "until", "line", "nearest", "lacks");

  private Sentences() {}

  /** The sentence under a code, with what it mentions, cut short where somebody else wrote it. */
  public static String say(String code, Map<String, String> args) {
    String text = TEXTS.getProperty(code);
    if (text == null) {
      throw new IllegalStateException("sentences.properties has no '" + code + "'");
    }
    if (text.indexOf('{') < 0) {
      return text;
    }
    Map<String, String> shown = new HashMap<>();
    args.forEach((name, arg) -> shown.put(name, OURS.contains(name) ? arg : Shown.of(arg)));
    return new StringSubstitutor(shown, "{", "}")
        .setDisableSubstitutionInValues(true)
        .replace(text);
  }

  /** The same with its code and arguments. */
  public static Saying saying(String code, Map<String, String> args) {
    return new Saying(code, args, say(code, args));
  }

  /** What rules say, each thing once; that two picks fix one thing differently is no rule. */
  public static List<Saying> sayings(List<Rule> rules) {
    return rules.isEmpty()
        ? List.of(saying("picks-differ", Map.of()))
        : rules.stream().map(Rule::because).distinct().toList();
  }

  /** The same as one text. */
  public static String because(List<Rule> rules) {
    return rules.size() == 1 ? rules.get(0).because().text() : Verdict.text(sayings(rules));
  }

  private static Properties load() {
    Properties texts = new Properties();
    try (InputStream in = Sentences.class.getResourceAsStream("sentences.properties")) {
      if (in == null) {
        throw new IllegalStateException("sentences.properties is missing from the core jar");
      }
      texts.load(new InputStreamReader(in, StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return texts;
  }
}
