package vividtrellis.cli.files;

/** What to do where a file is there already and differs. */
public enum Clash {
  /** Leave it as it is. */
  KEEP,
  /** Put the project's in its place. */
  REPLACE,
  /** Leave it, and put the project's next to it. */
  BESIDE,
  /** Write nothing at all. */
  STOP;

  /** Decides about one file. */
  public interface Policy {
    Clash of(String path);
  }
}
