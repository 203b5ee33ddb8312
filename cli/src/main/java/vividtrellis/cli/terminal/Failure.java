package vividtrellis.cli.terminal;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.document.UnreadableDocument;

/** Something went wrong: what, where, and what to do; and the exit code that says which kind. */
public final class Failure extends RuntimeException {

  private static final long serialVersionUID = 1L;

  public static final int BLOCKED = 1;
  public static final int USAGE = 64;
  public static final int UNREADABLE = 65;
  public static final int UNREACHABLE = 69;
  public static final int INTERNAL = 70;
  public static final int CANNOT_WRITE = 73;
  public static final int LATER = 75;
  public static final int NOT_ALLOWED = 77;
  public static final int INTERRUPTED = 130;

  private final int code;
  private final @Nullable String where;
  private final @Nullable String advice;

  public Failure(int code, String what, @Nullable String where, @Nullable String advice) {
    super(what);
    this.code = code;
    this.where = where;
    this.advice = advice;
  }

  /** A new file would take the place of another. */
  public static Failure nameIsTaken(Path file) {
    return new Failure(
        CANNOT_WRITE,
        "There is a file of that name already.",
        file.toString(),
        "choose another name, or move it away");
  }

  /** A new file could not be written. */
  public static Failure cannotWrite(String what, Path file, IOException why) {
    return new Failure(
        CANNOT_WRITE,
        what + " cannot be written: " + reason(why),
        file.toString(),
        "choose a directory that is there and can be written to");
  }

  /** Why something could not be written or read, in words. */
  public static String reason(IOException e) {
    if (e instanceof NoSuchFileException || e instanceof NotDirectoryException) {
      return "there is no such directory";
    }
    if (e instanceof AccessDeniedException) {
      return "it is not allowed";
    }
    if (e instanceof FileSystemException known && known.getReason() != null) {
      return known.getReason();
    }
    return e.getMessage() == null ? "the system gives no reason" : e.getMessage();
  }

  public int code() {
    return code;
  }

  /** For standard error: one line each for what, where and what to do. */
  public String text() {
    StringBuilder text = new StringBuilder("vivid: ").append(Screen.plain(getMessage()));
    if (where != null) {
      text.append("\n  where: ").append(Screen.plain(where));
    }
    if (advice != null) {
      text.append("\n  do:    ").append(Screen.plain(advice));
    }
    return text.toString();
  }

  /** A brief that was read here and is none. */
  public static Failure unreadable(UnreadableDocument e) {
    UnreadableDocument.Fault first = e.faults().get(0);
    StringBuilder what = new StringBuilder("The brief cannot be read");
    e.faults()
        .forEach(f -> what.append("\n  ").append(f.pointer()).append("  ").append(f.detail()));
    return new Failure(UNREADABLE, what.toString(), first.pointer(), first.suggestion());
  }
}
