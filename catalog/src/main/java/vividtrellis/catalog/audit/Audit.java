package vividtrellis.catalog.audit;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vividtrellis.catalog.ShippedEdition;
import vividtrellis.catalog.audit.Row.Claim;
import vividtrellis.catalog.audit.Row.Outcome;
import vividtrellis.catalog.reach.Brought;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Contribution.Artifact;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Readings;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.version.Version;
import vividtrellis.core.version.VersionedId;

/**
 * Holds an edition against the registry: that each framework version and each artifact exists, that
 * a version comes from the BOM where the edition says so and is named where it does not, and that
 * the limits of each version are those of its class files.
 */
public final class Audit {

  private final Edition edition;
  private final Registry registry;
  private final LimitAudit limits;
  private final List<Row> rows = new ArrayList<>();

  private Audit(Edition edition, Registry registry) {
    this.edition = edition;
    this.registry = registry;
    this.limits = new LimitAudit(registry);
  }

  /**
   * What an audit comes to.
   *
   * @param rows in the order of the edition
   * @param seen framework or language version, as in {@code spring-boot@4.1.2}, to what was read
   */
  public record Report(List<Row> rows, Map<String, Readings> seen) {
    /** Rows with one outcome. */
    public List<Row> of(Outcome outcome) {
      return rows.stream().filter(row -> row.outcome() == outcome).toList();
    }

    /** The report once what was read lies beside the edition. */
    public Report written() {
      return new Report(
          rows.stream()
              .filter(row -> row.claim() != Claim.READ || row.outcome() != Outcome.FAULT)
              .toList(),
          seen);
    }
  }

  /**
   * Reads the registry that Maven itself reads.
   *
   * @param kept folder for what was fetched; a second run asks for less
   * @throws UncheckedIOException when the registry does not answer
   */
  public static Report run(Edition edition, Path kept) {
    return run(edition, ShippedEdition.inputs().mavenBase(), kept);
  }

  /** As above, with the address of the registry. */
  public static Report run(Edition edition, String base, Path kept) {
    Audit audit = new Audit(edition, new Registry(base, kept));
    try (Brought brought = new Brought(edition, base, kept.resolve("reach"))) {
      edition.frameworks().forEach(each -> audit.framework(each, brought));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    edition.languages().forEach(audit.limits::read);
    audit.limits.judge(edition);
    audit.rows.addAll(audit.limits.rows());
    return new Report(List.copyOf(audit.rows), audit.limits.seen());
  }

  private void framework(Framework framework, Brought brought) {
    String bom = framework.bom();
    if (bom == null) {
      withoutBom(framework);
      return;
    }
    for (Line line : framework.lines()) {
      Map<String, Set<String>> brings = brought.of(framework, line.versions());
      for (Version version : line.versions()) {
        String place = VersionedId.word(framework.id(), version);
        Optional<Map<String, String>> managed = brought.managed(bom, version);
        rows.add(exists(bom, version.text(), place, managed.isPresent()));
        managed.ifPresent(
            all -> {
              artifacts(framework, version, all, place);
              limits.read(framework, version, all, brings);
            });
      }
    }
  }

  /** What no list manages has a version of its own, most often that of the framework. */
  private void withoutBom(Framework framework) {
    if (framework.lines().isEmpty()) {
      ownVersions(framework);
    }
    for (Line line : framework.lines()) {
      for (Version version : line.versions()) {
        artifacts(framework, version, Map.of(), VersionedId.word(framework.id(), version));
        if (!framework.probes().isEmpty()) {
          limits.read(framework, version, Map.of(), Map.of());
        }
      }
    }
  }

  private Row exists(String key, String version, String place, boolean there) {
    Outcome outcome = there ? Outcome.HOLDS : missing(key, version).outcome();
    return new Row(outcome, Claim.EXISTS, key, "", place, version);
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
          for (Artifact artifact : named(binding, version)) {
            boolean known = framework.bom() != null || artifact.version() != null;
            if (known
                && isFor(artifact.when(), framework, version)
                && looked.putIfAbsent(artifact.key(), option.id()) == null) {
              rows.add(artifact(artifact, managed, option.id(), place));
            }
          }
          for (Artifact pom : poms(binding, version)) {
            if (looked.putIfAbsent(pom.key(), option.id()) == null) {
              rows.add(pom(pom, place));
            }
          }
        }
      }
    }
  }

  /**
   * What a binding names: dependencies with their companions, and plugins that have a version of
   * their own, as they are for a version of the framework.
   */
  private static List<Artifact> named(Contribution binding, @Nullable Version version) {
    List<Artifact> named = new ArrayList<>();
    for (Artifact artifact : binding.artifacts()) {
      named.add(artifact);
      artifact.beside().ifPresent(named::add);
    }
    for (Contribution.Plugin plugin : binding.plugins()) {
      if (plugin.version() != null) {
        String[] parts = plugin.id().split(":", -1);
        named.add(Artifact.of(parts[0], parts[1], plugin.version()));
      }
    }
    return filled(named, version);
  }

  /** Files that other projects are described by: a parent, and lists of versions. */
  private static List<Artifact> poms(Contribution binding, @Nullable Version version) {
    List<Artifact> named = new ArrayList<>(binding.boms());
    Optional.ofNullable(binding.parent()).ifPresent(named::add);
    return filled(named, version);
  }

  /** With the framework's version where they name it; what other words are in is left out. */
  private static List<Artifact> filled(List<Artifact> named, @Nullable Version version) {
    return named.stream()
        .map(each -> version == null ? each : each.filled(version.text()))
        .filter(each -> each.version() == null || !each.version().matches(".*[{$].*"))
        .toList();
  }

  private Row pom(Artifact pom, String place) {
    String version = String.valueOf(pom.version());
    return exists(pom.key(), version, place, registry.has(pom.key(), version, "pom"));
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
        for (Artifact pom : bound ? poms(binding, null) : List.<Artifact>of()) {
          rows.add(pom(pom, framework.id()));
        }
        for (Artifact artifact : bound ? named(binding, null) : List.<Artifact>of()) {
          if (artifact.version() != null && looked.add(artifact.key())) {
            rows.add(artifact(artifact, Map.of(), option.id(), framework.id()));
          }
        }
      }
    }
  }

  private Row artifact(
      Artifact artifact, Map<String, String> managed, String option, String place) {
    String key = artifact.key();
    String own = artifact.version();
    String fromBom = managed.get(key);
    Claim claim = own == null ? Claim.FROM_BOM : Claim.OWN_VERSION;
    if (own == null && fromBom == null) {
      return new Row(Outcome.FAULT, claim, key, option, place, "the BOM does not manage it");
    }
    if (own != null && fromBom != null && !own.equals(fromBom)) {
      return new Row(Outcome.FAULT, claim, key, option, place, "the BOM manages " + fromBom);
    }
    String version = own == null ? String.valueOf(fromBom) : own;
    if (registry.has(key, version, "jar")) {
      return new Row(Outcome.HOLDS, claim, key, option, place, version);
    }
    // What a BOM manages was published; only whether this registry has it is open.
    Missing missing =
        own == null
            ? new Missing(Outcome.NOT_FETCHABLE_HERE, version + " cannot be fetched")
            : missing(key, version);
    return new Row(missing.outcome(), claim, key, option, place, missing.says());
  }

  private record Missing(Outcome outcome, String says) {}

  /** What it means that a version cannot be fetched: the registry's own list of versions tells. */
  private Missing missing(String key, String version) {
    List<String> listed = registry.versions(key);
    if (listed.isEmpty()) {
      return new Missing(Outcome.FAULT, "the registry knows no such artifact");
    }
    return listed.contains(version)
        ? new Missing(Outcome.NOT_FETCHABLE_HERE, version + " is listed and cannot be fetched")
        : new Missing(
            Outcome.FAULT,
            version + " is no version of it; the newest is " + listed.get(listed.size() - 1));
  }
}
