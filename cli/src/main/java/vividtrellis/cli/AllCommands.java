package vividtrellis.cli;

import picocli.CommandLine;

/** What the topmost command is asked for by those below it. */
interface AllCommands {

  /** The command with all its commands, of which only one is read when it is run. */
  CommandLine all();
}
