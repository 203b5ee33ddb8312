package vividtrellis.core.catalog;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vividtrellis.core.catalog.InvalidEdition.Fault;
import vividtrellis.core.catalog.Options.About;
import vividtrellis.core.catalog.Options.BuildSystem;
import vividtrellis.core.catalog.Options.Category;
import vividtrellis.core.catalog.Options.Choice;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Level;
import vividtrellis.core.catalog.Options.Line;
import vividtrellis.core.catalog.Options.Probe;
import vividtrellis.core.catalog.Options.Reads;
import vividtrellis.core.catalog.Options.Stack;
import vividtrellis.core.catalog.Options.Standing;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.catalog.TemplateNames.Named;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.UnreadableDocument;
import vividtrellis.core.version.Version;

/**
 * Loads an edition from its files: {@code edition.yaml} names the data files, and those templates
 * whose names only a brief fills in; all others are found by what the bindings name. Each data file
 * holds one or more of the lists {@code builds}, {@code languages}, {@code frameworks}, {@code
 * packagings}, {@code samples}, {@code layouts}, {@code categories}, {@code starters}, {@code
 * extras} and {@code rules}, and {@code retired}: what became of earlier ids. Beside them lies what
 * the audit read of each version.
 */
public final class EditionLoader {

  private final Function<String, Optional<String>> files;
  private final List<Fault> faults = new ArrayList<>();
  private final MessageDigest digest = sha256();

  private final List<BuildSystem> builds = new ArrayList<>();
  private final List<Language> languages = new ArrayList<>();
  private final List<Framework> frameworks = new ArrayList<>();
  private final List<Choice> packagings = new ArrayList<>();
  private final List<Choice> samples = new ArrayList<>();
  private final List<Choice> layouts = new ArrayList<>();
  private final List<Category> categories = new ArrayList<>();
  private final List<Starter> starters = new ArrayList<>();
  private final List<Choice> extras = new ArrayList<>();
  private final List<Rule> rules = new ArrayList<>();
  private final Map<String, String> retired = new LinkedHashMap<>();

  /** What the audit read of each version; nothing where there was none yet. */
  private ReadingsReader readings = ReadingsReader.NONE;

  /** Where the option or rule of an id stands, as a fault of its own, without a reason. */
  private final Map<String, Fault> origins = new LinkedHashMap<>();

  private EditionLoader(Function<String, Optional<String>> files) {
    this.files = files;
  }

  /**
   * Loads and validates.
   *
   * @param files name of a file below the edition's folder to its text, if there is such a file
   * @throws InvalidEdition with every fault that was found
   */
  public static Edition load(Function<String, Optional<String>> files) {
    return new EditionLoader(files).load();
  }

  private Edition load() {
    Section index = new Section("edition.yaml", read("edition.yaml"), faults);
    String id = index.text("edition");
    List<String> data = index.parsed("files", Function.identity());
    List<String> sources = index.parsed("templates", Function.identity());
    index.nothingElse();

    readings = ReadingsReader.read(evidence(), faults);
    data.forEach(this::readData);
    Map<String, String> templates = new LinkedHashMap<>();
    sources.forEach(name -> templates.put(name, file("templates/" + name)));
    List<Named> named = TemplateNames.of(edition("", id, Map.of(), Reach.NONE));
    named.stream()
        .filter(each -> !each.isOpen() && !templates.containsKey(each.name()))
        .forEach(
            each -> template(each).ifPresent(template -> templates.put(each.name(), template)));

    Reach reach =
        files
            .apply(ReachReader.FILE)
            .map(text -> ReachReader.read(ReachReader.FILE, text))
            .orElse(Reach.NONE);
    Edition edition = edition(HexFormat.of().formatHex(digest.digest()), id, templates, reach);
    faults.addAll(EditionValidator.faults(edition, origins));
    if (!faults.isEmpty()) {
      throw new InvalidEdition(faults);
    }
    return edition;
  }

  private Edition edition(String identity, String id, Map<String, String> templates, Reach reach) {
    return new Edition(
        id,
        identity,
        List.copyOf(builds),
        List.copyOf(languages),
        List.copyOf(frameworks),
        List.copyOf(packagings),
        List.copyOf(samples),
        List.copyOf(layouts),
        List.copyOf(categories),
        List.copyOf(starters),
        List.copyOf(extras),
        List.copyOf(rules),
        Map.copyOf(templates),
        Map.copyOf(retired),
        reach);
  }

  private Optional<String> template(Named named) {
    String file = "templates/" + named.name();
    if (files.apply(file).isPresent()) {
      return Optional.of(file(file));
    }
    Fault origin = origins.getOrDefault(named.of(), new Fault(named.of(), 0, ""));
    String words =
        named.words().isEmpty() ? "" : ", which it asks for with " + new TreeMap<>(named.words());
    faults.add(
        new Fault(
            origin.file(),
            origin.line(),
            "%s: there is no template '%s'%s; write the file %s, or say with 'when' that it is not asked for"
                .formatted(named.of(), named.name(), words, file)));
    return Optional.empty();
  }

  private void readData(String name) {
    Section file = new Section(name, read(name), faults);
    builds.addAll(file.sections("builds", this::build));
    languages.addAll(file.sections("languages", this::language));
    frameworks.addAll(file.sections("frameworks", this::framework));
    packagings.addAll(file.sections("packagings", this::choice));
    samples.addAll(file.sections("samples", this::choice));
    layouts.addAll(file.sections("layouts", this::choice));
    categories.addAll(
        file.sections("categories", each -> new Category(each.text("id"), each.text("label"))));
    starters.addAll(file.sections("starters", this::starter));
    extras.addAll(file.sections("extras", this::choice));
    file.sections("rules", this::rules).forEach(rules::addAll);
    retired.putAll(file.texts("retired"));
    file.nothingElse();
  }

  private List<Rule> rules(Section section) {
    List<Rule> read = RuleReader.rules(section);
    read.forEach(rule -> origins.putIfAbsent(rule.id(), section.origin()));
    return read;
  }

  private BuildSystem build(Section section) {
    return new BuildSystem(about(section), versions(section), bindings(section));
  }

  private Language language(Section section) {
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
        bindings(section));
  }

  private Framework framework(Section section) {
    List<Line> lines = section.sections("lines", EditionLoader::line);
    String taken = section.optional("taken-types");
    Set<String> types =
        taken == null
            ? Set.of()
            : file(taken)
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
        Settings.read(section),
        section.sections("stacks", EditionLoader::stack),
        section.optional("bom"),
        probes(section),
        section.texts("manages"),
        readings.of(about.id()),
        bindings(section));
  }

  private static Stack stack(Section section) {
    return new Stack(
        section.text("id"), section.text("label"), section.parsed("by", Function.identity()));
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
          if (place.length != 2 || !place[0].matches("[^:]+:[^:]+")) {
            each.fault(each.at("class"), "'class' is group:artifact!package.Class");
          }
          return new Probe(reads.orElse(Reads.FLOOR), place[0], place[place.length - 1]);
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
    String servlet = section.optional("servlet");
    if (servlet != null && !Version.isVersion(servlet)) {
      section.fault(section.at("servlet"), "'servlet' is a version, as in 6.1");
      servlet = null;
    }
    return new Line(
        section.text("line"),
        standing,
        until,
        "yes".equals(section.optional("estimated")),
        section.text("source"),
        servlet == null ? null : new Version(servlet),
        versions(section));
  }

  private Choice choice(Section section) {
    return new Choice(
        about(section), section.parsed("search", Function.identity()), bindings(section));
  }

  private Starter starter(Section section) {
    return new Starter(
        about(section),
        section.text("verb"),
        section.text("category"),
        section.optional("kin"),
        section.optional("serves"),
        section.parsed("search", Function.identity()),
        bindings(section));
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
    origins.putIfAbsent(about.id(), section.origin());
    return about;
  }

  private static List<Contribution> bindings(Section section) {
    return section.sections("bindings", ContributionReader::contribution);
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

  /** What an audit wrote beside the data; an edition that was never audited has no such file. */
  private Node evidence() {
    return files.apply(ReadingsReader.FILE).isPresent() ? read(ReadingsReader.FILE) : Node.fields();
  }

  private Node read(String name) {
    try {
      return Documents.readTrusted(file(name), Notation.YAML);
    } catch (UnreadableDocument e) {
      faults.add(new Fault(name, 0, String.valueOf(e.getMessage())));
      return Node.fields();
    }
  }

  private String file(String name) {
    Optional<String> text = files.apply(name);
    if (text.isEmpty()) {
      faults.add(new Fault(name, 0, "there is no such file in the edition"));
      return "";
    }
    digest.update((name + "\0").getBytes(StandardCharsets.UTF_8));
    digest.update(text.get().getBytes(StandardCharsets.UTF_8));
    return text.get();
  }

  private static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java platform has SHA-256", e);
    }
  }
}
