package vividtrellis.core.compat.judging;

import com.google.common.base.Splitter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.compat.Selection;
import vividtrellis.core.compat.Verdict.Severity;
import vividtrellis.core.compat.finding.Change;
import vividtrellis.core.compat.finding.PendingFinding;
import vividtrellis.core.document.Node;

/** Ports of one's own that nothing listens on, or that something else on the machine has. */
final class SettingRemarks {

  private static final List<Key> PORTS = List.of(Key.PORT, Key.MANAGEMENT_PORT);
  private static final String HIGHEST = "65535";
  private static final int LOWEST = 1024;

  private final Brief brief;
  private final Selection selection;
  private final Edition edition;
  private final List<PendingFinding> pending = new ArrayList<>();

  private SettingRemarks(Brief brief, Selection selection, Edition edition) {
    this.brief = brief;
    this.selection = selection;
    this.edition = edition;
  }

  static List<PendingFinding> of(Brief brief, Selection selection, Edition edition) {
    SettingRemarks remarks = new SettingRemarks(brief, selection, edition);
    if (PORTS.stream().anyMatch(key -> brief.get(key).isPresent())) {
      Map<String, Option> taken = remarks.taken();
      for (Key key : PORTS) {
        brief.get(key).ifPresent(port -> remarks.port(key, port, taken));
      }
    }
    return remarks.pending;
  }

  private void port(Key key, String port, Map<String, Option> taken) {
    if (picked().noneMatch(option -> bindings(option).anyMatch(each -> reads(each, key)))) {
      note(
          Severity.NOTE,
          "port-unused",
          key,
          Map.of("key", key.word()),
          List.of(new Change.Remove(key)));
      return;
    }
    Option other = taken.get(port);
    if (other != null) {
      note(
          Severity.CAUTION,
          "port-taken",
          key,
          Map.of("value", port, "label", other.about().label()),
          List.of(new Change.Set(key, free(port, taken))));
    }
  }

  private void note(
      Severity severity, String code, Key key, Map<String, String> args, List<Change> ways) {
    pending.add(PendingFinding.plain(severity, code, List.of(key.pointer()), args, ways));
  }

  /** What is picked and can have settings or services. */
  private Stream<? extends Option> picked() {
    return Stream.of(
            edition.framework(selection.framework()).stream(),
            edition.starters().stream().filter(each -> selection.starters().contains(each.id())),
            edition.extras().stream().filter(each -> selection.extras().contains(each.id())))
        .flatMap(each -> each);
  }

  private Stream<Contribution> bindings(Option option) {
    return option.bindings().stream().filter(each -> selection.holdsAll(each.when()));
  }

  private static boolean reads(Contribution binding, Key key) {
    String word = "{{" + key.word() + "}}";
    return binding.settings().values().stream()
        .flatMap(profile -> profile.values().stream())
        .anyMatch(value -> value.contains(word));
  }

  /** Where what the application talks to is looked for on one's own machine: port to who it is. */
  private Map<String, Option> taken() {
    Map<String, Option> taken = new LinkedHashMap<>();
    picked()
        .forEach(
            option ->
                bindings(option)
                    .flatMap(each -> each.services().values().values().stream())
                    .forEach(service -> ports(service).forEach(p -> taken.putIfAbsent(p, option))));
    return taken;
  }

  /** The ports of the machine in {@code [address:]here:there}. */
  private static Stream<String> ports(Node service) {
    if (service instanceof Node.Fields fields
        && fields.get("ports").orElse(null) instanceof Node.Items ports) {
      return ports.values().stream()
          .filter(Node.Scalar.class::isInstance)
          .map(each -> Splitter.on(':').splitToList(String.valueOf(((Node.Scalar) each).text())))
          .map(parts -> parts.get(Math.max(0, parts.size() - 2)));
    }
    return Stream.empty();
  }

  private String free(String port, Map<String, Option> taken) {
    List<String> own = PORTS.stream().flatMap(key -> brief.get(key).stream()).toList();
    String next = port;
    do {
      next = Integer.toString(next.equals(HIGHEST) ? LOWEST : Integer.parseInt(next) + 1);
    } while (taken.containsKey(next) || own.contains(next));
    return next;
  }
}
