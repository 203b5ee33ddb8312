package vividtrellis.cli.terminal;

import java.io.IOException;
import java.io.PrintWriter;
import java.util.List;
import org.jline.reader.EndOfFileException;
import org.jline.reader.LineReader;
import org.jline.reader.LineReaderBuilder;
import org.jline.reader.UserInterruptException;
import org.jline.reader.impl.completer.StringsCompleter;
import org.jline.terminal.Terminal;
import org.jline.terminal.TerminalBuilder;

/** Asks for lines at a terminal: with editing, and with words that the tabulator key completes. */
public final class Prompt implements AutoCloseable {

  private final Terminal terminal;

  public Prompt() throws IOException {
    // The provider that asks the system's own stty needs no native code.
    terminal = TerminalBuilder.builder().system(true).provider("exec").build();
  }

  /**
   * One answer, without space around it.
   *
   * @param prompt ends with a space
   * @param words that can be completed
   * @throws Failure when it was interrupted, or the input ended
   */
  public String ask(String prompt, List<String> words) {
    LineReader reader =
        LineReaderBuilder.builder()
            .terminal(terminal)
            .completer(new StringsCompleter(words))
            .option(LineReader.Option.DISABLE_EVENT_EXPANSION, true)
            .build();
    try {
      return reader.readLine(prompt).strip();
    } catch (UserInterruptException | EndOfFileException e) {
      throw new Failure(Failure.INTERRUPTED, "Nothing was written.", null, null);
    }
  }

  /** For what is shown between the questions. */
  public PrintWriter out() {
    return new PrintWriter(terminal.writer(), true);
  }

  @Override
  public void close() throws IOException {
    terminal.close();
  }
}
