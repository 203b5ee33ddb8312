package vividtrellis.core.compat.encoding;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.catalog.Term;

/** The starters and extras of an edition, by number: first all starters, then all extras. */
final class Switches {

  private final Edition edition;
  private final Map<String, Integer> starters = new LinkedHashMap<>();
  private final Map<String, Integer> extras = new LinkedHashMap<>();
  private final Map<String, List<String>> kindred = new HashMap<>();
  private final String[] ids;

  Switches(Edition edition) {
    this.edition = edition;
    for (Starter starter : edition.starters()) {
      starters.put(starter.id(), starters.size());
      String kin = starter.kin();
      if (kin != null) {
        kindred.computeIfAbsent(kin, any -> new ArrayList<>()).add(starter.id());
      }
    }
    for (Option option : edition.extras()) {
      extras.put(option.id(), starters.size() + extras.size());
    }
    ids = Stream.of(starters, extras).flatMap(map -> map.keySet().stream()).toArray(String[]::new);
  }

  int count() {
    return starters.size() + extras.size();
  }

  /** The number of a starter or extra; empty if the edition does not have it. */
  Optional<Integer> of(String kind, String id) {
    return Optional.ofNullable((kind.equals("extra") ? extras : starters).get(id));
  }

  /** The number of what a term asks for, which is a starter or extra of the edition. */
  int of(Term term) {
    return of(term.variable().word(), String.valueOf(term.id())).orElseThrow();
  }

  String id(int which) {
    return ids[which];
  }

  /** The starters that can stand in for one; it is among them if there is any. */
  List<String> kin(int starter) {
    String kin = edition.starters().get(starter).kin();
    return kin == null ? List.of() : kindred.getOrDefault(kin, List.of());
  }
}
