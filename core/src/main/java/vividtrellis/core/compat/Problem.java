package vividtrellis.core.compat;

import java.util.List;
import java.util.Set;
import vividtrellis.core.version.Version;

/**
 * What is to be solved: for every variable its values in order of preference, and the starters.
 *
 * @param growing whether starters that are not picked may be added to satisfy a rule. Filling in
 *     never does; offers do, for they ask whether <em>any</em> full solution exists.
 */
record Problem(
    List<Versioned> builds,
    List<Versioned> frameworks,
    List<Versioned> levels,
    List<Version> jdks,
    List<String> packagings,
    List<String> samples,
    List<String> layouts,
    Set<String> starters,
    Set<String> extras,
    boolean growing) {

  /** An option at one of its versions; for a language, the version is its Java level. */
  record Versioned(String id, Version version) {
    @Override
    public String toString() {
      return id + "@" + version;
    }
  }
}
