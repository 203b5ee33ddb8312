package vividtrellis.catalog.audit;

import java.io.ByteArrayInputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import vividtrellis.catalog.audit.Row.Claim;
import vividtrellis.catalog.audit.Row.Outcome;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Probe;
import vividtrellis.core.catalog.Options.Readings;
import vividtrellis.core.catalog.Options.Reads;
import vividtrellis.core.compat.judging.Verdicts;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/**
 * Reads from class files and BOMs what each version can do, and holds the edition against it: the
 * readings that lie beside it, and what is answered with them. What is compared for levels and
 * languages is the verdict itself, not a table.
 */
final class LimitAudit {

  private static final int CLASS_FILE_OF_JAVA_0 = 44;

  /** The constants are named after the levels, and their names stand in the class file as text. */
  private static final Pattern LEVEL = Pattern.compile("(?:V|JVM_|JDK)([1-9][0-9]{0,2})");

  private final Registry registry;
  private final Map<String, Readings> seen = new TreeMap<>();
  private final List<Row> rows = new ArrayList<>();

  LimitAudit(Registry registry) {
    this.registry = registry;
  }

  /** What was read so far, by {@code id@version}. */
  Map<String, Readings> seen() {
    return seen;
  }

  /** Everything that was held against the edition. */
  List<Row> rows() {
    return List.copyOf(rows);
  }

  /** Reads a version of a framework. */
  void read(
      Framework framework,
      Version version,
      Map<String, String> managed,
      Map<String, Set<String>> brings) {
    Map<String, Version> manages = new LinkedHashMap<>();
    framework
        .manages()
        .forEach(
            (language, key) -> {
              String own = managed.get(key);
              if (own != null && Version.isVersion(own)) {
                manages.put(language, new Version(own));
              }
            });
    String place = VersionedId.word(framework.id(), version);
    Map<Reads, Integer> levels = levels(framework.probes(), version, managed, place);
    put(place, levels, manages, brings, framework.readings().get(version));
  }

  /** Reads all versions of a language. */
  void read(Language language) {
    for (Version version : language.probes().isEmpty() ? List.<Version>of() : language.versions()) {
      String place = VersionedId.word(language.id(), version);
      Map<Reads, Integer> levels = levels(language.probes(), version, Map.of(), place);
      put(place, levels, Map.of(), Map.of(), language.readings().get(version));
    }
  }

  private void put(
      String place,
      Map<Reads, Integer> levels,
      Map<String, Version> manages,
      Map<String, Set<String>> brings,
      @Nullable Readings before) {
    Readings now = new Readings(Map.copyOf(levels), Map.copyOf(manages), Map.copyOf(brings));
    seen.put(place, now);
    row(
        now.equals(before),
        Claim.READ,
        "what it can do",
        place,
        new TreeMap<>(levels) + " " + manages);
  }

  private Map<Reads, Integer> levels(
      List<Probe> probes, Version version, Map<String, String> managed, String place) {
    Map<Reads, Integer> levels = new EnumMap<>(Reads.class);
    for (Probe probe : probes) {
      String of = managed.getOrDefault(probe.artifact(), version.text());
      String entry = probe.type().replace('.', '/') + ".class";
      Optional<byte[]> type = registry.entry(probe.artifact(), of, entry);
      if (type.isEmpty()) {
        rows.add(
            new Row(
                Outcome.NOT_FETCHABLE_HERE,
                Claim.READ,
                probe.reads().word(),
                "",
                place,
                probe.artifact() + " " + of + " has no " + probe.type() + " here"));
      } else {
        levels.put(
            probe.reads(),
            probe.reads() == Reads.FLOOR ? levelOf(type.get()) : highest(type.get()));
      }
    }
    return levels;
  }

  /** Holds verdicts that rest on what was read against it. */
  void judge(Edition edition) {
    Edition fresh = fresh(edition);
    Verdicts verdicts = new Verdicts(fresh);
    for (Framework framework : fresh.frameworks()) {
      for (Line line : framework.lines()) {
        for (Version version : line.versions()) {
          Readings readings = seen.get(VersionedId.word(framework.id(), version));
          if (readings != null) {
            Key asked = framework.probes().stream().anyMatch(Probe::ofJdk) ? Key.JDK : Key.JVM;
            judge(fresh, verdicts, VersionedId.word(framework.id(), version), asked, readings);
          }
        }
      }
    }
  }

  /** Asks for each level as that of the code, or of the JDK where what was read bounds that. */
  private void judge(Edition edition, Verdicts verdicts, String place, Key asked, Readings read) {
    Brief brief = Brief.empty().with(Key.NAME, "tide-board").with(Key.FRAMEWORK, place);
    int floor = read.levels().getOrDefault(Reads.FLOOR, 0);
    int reader = read.levels().getOrDefault(Reads.READER, Integer.MAX_VALUE);
    for (Level level : edition.levels()) {
      boolean readable = floor <= level.level() && level.level() <= reader;
      boolean fits = verdicts.settle(brief.with(asked, level.version().text()), 2026).fits();
      row(
          readable == fits,
          Claim.LEVEL,
          "Java " + level.level(),
          place,
          (fits ? "it can" : "it cannot")
              + " be had; class files say "
              + new TreeMap<>(read.levels()));
    }
    read.manages()
        .forEach(
            (language, own) -> {
              Optional<String> filled =
                  verdicts
                      .settle(brief.with(Key.LANGUAGE, language), 2026)
                      .brief()
                      .get(Key.LANGUAGE);
              row(
                  filled.equals(Optional.of(VersionedId.word(language, own))),
                  Claim.FILLED_IN,
                  language,
                  place,
                  "the BOM manages " + own + ", filled in is " + filled.orElse("nothing"));
            });
  }

  /** The edition with what was read now in place of what was read before. */
  private Edition fresh(Edition edition) {
    return edition.reading(
        id -> {
          Map<Version, Readings> of = new LinkedHashMap<>();
          seen.forEach(
              (place, readings) -> {
                VersionedId read = VersionedId.read(place);
                if (read.id().equals(id)) {
                  of.put(new Version(read.version()), readings);
                }
              });
          return of;
        });
  }

  private void row(boolean holds, Claim claim, String subject, String place, String says) {
    rows.add(new Row(holds ? Outcome.HOLDS : Outcome.FAULT, claim, subject, "", place, says));
  }

  private static int levelOf(byte[] classFile) {
    try (DataInputStream in = new DataInputStream(new ByteArrayInputStream(classFile))) {
      in.readInt();
      in.readUnsignedShort();
      return in.readUnsignedShort() - CLASS_FILE_OF_JAVA_0;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static int highest(byte[] classFile) {
    int highest = 0;
    Matcher names = LEVEL.matcher(new String(classFile, StandardCharsets.ISO_8859_1));
    while (names.find()) {
      highest = Math.max(highest, Integer.parseInt(names.group(1)));
    }
    return highest;
  }
}
