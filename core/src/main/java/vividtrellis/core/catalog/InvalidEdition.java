package vividtrellis.core.catalog;

import java.util.List;
import java.util.stream.Collectors;

/** An edition that must not be served, with everything that is wrong in it. */
public final class InvalidEdition extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final transient List<Fault> faults;

  /**
   * One thing that is wrong.
   *
   * @param file name of the file in the edition
   * @param line counted from 1; 0 where the whole file is meant
   * @param reason what is wrong and what was expected
   */
  public record Fault(String file, int line, String reason) {
    @Override
    public String toString() {
      return file + ":" + line + ": " + reason;
    }
  }

  /**
   * Says what is wrong.
   *
   * @param faults at least one
   */
  public InvalidEdition(List<Fault> faults) {
    super(faults.stream().map(Fault::toString).collect(Collectors.joining("\n")));
    this.faults = List.copyOf(faults);
  }

  /** Everything that is wrong, by file and line. */
  public List<Fault> faults() {
    return faults;
  }
}
