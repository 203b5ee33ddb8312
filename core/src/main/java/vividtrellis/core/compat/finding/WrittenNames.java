package vividtrellis.core.compat.finding;

import java.util.HashSet;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import vividtrellis.core.brief.Taken;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Choice;

/** What the templates of an edition call by a name, read from them: nothing has to be listed. */
final class WrittenNames {

  /** A class that a binding writes; words that stand for the entity are left in its name. */
  private static final Pattern MADE =
      Pattern.compile(
          "[^{]*\\{\\{\\w*[sS]ources}}/\\{\\{packagePath}}/(?:.*/)?([A-Z{][A-Za-z0-9{}]*)\\.[^/]*");

  private static final Pattern CODE = Pattern.compile(".*\\.(java|kt|groovy)");

  private static final Pattern IMPORT =
      Pattern.compile("import (?:static )?(?:[a-z]\\w*\\.)+([A-Z]\\w*)[\\w.;]*");

  /** What is no code: comments, texts, and what a template itself says. */
  private static final Pattern NO_CODE =
      Pattern.compile("^\\s*/?\\*.*|//.*|\"[^\"]*\"|'[^']*'|\\{\\{[^}]*}}");

  /** A name that is no part of a longer one, and no call. */
  private static final Pattern VARIABLE = Pattern.compile("(?<![.\\w@])[a-z]\\w*+(?![(.{])");

  private static final String WORD = "{{Entity}}";

  private final Edition edition;

  WrittenNames(Edition edition) {
    this.edition = edition;
  }

  /**
   * The classes that bindings write into a project. What stands before {@code Test} counts, too: so
   * the test of an entry class of that name would be called.
   */
  Set<String> types() {
    return made().stream()
        .filter(name -> !name.contains("{"))
        .collect(Collectors.toUnmodifiableSet());
  }

  Taken.Code code() {
    Set<String> seen = new HashSet<>();
    Set<String> variables = new HashSet<>();
    edition
        .templates()
        .forEach(
            (name, text) -> {
              // Elsewhere nothing of it is spoken of, so nothing can be mistaken for it.
              if (CODE.matcher(name).matches() && text.contains(WORD)) {
                text.lines().forEach(line -> names(line, seen, variables));
              }
            });
    return new Taken.Code(
        seen,
        variables,
        made().stream()
            .filter(name -> name.contains(WORD))
            .map(name -> name.replace(WORD, Taken.Code.ENTITY))
            .collect(Collectors.toSet()),
        edition.samples().stream()
            .map(Choice::entity)
            .filter(Objects::nonNull)
            .findFirst()
            .orElse(""));
  }

  private static void names(String line, Set<String> seen, Set<String> variables) {
    Matcher imported = IMPORT.matcher(line);
    if (imported.matches()) {
      seen.add(imported.group(1));
    } else if (!line.startsWith("import ") && !line.startsWith("package ")) {
      Matcher variable = VARIABLE.matcher(NO_CODE.matcher(line).replaceAll(" "));
      while (variable.find()) {
        variables.add(variable.group());
      }
    }
  }

  private Set<String> made() {
    Set<String> names = new HashSet<>();
    edition
        .options()
        .flatMap(option -> option.bindings().stream())
        .flatMap(binding -> binding.files().stream())
        .map(file -> MADE.matcher(file.path()))
        .filter(Matcher::matches)
        .forEach(
            file -> {
              names.add(file.group(1));
              names.add(file.group(1).replaceFirst("(?<=.)Test$", ""));
            });
    return names;
  }
}
