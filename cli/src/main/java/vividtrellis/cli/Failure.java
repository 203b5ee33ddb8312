package vividtrellis.cli;

import org.jspecify.annotations.Nullable;

/** Something went wrong: what, where, and what to do; and the exit code that says which kind. */
final class Failure extends RuntimeException {

  private static final long serialVersionUID = 1L;

  static final int BLOCKED = 1;
  static final int USAGE = 64;
  static final int UNREADABLE = 65;
  static final int UNREACHABLE = 69;
  static final int INTERNAL = 70;
  static final int CANNOT_WRITE = 73;
  static final int LATER = 75;
  static final int NOT_ALLOWED = 77;

  private final int code;
  private final @Nullable String where;
  private final @Nullable String advice;

  Failure(int code, String what, @Nullable String where, @Nullable String advice) {
    super(what);
    this.code = code;
    this.where = where;
    this.advice = advice;
  }

  int code() {
    return code;
  }

  /** For standard error: one line each for what, where and what to do. */
  String text() {
    StringBuilder text = new StringBuilder("vivid: ").append(Screen.plain(getMessage()));
    if (where != null) {
      text.append("\n  where: ").append(Screen.plain(where));
    }
    if (advice != null) {
      text.append("\n  do:    ").append(Screen.plain(advice));
    }
    return text.toString();
  }
}
