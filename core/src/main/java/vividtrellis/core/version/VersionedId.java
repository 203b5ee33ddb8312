package vividtrellis.core.version;

import java.util.Optional;

/**
 * How something is named that may have a version: {@code frame@4.1}, or its id alone.
 *
 * @param version as it is written; empty for none, and for none behind the sign
 */
public record VersionedId(String id, String version) {

  private static final char SIGN = '@';

  /** Reads what is written; anything can be read. */
  public static VersionedId read(String word) {
    int at = word.indexOf(SIGN);
    return at < 0
        ? new VersionedId(word, "")
        : new VersionedId(word.substring(0, at), word.substring(at + 1));
  }

  /** How an id with a version is written. */
  public static String word(String id, Object version) {
    return id + SIGN + version;
  }

  /** The version, where there is one that can be compared. */
  public Optional<Version> comparable() {
    return Version.isVersion(version) ? Optional.of(new Version(version)) : Optional.empty();
  }

  /** Whether a version is named. */
  public boolean isVersioned() {
    return !version.isEmpty();
  }

  @Override
  public String toString() {
    return version.isEmpty() ? id : word(id, version);
  }
}
