package vividtrellis.cli.terminal;

import picocli.CommandLine.Option;

/** How every command says what it has to say. */
public final class Printing {

  @Option(names = "--json", description = "Answer in JSON, for programs.")
  private boolean json;

  @Option(names = "--debug", description = "On a fault, print where in the code it happened.")
  @SuppressWarnings("UnusedVariable") // asked of the parser, which also works before this is set
  private boolean debug;

  public boolean json() {
    return json;
  }
}
