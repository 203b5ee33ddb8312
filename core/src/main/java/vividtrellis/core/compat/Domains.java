package vividtrellis.core.compat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.Nearest;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.BuildSystem;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.compat.Problem.Versioned;
import vividtrellis.core.version.Version;

/**
 * The values that each pick of a brief leaves open, in order of preference, and what it names that
 * the edition does not have. An unknown pick leaves its variable as open as no pick, so that
 * everything else is still judged.
 */
final class Domains {

  /**
   * A pick that names nothing of the edition.
   *
   * @param pointer where it stands
   * @param sentence code of the sentence, with {@code args}
   * @param change the pick that was most likely meant, or its removal
   */
  record Unknown(String pointer, String sentence, Map<String, String> args, List<Change> change) {}

  private final Edition edition;
  private final Brief brief;
  private final List<Unknown> unknown = new ArrayList<>();
  private final List<Versioned> builds;
  private final List<Versioned> frameworks;
  private final List<Versioned> levels;
  private final List<Version> jdks;
  private final List<String> packagings;
  private final List<String> samples;
  private final List<String> layouts;
  private final Set<String> starters;
  private final Set<String> extras;

  Domains(Brief brief, Edition edition) {
    this.edition = edition;
    this.brief = brief;
    builds = versioned(Key.BUILD, edition.builds(), Domains::versionsOf);
    frameworks = versioned(Key.FRAMEWORK, edition.frameworks(), Domains::versionsOf);
    levels = levels();
    jdks = jdks();
    packagings = choices(Key.PACKAGING, edition.packagings());
    samples = choices(Key.SAMPLE, edition.samples());
    layouts = choices(Key.LAYOUT, edition.layouts());
    starters = ids("starter", "/starters/", brief.starters(), edition.starters());
    extras = ids("extra", "/extras/", brief.extras(), edition.extras());
    brief
        .get(Key.EDITION)
        .filter(id -> !id.equals(edition.id()))
        .ifPresent(
            id ->
                unknown(
                    Key.EDITION.pointer(),
                    "unknown-edition",
                    Map.of("value", id, "known", edition.id()),
                    new Change.Set(Key.EDITION, edition.id())));
  }

  List<Unknown> unknown() {
    return List.copyOf(unknown);
  }

  Problem problem(boolean growing) {
    return new Problem(
        builds, frameworks, levels, jdks, packagings, samples, layouts, starters, extras, growing);
  }

  /** Every version of a framework with the word that picks its line. */
  static Map<String, List<Version>> versionsOf(Framework framework) {
    Map<String, List<Version>> lines = new LinkedHashMap<>();
    for (boolean stable : List.of(true, false)) {
      for (Line line : framework.lines()) {
        if (line.standing().equals("stable") == stable) {
          lines.put(line.line(), line.versions());
        }
      }
    }
    return lines;
  }

  private static Map<String, List<Version>> versionsOf(BuildSystem build) {
    Map<String, List<Version>> lines = new LinkedHashMap<>();
    for (Version version : build.versions()) {
      lines.computeIfAbsent(version.line(), line -> new ArrayList<>()).add(version);
    }
    return lines;
  }

  private interface Lines<T> {
    Map<String, List<Version>> of(T option);
  }

  private <T extends Option> List<Versioned> versioned(Key key, List<T> options, Lines<T> lines) {
    String pick = brief.get(key).orElse("");
    if (!pick.isEmpty()) {
      String id = pick.contains("@") ? pick.substring(0, pick.indexOf('@')) : pick;
      Optional<T> option = Edition.find(options, id);
      if (option.isEmpty()) {
        unknownId(key.pointer(), key.word(), id, options, meant -> new Change.Set(key, meant));
      } else {
        List<Versioned> values = versions(option.get(), lines.of(option.get()), pick, id);
        if (!values.isEmpty()) {
          return values;
        }
        unknownVersion(key, option.get(), pick, List.copyOf(lines.of(option.get()).keySet()));
      }
    }
    List<Versioned> all = new ArrayList<>();
    for (T option : options) {
      all.addAll(versions(option, lines.of(option), option.id(), option.id()));
    }
    return all;
  }

  private static List<Versioned> versions(
      Option option, Map<String, List<Version>> lines, String pick, String id) {
    String version = pick.substring(id.length()).replaceFirst("^@", "");
    List<Versioned> values = new ArrayList<>();
    lines.forEach(
        (line, versions) -> {
          for (Version each : versions) {
            if (pick.equals(id) || version.equals(line) || version.equals(each.text())) {
              values.add(new Versioned(option.id(), each));
            }
          }
        });
    return values;
  }

  private List<Versioned> levels() {
    String pick = brief.get(Key.LANGUAGE).orElse("");
    String id = pick.contains("@") ? pick.substring(0, pick.indexOf('@')) : pick;
    String version = pick.contains("@") ? pick.substring(pick.indexOf('@') + 1) : "";
    if (!id.isEmpty() && Edition.find(edition.languages(), id).isEmpty()) {
      unknownId(
          Key.LANGUAGE.pointer(),
          "language",
          id,
          edition.languages(),
          meant -> new Change.Set(Key.LANGUAGE, meant));
      id = "";
      version = "";
    }
    String jvm = brief.get(Key.JVM).orElse("");
    List<Versioned> known = new ArrayList<>();
    List<Versioned> open = new ArrayList<>();
    for (Language language : edition.languages()) {
      if (!id.isEmpty() && !language.id().equals(id)) {
        continue;
      }
      for (boolean longTerm : List.of(true, false)) {
        for (Level level : language.levels()) {
          if (level.longTerm() == longTerm) {
            Versioned value = new Versioned(language.id(), level.version());
            known.add(value);
            boolean wanted = version.isEmpty() || version.equals(level.version().text());
            if (wanted && (jvm.isEmpty() || jvm.equals(level.version().text()))) {
              open.add(value);
            }
          }
        }
      }
      if (!version.isEmpty() && isNoLevel(version, language)) {
        unknownVersion(Key.LANGUAGE, language, pick, levelsOf(language));
        version = "";
      } else if (!jvm.isEmpty() && isNoLevel(jvm, language)) {
        unknownVersion(Key.JVM, language, language.id() + "@" + jvm, levelsOf(language));
      } else if (!version.isEmpty() && !jvm.isEmpty() && !version.equals(jvm)) {
        unknown.add(
            new Unknown(
                Key.JVM.pointer(),
                "jvm-differs",
                Map.of("language", version, "jvm", jvm),
                List.of(
                    new Change.Set(Key.JVM, version),
                    new Change.Set(Key.LANGUAGE, language.id() + "@" + jvm))));
      }
    }
    return open.isEmpty() ? known : open;
  }

  private static boolean isNoLevel(String text, Language language) {
    return !levelsOf(language).contains(text);
  }

  private static List<String> levelsOf(Language language) {
    return language.levels().stream().map(level -> level.version().text()).toList();
  }

  private List<Version> jdks() {
    Set<Version> all = new LinkedHashSet<>();
    for (boolean longTerm : List.of(true, false)) {
      edition.languages().stream()
          .flatMap(language -> language.levels().stream())
          .filter(level -> level.longTerm() == longTerm)
          .map(Level::version)
          .sorted()
          .forEach(all::add);
    }
    String pick = brief.get(Key.JDK).orElse("");
    List<Version> picked = all.stream().filter(v -> v.text().equals(pick)).toList();
    if (!pick.isEmpty() && picked.isEmpty()) {
      List<String> known = all.stream().map(Version::text).toList();
      unknown(
          Key.JDK.pointer(),
          "unknown-version",
          Map.of("label", "JDK", "version", pick, "known", String.join(", ", known)),
          new Change.Remove(Key.JDK));
    }
    return picked.isEmpty() ? List.copyOf(all) : picked;
  }

  private List<String> choices(Key key, List<? extends Option> options) {
    List<String> known = options.stream().map(Option::id).toList();
    String pick = brief.get(key).orElse("");
    if (pick.isEmpty() || known.contains(pick)) {
      return pick.isEmpty() ? known : List.of(pick);
    }
    unknownId(key.pointer(), key.word(), pick, options, meant -> new Change.Set(key, meant));
    return known;
  }

  private Set<String> ids(
      String kind, String pointer, List<String> given, List<? extends Option> options) {
    Set<String> known = new LinkedHashSet<>();
    for (int i = 0; i < given.size(); i++) {
      String id = given.get(i);
      if (Edition.find(options, id).isPresent()) {
        known.add(id);
      } else {
        unknownId(pointer + i, kind, id, options, meant -> Change.swap(kind, id, meant));
      }
    }
    return known;
  }

  private interface Meant {
    Change as(String id);
  }

  private void unknownId(
      String pointer, String kind, String id, List<? extends Option> options, Meant meant) {
    String nearest = Nearest.of(id, options.stream().map(Option::id).toList()).orElse(null);
    Change drop =
        kind.equals("starter") || kind.equals("extra")
            ? Change.drop(kind, id)
            : Key.of(kind).<Change>map(Change.Remove::new).orElseThrow();
    unknown.add(
        new Unknown(
            pointer,
            "unknown-id",
            Map.of(
                "kind", kind, "value", id, "nearest", nearest == null ? "" : nearestText(nearest)),
            nearest == null ? List.of(drop) : List.of(meant.as(nearest), drop)));
  }

  private static String nearestText(String nearest) {
    return "; the nearest is " + nearest;
  }

  private void unknownVersion(Key key, Option option, String pick, List<String> known) {
    String version = pick.substring(pick.indexOf('@') + 1);
    String nearest = nearestVersion(version, known);
    String value = key == Key.JVM ? nearest : option.id() + "@" + nearest;
    unknown(
        key.pointer(),
        "unknown-version",
        Map.of(
            "label", option.about().label(), "version", version, "known", String.join(", ", known)),
        new Change.Set(key, value));
  }

  /** The known version that is not lower than the one asked for, else the highest there is. */
  private static String nearestVersion(String version, List<String> known) {
    List<Version> sorted = known.stream().map(Version::new).sorted().toList();
    @Nullable Version asked =
        Version.isVersion(version) ? new Version(new Version(version).line()) : null;
    if (asked != null) {
      for (Version each : sorted) {
        if (each.compareTo(asked) >= 0) {
          return each.text();
        }
      }
    }
    return sorted.get(sorted.size() - 1).text();
  }

  private void unknown(String pointer, String sentence, Map<String, String> args, Change change) {
    unknown.add(new Unknown(pointer, sentence, args, List.of(change)));
  }
}
