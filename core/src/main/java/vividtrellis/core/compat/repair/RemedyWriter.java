package vividtrellis.core.compat.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.compat.Verdict.PatchOp;
import vividtrellis.core.compat.Verdict.Remedy;
import vividtrellis.core.compat.encoding.CompiledEdition;
import vividtrellis.core.compat.finding.Change;
import vividtrellis.core.compat.finding.Sentences;
import vividtrellis.core.version.VersionedId;

/**
 * Writes ways out as they are told: a title of the changes, and the patch that makes them.
 *
 * @param compiled knows the labels
 */
record RemedyWriter(CompiledEdition compiled) {

  /** A way in words and as a patch of the brief it starts from. */
  Remedy remedy(Way way) {
    List<PatchOp> patch = new ArrayList<>();
    List<String> titles = new ArrayList<>();
    Brief step = way.start();
    for (Change change : way.changes()) {
      patch.add(change.patch(step));
      titles.add(title(change));
      step = way.changes().size() == 1 ? way.result() : change.apply(step);
    }
    String title = titles.get(0);
    for (String next : titles.subList(1, Math.min(titles.size(), 3))) {
      String then = next.substring(0, 1).toLowerCase(Locale.ROOT) + next.substring(1);
      title = Sentences.say("remedy-and", Map.of("first", title, "then", then));
    }
    if (titles.size() > 3) {
      String more = Integer.toString(titles.size() - 3);
      title = Sentences.say("remedy-and-more", Map.of("first", title, "more", more));
    }
    return new Remedy(title, List.copyOf(patch), step);
  }

  private String title(Change change) {
    if (change instanceof Change.Set set) {
      return titleOf(set.key(), set.value());
    }
    if (change instanceof Change.Move move) {
      return titleOf(move.key(), move.value());
    }
    if (change instanceof Change.Remove remove) {
      return Sentences.say("remedy-remove", Map.of("key", remove.key().word()));
    }
    Change.Listed listed = (Change.Listed) change;
    String id = listed.in() == null ? listed.out() : listed.in();
    String code =
        listed.out() == null ? "remedy-add" : listed.in() == null ? "remedy-drop" : "remedy-swap";
    return Sentences.say(code, Map.of("label", compiled.label(String.valueOf(id))));
  }

  private String titleOf(Key key, String value) {
    VersionedId named = VersionedId.read(value);
    boolean option = key == Key.FRAMEWORK || key == Key.LANGUAGE || key == Key.BUILD;
    String code =
        key == Key.NAME
            ? "remedy-name"
            : !option
                ? "remedy-set"
                : !named.isVersioned()
                    ? "remedy-use"
                    : key == Key.FRAMEWORK ? "remedy-framework" : "remedy-language";
    return Sentences.say(
        code,
        Map.of(
            "key", key.word(),
            "value", value,
            "label", compiled.label(named.id()),
            "version", named.version()));
  }
}
