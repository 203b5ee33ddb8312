package vividtrellis.core.compat.finding;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.IdList;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.Nearest;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.compat.Verdict.Severity;

/**
 * Which licences an edition has the text of, and which extras put it into a project: those with a
 * template that is named by the licence.
 */
public final class Licences {

  private static final String NAMED = "{{licence}}";

  private final Set<String> known;
  private final Set<String> extras;

  /** Those of an edition. */
  public Licences(Edition edition) {
    this.extras =
        edition.extras().stream()
            .filter(
                extra ->
                    extra.bindings().stream()
                        .flatMap(binding -> binding.files().stream())
                        .anyMatch(part -> part.template().contains(NAMED)))
            .map(extra -> extra.id())
            .collect(Collectors.toUnmodifiableSet());
    List<String> forms =
        edition.extras().stream()
            .flatMap(extra -> extra.bindings().stream())
            .flatMap(binding -> binding.files().stream())
            .map(part -> part.template())
            .filter(template -> template.contains(NAMED))
            .toList();
    this.known =
        edition.templates().keySet().stream()
            .flatMap(name -> forms.stream().map(form -> id(name, form)))
            .filter(id -> !id.isEmpty())
            .collect(Collectors.toUnmodifiableSet());
  }

  private static String id(String template, String form) {
    int at = form.indexOf(NAMED);
    String start = form.substring(0, at);
    String end = form.substring(at + NAMED.length());
    return template.startsWith(start) && template.endsWith(end)
        ? template.substring(start.length(), template.length() - end.length())
        : "";
  }

  /** SPDX ids of those whose text is at hand, in alphabetical order. */
  public List<String> ids() {
    return known.stream().sorted().toList();
  }

  /** The place of the first extra that asks for a text; -1 if none does. */
  int askedAt(Brief brief) {
    for (int at = 0; at < brief.extras().size(); at++) {
      if (extras.contains(brief.extras().get(at))) {
        return at;
      }
    }
    return -1;
  }

  /** What is wrong where the text is asked for. */
  Optional<PendingFinding> fault(Brief brief) {
    int at = askedAt(brief);
    if (at < 0) {
      return Optional.empty();
    }
    String licence = brief.get(Key.LICENCE).orElse("");
    if (known.contains(licence)) {
      return Optional.empty();
    }
    String nearest =
        known.stream()
            .filter(id -> id.equalsIgnoreCase(licence))
            .findFirst()
            .or(() -> Nearest.of(licence, ids()))
            .orElse("Apache-2.0");
    return Optional.of(
        PendingFinding.plain(
            Severity.BLOCKER,
            licence.isEmpty() ? "licence-not-named" : "licence-without-text",
            licence.isEmpty()
                ? List.of(IdList.EXTRAS.pointer(at))
                : List.of(Key.LICENCE.pointer(), IdList.EXTRAS.pointer(at)),
            Map.of("value", licence, "known", String.join(", ", ids())),
            List.of(new Change.Set(Key.LICENCE, nearest))));
  }
}
