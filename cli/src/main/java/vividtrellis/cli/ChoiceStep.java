package vividtrellis.cli;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.Nearest;
import vividtrellis.core.version.VersionedId;

/**
 * Asks for one of several, and shows which cannot be had.
 *
 * @param options of the catalog
 */
record ChoiceStep(Key key, List<Json> options) implements Interview.Step {

  @Override
  public boolean ask(Interview interview) {
    Screen screen = interview.screen();
    List<String> words = new ArrayList<>();
    screen.line("");
    screen.line(
        screen.strong(
            key.word().substring(0, 1).toUpperCase(java.util.Locale.ROOT)
                + key.word().substring(1)));
    for (Json option : options) {
      for (String word : words(option)) {
        words.add(word);
        interview.row(
            words.size(),
            word,
            interview.refusal(key.word(), word),
            VersionedId.read(word).isVersioned() ? standing(option, word) : option.text("summary"));
      }
    }
    List<String> all = all(interview);
    String preset = interview.value(key);
    while (true) {
      String answer =
          interview.ask(key.word() + (preset.isEmpty() ? ": " : " [" + preset + "]: "), all);
      if (answer.equals(Interview.BACK)) {
        return false;
      }
      if (answer.isEmpty()) {
        return true;
      }
      String word = Interview.chosen(answer, words);
      if (!all.contains(word)) {
        String near = Nearest.of(word, all).map(each -> "; did you mean " + each + "?").orElse(".");
        screen.told(screen.impossible(), "There is no " + word + near);
        continue;
      }
      Optional<String> refusal = interview.refusal(key.word(), word);
      if (refusal.isPresent()) {
        screen.told(screen.impossible(), refusal.get());
        continue;
      }
      Brief changed = interview.brief().with(key, word);
      if (interview.take(changed, key.pointer())) {
        return true;
      }
    }
  }

  /** The words that are shown: lines of a framework and levels of a language, not each version. */
  private List<String> words(Json option) {
    String id = option.text("id");
    List<Json> levels = option.list("levels");
    List<Json> lines = option.list("lines");
    if (!lines.isEmpty()) {
      return lines.stream().map(line -> VersionedId.word(id, line.text("line"))).toList();
    }
    return levels.isEmpty()
        ? List.of(id)
        : levels.stream().map(level -> VersionedId.word(id, level.text("level"))).toList();
  }

  private static String standing(Json option, String word) {
    String version = VersionedId.read(word).version();
    for (Json line : option.list("lines")) {
      if (line.text("line").equals(version)) {
        return option.text("label") + " " + version + ", " + line.text("standing");
      }
    }
    for (Json level : option.list("levels")) {
      if (level.text("level").equals(version)) {
        String term = level.text("longTerm").equals("true") ? ", long-term" : "";
        return option.text("label") + " " + version + term;
      }
    }
    return option.text("summary");
  }

  private List<String> all(Interview interview) {
    return interview.verdict().list("offers").stream()
        .filter(each -> each.text("kind").equals(key.word()))
        .map(each -> each.text("id"))
        .toList();
  }
}
