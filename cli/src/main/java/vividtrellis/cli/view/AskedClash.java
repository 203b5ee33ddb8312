package vividtrellis.cli.view;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.Charset;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vividtrellis.cli.files.Clash;
import vividtrellis.cli.terminal.Screen;

/** Asks at the terminal what is to become of a file that is there and differs. */
public final class AskedClash implements Clash.Policy {

  private static final Map<String, Clash> ANSWERS =
      Map.of("k", Clash.KEEP, "r", Clash.REPLACE, "b", Clash.BESIDE, "s", Clash.STOP);

  private final PrintWriter out;
  private final BufferedReader in =
      new BufferedReader(new InputStreamReader(System.in, Charset.defaultCharset()));
  private @Nullable Clash forAll;

  public AskedClash(PrintWriter out) {
    this.out = out;
  }

  @Override
  public Clash of(String path) {
    if (forAll != null) {
      return forAll;
    }
    while (true) {
      out.print(Screen.plain(path) + " is there and differs: [k]eep it, [r]eplace it, put the new");
      out.print(" one [b]eside it, [s]top? A capital letter for all. ");
      out.flush();
      String answer = line();
      Clash clash = ANSWERS.get(answer.toLowerCase(Locale.ROOT));
      if (clash != null) {
        boolean all = clash == Clash.STOP || Character.isUpperCase(answer.charAt(0));
        forAll = all ? clash : null;
        return clash;
      }
      out.println("  Type k, r, b or s; or K, R, B or S for this one and all that follow.");
    }
  }

  /** What was typed; the end of the input stops. */
  private String line() {
    try {
      String line = in.readLine();
      return line == null ? "s" : line.strip();
    } catch (IOException e) {
      return "s";
    }
  }
}
