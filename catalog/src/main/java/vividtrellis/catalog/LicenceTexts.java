package vividtrellis.catalog;

import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;

/**
 * Texts of licences, as the library of the SPDX project has them. Where a licence has a place for
 * year and holder, the template has their words there; where it only shows an example of a notice,
 * as the Apache licence does in its appendix, it is left as it is.
 */
final class LicenceTexts {

  /** Names of templates that are made from a licence. */
  private static final Pattern NAME = Pattern.compile("templates/licences/([A-Za-z0-9.-]+)\\.txt");

  private static final Pattern PLACE =
      Pattern.compile(
          "Copyright \\(c\\) <year> <[^>\\n]+>[. ]*(?=\\n)"
              + "|Copyright \\(c\\) 2004-2010 by Internet Systems Consortium[^\\n]*\\n+[^\\n]*"
              + "|Copyright \\(C\\) YEAR by AUTHOR EMAIL *");

  private LicenceTexts() {}

  /** The template of a licence; empty where the name is none or the licence is not known. */
  static Optional<String> template(String name, Function<String, Optional<String>> resources) {
    var form = NAME.matcher(name);
    return form.matches()
        ? resources
            .apply("spdx/resources/stdlicenses/" + form.group(1) + ".json")
            .map(LicenceTexts::of)
        : Optional.empty();
  }

  private static String of(String json) {
    Node.Fields licence = (Node.Fields) Documents.readTrusted(json, Notation.JSON);
    String text = ((Node.Scalar) licence.get("licenseText").orElseThrow()).text();
    String filled =
        PLACE.matcher(String.valueOf(text)).replaceFirst("Copyright (c) {{{year}}} {{{holder}}}");
    StringBuilder lines = new StringBuilder();
    filled.strip().lines().forEach(line -> lines.append(line.stripTrailing()).append('\n'));
    return lines.toString();
  }
}
