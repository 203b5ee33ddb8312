package vividtrellis.core.compat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.BriefRules;
import vividtrellis.core.brief.Complaint;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.Names;
import vividtrellis.core.compat.Verdict.Severity;

/**
 * What is to say of a brief by its names, texts and settings alone. Ways out change picks far more
 * often than names, so what was found for one set of names is kept. One thread's work.
 */
final class Naming {

  private final Set<String> dependencies;
  private final Licences licences;
  private final Map<Named, List<Draft>> known = new HashMap<>();

  /** What the answer depends on. */
  private record Named(Map<Key, String> texts, boolean licensed) {}

  /**
   * For one verdict.
   *
   * @param dependencies {@code group:artifact} of everything that a project can depend on
   * @param licences those whose text is at hand
   */
  Naming(Set<String> dependencies, Licences licences) {
    this.dependencies = dependencies;
    this.licences = licences;
  }

  /** What blocks. */
  List<Draft> faults(Brief brief) {
    return all(brief).stream().filter(draft -> draft.severity() == Severity.BLOCKER).toList();
  }

  /** What is only worth knowing. */
  List<Draft> remarks(Brief brief) {
    return all(brief).stream().filter(draft -> draft.severity() != Severity.BLOCKER).toList();
  }

  private List<Draft> all(Brief brief) {
    Map<Key, String> named = new EnumMap<>(Key.class);
    brief
        .texts()
        .forEach(
            (key, value) -> {
              if (!key.block().isEmpty()) {
                named.put(key, value);
              }
            });
    return known.computeIfAbsent(
        new Named(named, licences.isAskedFor(brief)), names -> look(brief));
  }

  private List<Draft> look(Brief brief) {
    List<Draft> faults = new ArrayList<>();
    for (Complaint complaint : BriefRules.complaints(brief)) {
      faults.add(Draft.of(complaint));
    }
    licences.fault(brief).ifPresent(faults::add);
    Names names = Names.of(brief);
    String coordinates = names.group() + ":" + names.artifact();
    if (dependencies.contains(coordinates)) {
      faults.add(
          Draft.plain(
              Severity.BLOCKER,
              "name-is-a-dependency",
              List.of(Key.NAME.pointer(), Key.GROUP.pointer()),
              Map.of("value", coordinates),
              List.of(new Change.Set(Key.NAME, names.artifact() + "-service"))));
    }
    return faults;
  }
}
