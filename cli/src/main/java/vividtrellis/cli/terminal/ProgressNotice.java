package vividtrellis.cli.terminal;

import java.io.PrintStream;
import java.util.concurrent.TimeUnit;

/**
 * Tells a person at a terminal that an answer is still waited for, from one second on; the line is
 * gone when the answer is there. On standard error, so that it is in nobody's way.
 */
public final class ProgressNotice {

  private static final String CLEAR = "\r\u001b[K";

  private final Thread teller;

  /** Begins to wait. */
  public ProgressNotice(String what) {
    teller = new Thread(() -> tell(what, System.err), "waiting");
    teller.setDaemon(true);
    if (Terminal.isError()) {
      teller.start();
    }
  }

  private static void tell(String what, PrintStream err) {
    boolean told = false;
    try {
      for (int seconds = 1; ; seconds++) {
        TimeUnit.SECONDS.sleep(1);
        err.print(CLEAR + "Still waiting for " + Screen.plain(what) + ", " + seconds + " s");
        err.flush();
        told = true;
      }
    } catch (InterruptedException e) {
      if (told) {
        err.print(CLEAR);
        err.flush();
      }
    }
  }

  /** The answer is there, or never will be. */
  public void stop() {
    teller.interrupt();
    try {
      teller.join();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
