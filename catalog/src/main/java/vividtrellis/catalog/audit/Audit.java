package vividtrellis.catalog.audit;

import java.io.ByteArrayInputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Contribution.Artifact;
import vividtrellis.core.catalog.Contribution.Scope;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Probes;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.compat.Verdicts;
import vividtrellis.core.version.Version;

/**
 * Holds an edition against the registry: that each framework version and each artifact exists, that
 * a version comes from the BOM where the edition says so and is named where it does not, that the
 * lowest and highest Java level of each framework version are those of its class files, and that
 * each language goes with the framework versions that manage it. What is compared for levels and
 * languages is the verdict itself, not a table.
 */
public final class Audit {

  /** How a row turned out. */
  public enum Outcome {
    /** The registry says the same. */
    HOLDS,
    /** The artifact cannot be fetched here; that says nothing about whether picks fit. */
    NOT_FETCHABLE_HERE,
    /** The edition is wrong. */
    FAULT
  }

  /**
   * One thing that was looked at.
   *
   * @param what is claimed
   * @param place in the edition: the option, and the framework version it was looked at for
   * @param says what the registry says
   */
  public record Row(Outcome outcome, String what, String place, String says) {}

  /**
   * What is known of a framework version from its artifacts.
   *
   * @param floor lowest Java level, from a class file
   * @param reader highest Java level that its class file reader knows
   * @param languages language to the version that the BOM manages
   */
  public record Seen(int floor, int reader, Map<String, String> languages) {}

  private static final int CLASS_FILE_OF_JAVA_0 = 44;
  private static final Pattern LEVEL = Pattern.compile("V([0-9]{1,3})");

  private final Edition edition;
  private final Registry registry;
  private final List<Row> rows = new ArrayList<>();
  private final Map<String, Seen> seen = new TreeMap<>();

  private Audit(Edition edition, Registry registry) {
    this.edition = edition;
    this.registry = registry;
  }

  /**
   * What an audit comes to.
   *
   * @param rows in the order of the edition
   * @param seen framework version, as in {@code spring-boot@4.1.2}, to what was read
   */
  public record Report(List<Row> rows, Map<String, Seen> seen) {
    /** Rows with one outcome. */
    public List<Row> of(Outcome outcome) {
      return rows.stream().filter(row -> row.outcome() == outcome).toList();
    }
  }

  /**
   * Reads the registry that Maven itself reads.
   *
   * @param kept folder for what was fetched; a second run asks for less
   * @throws UncheckedIOException when the registry does not answer
   */
  public static Report run(Edition edition, Path kept) {
    return run(edition, ShippedEdition.surroundings().mavenBase(), kept);
  }

  /** As above, with the address of the registry. */
  public static Report run(Edition edition, String base, Path kept) {
    Audit audit = new Audit(edition, new Registry(base, kept));
    edition.frameworks().forEach(audit::framework);
    return new Report(List.copyOf(audit.rows), audit.seen);
  }

  private void row(boolean holds, String what, String place, String says) {
    rows.add(new Row(holds ? Outcome.HOLDS : Outcome.FAULT, what, place, says));
  }

  private void framework(Framework framework) {
    Probes probes = framework.probes();
    if (probes == null) {
      ownVersions(framework);
      return;
    }
    for (Line line : framework.lines()) {
      for (Version version : line.versions()) {
        String place = framework.id() + "@" + version;
        Optional<Map<String, String>> managed = registry.managed(probes.bom(), version.text());
        row(managed.isPresent(), "the version exists", place, probes.bom());
        managed.ifPresent(
            all -> {
              artifacts(framework, version, all, place);
              limits(probes, version, all, place);
            });
      }
    }
  }

  /** Whether a binding can hold for a version, as far as its conditions on the framework say. */
  private static boolean isFor(List<Term> when, Framework framework, Version version) {
    return when.stream()
        .filter(term -> term.variable() == Term.Variable.FRAMEWORK)
        .allMatch(term -> framework.id().equals(term.id()) && term.range().holds(version));
  }

  private void artifacts(
      Framework framework, Version version, Map<String, String> managed, String place) {
    Map<String, String> looked = new LinkedHashMap<>();
    for (Option option : edition.options().toList()) {
      boolean other = option instanceof Framework && !option.id().equals(framework.id());
      for (Contribution binding : other ? List.<Contribution>of() : option.bindings()) {
        if (isFor(binding.when(), framework, version)) {
          for (Artifact artifact : named(binding)) {
            if (isFor(artifact.when(), framework, version)
                && looked.putIfAbsent(artifact.key(), option.id()) == null) {
              artifact(artifact, managed, option.id() + " on " + place);
            }
          }
        }
      }
    }
  }

  /** What a binding names: dependencies, and plugins that have a version of their own. */
  private static List<Artifact> named(Contribution binding) {
    List<Artifact> named = new ArrayList<>(binding.artifacts());
    for (Contribution.Plugin plugin : binding.plugins()) {
      if (plugin.version() != null) {
        String[] parts = plugin.id().split(":", -1);
        named.add(new Artifact(parts[0], parts[1], plugin.version(), Scope.COMPILE, List.of()));
      }
    }
    named.removeIf(each -> each.version() != null && each.version().contains("{"));
    return named;
  }

  /** Without a BOM there are only versions of one's own to look for. */
  private void ownVersions(Framework framework) {
    Set<String> looked = new HashSet<>();
    for (Option option : edition.options().toList()) {
      for (Contribution binding : option.bindings()) {
        boolean bound =
            option == framework
                || binding.when().stream()
                    .anyMatch(
                        term ->
                            term.variable() == Term.Variable.FRAMEWORK
                                && framework.id().equals(term.id()));
        for (Artifact bom : bound ? binding.boms() : List.<Artifact>of()) {
          String version = String.valueOf(bom.version());
          row(registry.has(bom.key(), version, "pom"), bom.key(), framework.id(), version);
        }
        for (Artifact artifact : bound ? named(binding) : List.<Artifact>of()) {
          if (artifact.version() != null && looked.add(artifact.key())) {
            artifact(artifact, Map.of(), option.id() + " on " + framework.id());
          }
        }
      }
    }
  }

  private void artifact(Artifact artifact, Map<String, String> managed, String place) {
    String key = artifact.key();
    String own = artifact.version();
    String fromBom = managed.get(key);
    if (own == null && fromBom == null) {
      row(false, key + " has its version from the BOM", place, "the BOM does not manage it");
      return;
    }
    if (own != null && fromBom != null) {
      row(false, key + " needs a version of its own", place, "the BOM manages " + fromBom);
      return;
    }
    String version = own == null ? String.valueOf(fromBom) : own;
    if (registry.has(key, version, "jar") || registry.has(key, version, "pom")) {
      boolean jar = registry.has(key, version, "jar");
      rows.add(
          new Row(
              jar ? Outcome.HOLDS : Outcome.NOT_FETCHABLE_HERE,
              key + (own == null ? " has its version from the BOM" : " has a version of its own"),
              place,
              version));
    } else {
      rows.add(new Row(Outcome.NOT_FETCHABLE_HERE, key, place, version + " cannot be fetched"));
    }
  }

  private void limits(Probes probes, Version version, Map<String, String> managed, String place) {
    Optional<Integer> floor = floor(probes, version, managed);
    Optional<Integer> reader = reader(probes, version, managed);
    Map<String, String> languages = new TreeMap<>();
    probes
        .languages()
        .forEach((language, key) -> languages.put(language, String.valueOf(managed.get(key))));
    seen.put(place, new Seen(floor.orElse(0), reader.orElse(0), languages));
    if (floor.isEmpty() || reader.isEmpty()) {
      rows.add(new Row(Outcome.NOT_FETCHABLE_HERE, "the Java levels", place, "no class files"));
      return;
    }
    Verdicts verdicts = new Verdicts(edition);
    Brief brief = Brief.empty().with(Key.NAME, "tide-board").with(Key.FRAMEWORK, place);
    for (Level level : edition.levels()) {
      boolean readable = floor.get() <= level.level() && level.level() <= reader.get();
      boolean fits = verdicts.judge(brief.with(Key.JVM, level.version().text()), 2026).fits();
      row(
          readable == fits,
          "Java " + level.level() + (fits ? " can" : " cannot") + " be had",
          place,
          "class files of Java " + floor.get() + ", a reader for up to " + reader.get());
    }
    for (Language language : edition.languages()) {
      String own = languages.get(language.id());
      for (Version each : own == null ? List.<Version>of() : language.versions()) {
        String word = language.id() + "@" + each;
        boolean fits = verdicts.judge(brief.with(Key.LANGUAGE, word), 2026).fits();
        row(
            fits == each.text().equals(own),
            word + (fits ? " can" : " cannot") + " be had",
            place,
            "the BOM manages " + own);
      }
    }
  }

  private Optional<byte[]> probe(String probe, Version version, Map<String, String> managed) {
    String key = probe.substring(0, probe.indexOf('!'));
    String name = probe.substring(probe.indexOf('!') + 1).replace('.', '/') + ".class";
    return registry.entry(key, managed.getOrDefault(key, version.text()), name);
  }

  private Optional<Integer> floor(Probes probes, Version version, Map<String, String> managed) {
    return probe(probes.floor(), version, managed).map(Audit::levelOf);
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

  /** The constants are named after the levels, and their names stand in the class file as text. */
  private Optional<Integer> reader(Probes probes, Version version, Map<String, String> managed) {
    return probe(probes.reader(), version, managed)
        .map(
            bytes -> {
              int highest = 0;
              Matcher names = LEVEL.matcher(new String(bytes, StandardCharsets.ISO_8859_1));
              while (names.find()) {
                highest = Math.max(highest, Integer.parseInt(names.group(1)));
              }
              return highest;
            });
  }
}
