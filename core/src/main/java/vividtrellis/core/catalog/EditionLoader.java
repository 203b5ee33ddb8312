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
import java.util.TreeMap;
import java.util.function.Function;
import vividtrellis.core.catalog.InvalidEdition.Fault;
import vividtrellis.core.catalog.Options.BuildSystem;
import vividtrellis.core.catalog.Options.Category;
import vividtrellis.core.catalog.Options.Choice;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Language;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.catalog.TemplateNames.Named;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.UnreadableDocument;

/**
 * Loads an edition from its files: {@code edition.yaml} names the data files, and those templates
 * whose names only a brief fills in; all others are found by what the bindings name. Each data file
 * holds one or more of the lists {@code builds}, {@code languages}, {@code frameworks}, {@code
 * packagings}, {@code samples}, {@code layouts}, {@code categories}, {@code starters}, {@code
 * extras}, {@code bindings} and {@code rules}, and {@code retired}: what became of earlier ids.
 * Beside them lies what the audit read of each version.
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

    List<Section> sections =
        data.stream().map(name -> new Section(name, read(name), faults)).toList();
    ConditionReader conditions = ConditionReader.of(sections);
    ContributionReader contributions = new ContributionReader(conditions);
    BindingsApart apart = BindingsApart.of(sections, contributions);
    OptionReader options =
        new OptionReader(
            contributions, apart, ReadingsReader.read(evidence(), faults), this::file, origins);
    RuleReader reader = new RuleReader(conditions);
    sections.forEach(section -> readData(section, options, reader));
    apart.unused().forEach(faults::add);
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

  private void readData(Section file, OptionReader options, RuleReader reader) {
    builds.addAll(file.sections("builds", options::build));
    languages.addAll(file.sections("languages", options::language));
    frameworks.addAll(file.sections("frameworks", options::framework));
    packagings.addAll(choices(file, "packagings", options, Variable.PACKAGING));
    samples.addAll(choices(file, "samples", options, Variable.SAMPLE));
    layouts.addAll(choices(file, "layouts", options, Variable.LAYOUT));
    categories.addAll(
        file.sections("categories", each -> new Category(each.text("id"), each.text("label"))));
    starters.addAll(file.sections("starters", options::starter));
    extras.addAll(choices(file, "extras", options, Variable.EXTRA));
    file.sections("rules", section -> rules(section, reader)).forEach(rules::addAll);
    retired.putAll(file.texts("retired"));
    file.nothingElse();
  }

  private static List<Choice> choices(
      Section file, String list, OptionReader options, Variable variable) {
    return file.sections(list, section -> options.choice(section, variable));
  }

  private List<Rule> rules(Section section, RuleReader reader) {
    List<Rule> read = reader.rules(section);
    read.forEach(rule -> origins.putIfAbsent(rule.id(), section.origin()));
    return read;
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
