package vividtrellis.cli.interview;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vividtrellis.cli.api.CatalogAnswer.Item;
import vividtrellis.cli.api.CatalogAnswer.Level;
import vividtrellis.cli.api.CatalogAnswer.Line;
import vividtrellis.cli.api.CheckAnswer.Offer;
import vividtrellis.cli.terminal.Screen;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Key;
import vividtrellis.core.brief.Nearest;
import vividtrellis.core.version.VersionedId;

/**
 * Asks for one of several, and shows which cannot be had.
 *
 * @param options of the catalog
 */
record ChoiceStep(Key key, List<Item> options) implements InterviewStep {

  @Override
  public boolean ask(Interview interview) {
    Screen screen = interview.screen();
    List<String> words = new ArrayList<>();
    screen.line("");
    screen.line(
        screen.strong(
            key.word().substring(0, 1).toUpperCase(java.util.Locale.ROOT)
                + key.word().substring(1)));
    for (Item option : options) {
      for (String word : words(option)) {
        words.add(word);
        interview.row(
            words.size(),
            word,
            interview.refusal(key.word(), word),
            VersionedId.read(word).isVersioned() ? standing(option, word) : option.summary());
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
  private List<String> words(Item option) {
    String id = option.id();
    List<Level> levels = option.levels();
    List<Line> lines = option.lines();
    if (!lines.isEmpty()) {
      return lines.stream().map(line -> VersionedId.word(id, line.line())).toList();
    }
    return levels.isEmpty()
        ? List.of(id)
        : levels.stream().map(level -> VersionedId.word(id, level.level())).toList();
  }

  private static String standing(Item option, String word) {
    String version = VersionedId.read(word).version();
    for (Line line : option.lines()) {
      if (line.line().equals(version)) {
        return option.label() + " " + version + ", " + line.standing();
      }
    }
    for (Level level : option.levels()) {
      if (level.level().equals(version)) {
        String term = level.longTerm() ? ", long-term" : "";
        return option.label() + " " + version + term;
      }
    }
    return option.summary();
  }

  private List<String> all(Interview interview) {
    return interview.verdict().offers().stream()
        .filter(each -> each.kind().equals(key.word()))
        .map(Offer::id)
        .toList();
  }
}
