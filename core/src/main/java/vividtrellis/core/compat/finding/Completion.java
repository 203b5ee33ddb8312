package vividtrellis.core.compat.finding;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.Names;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options;
import vividtrellis.core.catalog.Settings;
import vividtrellis.core.compat.Axis;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.Verdict.FilledIn;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/** A brief in which everything is picked, and why for each pick that the service made. */
public final class Completion {

  private final Brief sent;
  private final List<FilledIn> filledIn = new ArrayList<>();
  private final Map<Key, String> values = new EnumMap<>(Key.class);

  public Completion(Brief sent, Selection selection, Names names, Edition edition, int year) {
    this.sent = sent;
    values.putAll(sent.texts());
    String given = sent.get(Key.GROUP).orElse("");
    fill(Key.GROUP, names.group(), given.isEmpty() ? "filled-group" : "filled-group-turned");
    fill(Key.TITLE, names.title(), "filled-title");
    fill(Key.PACKAGE, names.packageName(), "filled-package");
    fill(Key.ENTRY, names.entryClass(), "filled-entry");
    fill(Key.DATABASE, names.database(), "filled-database");
    fill(Key.VERSION, "0.1.0", "filled-version");
    fill(Key.YEAR, Integer.toString(year), "filled-year");
    fill(
        Key.BUILD,
        VersionedId.word(selection.build(), selection.buildVersion()),
        there(Key.BUILD) ? "filled-build-version" : "filled-build");
    Version own = selection.languageVersion();
    fill(
        Key.LANGUAGE,
        VersionedId.word(selection.language(), own == null ? selection.jvm() : own),
        own != null
            ? (there(Key.LANGUAGE) ? "filled-language-version" : "filled-language-first")
            : there(Key.JVM) ? "filled-language-jvm" : "filled-language");
    fill(Key.JVM, selection.jvm().text(), own == null ? "filled-jvm" : "filled-jvm-level");
    fill(Key.JDK, selection.jdk().text(), "filled-jdk");
    Version framework = selection.frameworkVersion();
    fill(
        Key.FRAMEWORK,
        framework == null
            ? selection.framework()
            : VersionedId.word(selection.framework(), framework),
        there(Key.FRAMEWORK) ? "filled-framework-version" : "filled-framework");
    if (there(Key.ALONGSIDE) || !selection.alongside().equals(Axis.NONE)) {
      fill(
          Key.ALONGSIDE,
          selection.alongside(),
          there(Key.ALONGSIDE) ? "filled-language-version" : "filled-alongside");
    }
    fill(Key.PACKAGING, selection.packaging(), "filled-packaging");
    fill(
        Key.SAMPLE,
        selection.sample(),
        selection.sample().equals("endpoint") ? "filled-sample-endpoint" : "filled-sample-none");
    Edition.find(edition.samples(), selection.sample())
        .map(Options.Choice::entity)
        .ifPresent(usual -> fill(Key.ENTITY, sent.get(Key.ENTITY).orElse(usual), "filled-entity"));
    fill(Key.LAYOUT, selection.layout(), "filled-layout");
    fill(Key.PORT, sent.get(Key.PORT).orElse("8080"), "filled-port");
    boolean first = selection.format().equals(Settings.FORMATS.get(0));
    fill(Key.FORMAT, selection.format(), first ? "filled-format" : "filled-format-other");
    // What all have anyway is not filled in.
    if (there(Key.THREADS) || selection.threads().equals(Settings.VIRTUAL)) {
      fill(Key.THREADS, selection.threads(), "filled-threads");
    }
    if (sent.get(Key.EDITION).filter(pin -> pin.startsWith(edition.id() + "+")).isPresent()) {
      // With all filled in, the reach that it was pinned with has no say any more.
      values.put(Key.EDITION, edition.id());
    } else {
      fill(Key.EDITION, edition.id(), "filled-edition");
    }
  }

  public Brief brief() {
    return new Brief(values, sent.starters(), sent.extras(), sent.variants());
  }

  public List<FilledIn> filledIn() {
    return List.copyOf(filledIn);
  }

  private boolean there(Key key) {
    return sent.get(key).isPresent();
  }

  /** Only what is not there yet, or was picked less exactly, counts as filled in. */
  private void fill(Key key, String value, String sentence) {
    String given = sent.get(key).orElse("");
    // Names stay as they are given; all but the group, which may have been a domain.
    boolean keepsGiven = key.block().equals("project") && key != Key.GROUP;
    if (value.equals(given) || (keepsGiven && !given.isEmpty())) {
      return;
    }
    values.put(key, value);
    filledIn.add(
        new FilledIn(key.pointer(), value, Sentences.say(sentence, Map.of("value", given))));
  }
}
