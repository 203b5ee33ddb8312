package vividtrellis.core.document;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A document that cannot be read: wrong syntax, unknown key, wrong type, too large. What is wrong
 * with its <em>content</em> is a finding instead, never this.
 */
public final class UnreadableDocument extends RuntimeException {

  private static final long serialVersionUID = 1L;

  /**
   * As many as somebody reads; a document of nothing but faults is not answered with a longer one.
   */
  private static final int MOST_TOLD = 50;

  private final transient List<Fault> faults;

  /**
   * One thing that is wrong.
   *
   * @param pointer JSON Pointer to the place, as a fragment ({@code #/project/name}); {@code #}
   *     when the whole document is meant
   * @param detail what is wrong there, as a sentence
   * @param suggestion what to write instead; {@code null} when nothing near is known
   */
  public record Fault(String pointer, String detail, @Nullable String suggestion) {}

  /**
   * Of all faults that were found, at least one. The first are told, and how many more there are.
   */
  public UnreadableDocument(List<Fault> faults) {
    super(told(faults).stream().map(Fault::detail).collect(Collectors.joining(" ")));
    this.faults = told(faults);
  }

  private static List<Fault> told(List<Fault> faults) {
    if (faults.size() <= MOST_TOLD) {
      return List.copyOf(faults);
    }
    String more =
        "There are %d more faults; mend these first.".formatted(faults.size() - MOST_TOLD);
    return Stream.concat(faults.stream().limit(MOST_TOLD), Stream.of(new Fault("#", more, null)))
        .toList();
  }

  /** Of a fault in the document as a whole. */
  public static UnreadableDocument whole(String detail, @Nullable String suggestion) {
    return new UnreadableDocument(List.of(new Fault("#", detail, suggestion)));
  }

  /** Everything that is wrong, in the order of the document. */
  public List<Fault> faults() {
    return faults;
  }
}
