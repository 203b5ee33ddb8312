package vividtrellis.cli.terminal;

import java.io.PrintWriter;
import java.nio.charset.Charset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import picocli.CommandLine.Help.Ansi;

/** Text for a terminal: signs with fall-backs, colour only where it is a terminal that wants it. */
public final class Screen {

  private static final int NARROW = 60;
  private static final int WIDE = 110;

  private final PrintWriter out;
  private final Ansi ansi;
  private final boolean signs;
  private final boolean terminal;
  private final int width;

  public Screen(PrintWriter out) {
    this.out = out;
    this.terminal = Terminal.isOutput();
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
    boolean known = columns != null && columns.matches("[1-9][0-9]{1,3}");
    return Math.max(NARROW, known ? Integer.parseInt(columns) : 80);
  }

  /** Whether a person looks at it; else it goes to a file or another program. */
  public boolean isTerminal() {
    return terminal;
  }

  /** How many signs stand side by side; for what goes to a file or a program, any number does. */
  public int width() {
    return terminal ? width : Integer.MAX_VALUE;
  }

  public String possible() {
    return ansi.string(signs ? "@|yellow ◆|@" : "@|yellow *|@");
  }

  public String caution() {
    return ansi.string(signs ? "@|yellow ◈|@" : "@|yellow ~|@");
  }

  public String impossible() {
    return ansi.string(signs ? "@|red ◇|@" : "@|red x|@");
  }

  public String picked() {
    return ansi.string(signs ? "@|cyan ◉|@" : "@|cyan o|@");
  }

  /** Picked, and not possible. */
  public String pickedAtFault() {
    return ansi.string(signs ? "@|red ◉|@" : "@|red O|@");
  }

  /** For what is only good to know: no joint of the trellis. */
  public String note() {
    return ansi.string(signs ? "@|cyan ·|@" : "@|cyan -|@");
  }

  public String strong(String text) {
    return ansi == Ansi.ON ? "\u001b[1m" + plain(text) + "\u001b[0m" : plain(text);
  }

  public String soft(String text) {
    return ansi == Ansi.ON ? "\u001b[2m" + plain(text) + "\u001b[0m" : plain(text);
  }

  /** Text from outside, without what would steer a terminal. */
  public static String plain(String text) {
    return text.replaceAll("[\\p{Cc}\\p{Cf}&&[^\n]]", "\uFFFD");
  }

  /** A line of a unified diff: as it is for a program, coloured and harmless for a person. */
  public void diff(String text) {
    if (!terminal) {
      out.println(text);
      return;
    }
    String shown = plain(text.replace("\t", "    "));
    int colour =
        shown.startsWith("+") ? 32 : shown.startsWith("-") ? 31 : shown.startsWith("@") ? 36 : 0;
    out.println(
        ansi == Ansi.ON && colour > 0 ? "\u001b[" + colour + "m" + shown + "\u001b[0m" : shown);
  }

  public void line(String text) {
    out.println(text);
  }

  /** A paragraph, folded between words and set in by some spaces. */
  public void paragraph(int indent, String text) {
    fold(" ".repeat(indent), indent, Math.min(width, WIDE), text).forEach(out::println);
  }

  /** A row whose last column is folded below itself; in a file it stays on one line. */
  public void row(String start, String last) {
    if (!terminal) {
      out.println((start + plain(last)).stripTrailing());
      return;
    }
    int indent = start.replaceAll("\u001b\\[[0-9;]*m", "").length();
    List<String> lines = fold("", 0, Math.max(24, width - indent), last);
    for (int i = 0; i < lines.size(); i++) {
      out.println((i == 0 ? start : " ".repeat(indent)) + soft(lines.get(i)));
    }
  }

  /** A sign and what there is to say, folded behind it. */
  public void told(String sign, String text) {
    List<String> lines = fold("", 0, Math.max(24, Math.min(width, WIDE) - 4), text);
    for (int i = 0; i < lines.size(); i++) {
      out.println((i == 0 ? "  " + sign + " " : "    ") + lines.get(i));
    }
  }

  private static List<String> fold(String start, int indent, int width, String text) {
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder(start);
    for (String word : plain(text).split(" ", -1)) {
      if (line.length() > indent && line.length() + 1 + word.length() > width) {
        lines.add(line.toString());
        line = new StringBuilder(" ".repeat(indent));
      }
      line.append(line.length() > indent ? " " : "").append(word);
    }
    lines.add(line.toString());
    return lines;
  }

  /** Pads with spaces to a width; longer text stays whole. */
  public static String pad(String text, int width) {
    return text.length() >= width ? text : text + " ".repeat(width - text.length());
  }
}
