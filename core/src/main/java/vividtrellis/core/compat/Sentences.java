package vividtrellis.core.compat;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Properties;
import org.apache.commons.text.StringSubstitutor;

/** The one catalogue of sentences for what the service itself has to tell. */
final class Sentences {

  private static final Properties TEXTS = load();

  private Sentences() {}

  /** The sentence under a code, with what it mentions. */
  static String say(String code, Map<String, String> args) {
    String text = TEXTS.getProperty(code);
    if (text == null) {
      throw new IllegalStateException("sentences.properties has no '" + code + "'");
    }
    return new StringSubstitutor(args, "{", "}").setDisableSubstitutionInValues(true).replace(text);
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
