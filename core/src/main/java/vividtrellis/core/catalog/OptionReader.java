package vividtrellis.core.catalog;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vividtrellis.core.catalog.InvalidEdition.Fault;
import vividtrellis.core.catalog.Options.About;
import vividtrellis.core.catalog.Options.BuildSystem;
import vividtrellis.core.catalog.Options.Choice;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Module;
import vividtrellis.core.catalog.Options.Probe;
import vividtrellis.core.catalog.Options.Reads;
import vividtrellis.core.catalog.Options.Stack;
import vividtrellis.core.catalog.Options.Standing;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.version.Version;

/** Reads the entries of the lists of a data file: all that can be picked. */
final class OptionReader {

  private final ContributionReader contributions;
  private final BindingsApart apart;
  private final ReadingsReader readings;
  private final Function<String, String> files;

  /** Where the option of an id stands, as a fault of its own, without a reason. */
  private final Map<String, Fault> origins;

  OptionReader(
      ContributionReader contributions,
      BindingsApart apart,
      ReadingsReader readings,
      Function<String, String> files,
      Map<String, Fault> origins) {
    this.contributions = contributions;
    this.apart = apart;
    this.readings = readings;
    this.files = files;
    this.origins = origins;
  }

  BuildSystem build(Section section) {
    return new BuildSystem(about(section), versions(section), bindings(section, Variable.BUILD));
  }

  Language language(Section section) {
    List<Level> levels =
        section.sections(
            "levels",
            each -> Level.of(wholeNumber(each, "level"), "yes".equals(each.optional("long-term"))));
    List<Version> versions = section.parsed("versions", Version::new);
    if (levels.isEmpty() == versions.isEmpty()) {
      section.fault("a language has either 'levels' or 'versions'");
    }
    About about = about(section);
    return new Language(
        about,
        levels,
        versions,
        Set.copyOf(section.parsed("reserved-words", Function.identity())),
        probes(section),
        readings.of(about.id()),
        bindings(section, Variable.LANGUAGE));
  }

  Framework framework(Section section) {
    List<Line> lines = section.sections("lines", OptionReader::line);
    String taken = section.optional("taken-types");
    Set<String> types =
        taken == null
            ? Set.of()
            : files
                .apply(taken)
                .lines()
                .filter(line -> !line.startsWith("#"))
                .collect(Collectors.toUnmodifiableSet());
    About about = about(section);
    Set<String> fills = Set.copyOf(section.parsed("fills", Function.identity()));
    if (!fills.stream().allMatch(form -> form.matches("[^A-Za-z]+word[^A-Za-z]*"))) {
      section.fault(section.at("fills"), "'fills' holds signs around 'word', as in @word@");
    }
    return new Framework(
        about,
        lines,
        types,
        Set.copyOf(section.parsed("packages", Function.identity())),
        fills,
        modules(section),
        Settings.read(section),
        section.sections("stacks", OptionReader::stack),
        section.optional("bom"),
        probes(section),
        section.texts("manages"),
        readings.of(about.id()),
        bindings(section, Variable.FRAMEWORK));
  }

  private static List<Module> modules(Section section) {
    List<Module> modules =
        section.sections(
            "modules",
            each -> new Module(each.text("id"), each.parsed("needs", Function.identity())));
    Set<String> before = new HashSet<>();
    for (Module module : modules) {
      if (!module.id().matches("[a-z][a-z0-9-]{0,29}") || before.contains(module.id())) {
        section.fault(
            section.at("modules"),
            "'%s' is no name of a module of its own: small letters, digits and dashes"
                .formatted(module.id()));
      }
      if (!before.containsAll(module.needs())) {
        section.fault(
            section.at("modules"),
            "the module '%s' needs %s; it can need those before it: %s"
                .formatted(module.id(), module.needs(), before));
      }
      before.add(module.id());
    }
    return modules;
  }

  private static Stack stack(Section section) {
    return new Stack(
        section.text("id"),
        section.text("label"),
        section.parsed("by", Function.identity()),
        section.parsed("with", Function.identity()));
  }

  private static List<Probe> probes(Section section) {
    return section.sections(
        "probes",
        each -> {
          String word = each.text("reads");
          String[] place = each.text("class").split("!", -1);
          Optional<Reads> reads =
              Stream.of(Reads.values()).filter(one -> one.word().equals(word)).findFirst();
          if (reads.isEmpty()) {
            each.fault(each.at("reads"), "'reads' is floor, reader, mock-reader or target");
          }
          if (place.length != 2 || !place[0].matches("[^:]+:[^:]+(:[^:]+)?")) {
            each.fault(
                each.at("class"),
                "'class' is group:artifact!package.Class, or"
                    + " group:artifact:classifier!package.Class");
          }
          String of = each.optional("of");
          if (of != null && !of.equals("level") && !(of.equals("jdk") && word.equals("floor"))) {
            each.fault(each.at("of"), "'of' is level, or jdk for a floor");
          }
          return new Probe(
              reads.orElse(Reads.FLOOR), "jdk".equals(of), place[0], place[place.length - 1]);
        });
  }

  private static Line line(Section section) {
    String word = section.text("standing");
    Standing standing =
        switch (word) {
          case "supported" -> Standing.SUPPORTED;
          case "past" -> Standing.PAST;
          default -> Standing.PRE_RELEASE;
        };
    if (standing == Standing.PRE_RELEASE && !word.equals("pre-release")) {
      section.fault(section.at("standing"), "'standing' is supported, past or pre-release");
    }
    String until = section.optional("until");
    if (until != null && !until.matches("20[0-9]{2}-(0[1-9]|1[0-2])")) {
      section.fault(section.at("until"), "'until' is a month, as in 2026-12");
    }
    if (until == null && standing == Standing.PAST) {
      section.fault("a line that is past support says since when: until: 2026-06");
    }
    ConditionReader.traits(section);
    return new Line(
        section.text("line"),
        standing,
        until,
        "yes".equals(section.optional("estimated")),
        "yes".equals(section.optional("long-term")),
        section.text("source"),
        ConditionReader.standards(section),
        versions(section));
  }

  Choice choice(Section section, Variable variable) {
    return new Choice(
        about(section),
        section.parsed("search", Function.identity()),
        section.optional("standard"),
        section.optional("entity"),
        bindings(section, variable));
  }

  Starter starter(Section section) {
    return new Starter(
        about(section),
        section.text("verb"),
        section.text("category"),
        section.optional("kin"),
        section.optional("serves"),
        section.parsed("search", Function.identity()),
        bindings(section, Variable.STARTER));
  }

  private About about(Section section) {
    About about =
        new About(
            section.text("id"),
            section.text("label"),
            section.text("summary"),
            section.text("documentation"),
            "yes".equals(section.optional("planned")));
    if (!about.id().matches("[a-z][a-z0-9-]{0,49}")) {
      section.fault(section.at("id"), "an id is made of small letters, digits and dashes");
    }
    if (!about.documentation().startsWith("https://")) {
      section.fault(section.at("documentation"), "'documentation' is an address: https://…");
    }
    ConditionReader.traits(section);
    origins.putIfAbsent(about.id(), section.origin());
    return about;
  }

  private List<Contribution> bindings(Section section, Variable variable) {
    List<Contribution> all = new ArrayList<>();
    section.sections("bindings", contributions::read).forEach(all::addAll);
    all.addAll(apart.of(variable, section.text("id")));
    return all;
  }

  private static List<Version> versions(Section section) {
    List<Version> versions = section.parsed("versions", Version::new);
    if (versions.isEmpty()) {
      section.fault("at least one version is needed");
    }
    return versions;
  }

  private static int wholeNumber(Section section, String key) {
    String text = section.text(key);
    if (!text.matches("[0-9]{1,4}")) {
      section.fault(section.at(key), "'" + key + "' must be a whole number");
      return 0;
    }
    return Integer.parseInt(text);
  }
}
