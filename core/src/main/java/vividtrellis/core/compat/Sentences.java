package vividtrellis.core.compat;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import org.apache.commons.text.StringSubstitutor;
import vividtrellis.core.brief.Shown;
import vividtrellis.core.catalog.Saying;

/** The one catalogue of sentences for what the service itself has to tell. */
final class Sentences {

  private static final Properties TEXTS = load();

  /** Arguments that are made from the catalog, not from what somebody wrote. */
  private static final Set<String> OURS =
      Set.of("because", "known", "range", "first", "then", "until", "line", "nearest", "lacks");

  private Sentences() {}

  /** The sentence under a code, with what it mentions, cut short where somebody else wrote it. */
  static String say(String code, Map<String, String> args) {
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
  static Saying saying(String code, Map<String, String> args) {
    return new Saying(code, args, say(code, args));
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
