package vividtrellis.cli;

import java.io.PrintWriter;
import java.nio.charset.Charset;
import java.util.Locale;
import picocli.CommandLine.Help.Ansi;

/** Text for a terminal: signs with fall-backs, colour only where it is a terminal that wants it. */
final class Screen {

  private static final int NARROW = 60;
  private static final int WIDE = 110;

  private final PrintWriter out;
  private final Ansi ansi;
  private final boolean signs;
  private final int width;

  Screen(PrintWriter out) {
    this.out = out;
    boolean terminal = System.getenv("VIVID_STDOUT_TERMINAL") != null;
    boolean wanted = terminal && System.getenv("NO_COLOR") == null;
    this.ansi = wanted ? Ansi.ON : Ansi.OFF;
    this.signs =
        Charset.forName(System.getProperty("vivid.charset", "UTF-8"))
            .name()
            .toUpperCase(Locale.ROOT)
            .startsWith("UTF");
    this.width = terminal ? columns() : WIDE;
  }

  private static int columns() {
    String columns = System.getenv("COLUMNS");
    int found =
        columns != null && columns.matches("[1-9][0-9]{1,3}") ? Integer.parseInt(columns) : 80;
    return Math.max(NARROW, Math.min(WIDE, found));
  }

  String possible() {
    return ansi.string(signs ? "@|yellow ◆|@" : "@|yellow *|@");
  }

  String caution() {
    return ansi.string(signs ? "@|yellow ◈|@" : "@|yellow ~|@");
  }

  String impossible() {
    return ansi.string(signs ? "@|red ◇|@" : "@|red x|@");
  }

  String picked() {
    return ansi.string(signs ? "@|cyan ◉|@" : "@|cyan o|@");
  }

  String strong(String text) {
    return ansi == Ansi.ON ? "\u001b[1m" + plain(text) + "\u001b[0m" : plain(text);
  }

  String soft(String text) {
    return ansi == Ansi.ON ? "\u001b[2m" + plain(text) + "\u001b[0m" : plain(text);
  }

  /** Text from outside, without what would steer a terminal. */
  static String plain(String text) {
    return text.replaceAll("[\\p{Cc}\\p{Cf}&&[^\n]]", "\uFFFD");
  }

  void line(String text) {
    out.println(text);
  }

  /** A paragraph, folded between words and set in by some spaces. */
  void paragraph(int indent, String text) {
    StringBuilder line = new StringBuilder(" ".repeat(indent));
    for (String word : plain(text).split(" ", -1)) {
      if (line.length() > indent && line.length() + 1 + word.length() > width) {
        out.println(line);
        line = new StringBuilder(" ".repeat(indent));
      }
      line.append(line.length() > indent ? " " : "").append(word);
    }
    out.println(line);
  }

  /** Pads with spaces to a width; longer text stays whole. */
  static String pad(String text, int width) {
    return text.length() >= width ? text : text + " ".repeat(width - text.length());
  }
}
