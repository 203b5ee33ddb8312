package vividtrellis.core.brief;

import java.util.Arrays;
import java.util.Optional;

/** The single-valued picks of a brief, in the order in which a brief is written. */
public enum Key {
  NAME("/project/name"),
  GROUP("/project/group"),
  TITLE("/project/title"),
  SUMMARY("/project/summary"),
  PACKAGE("/project/package"),
  ENTRY("/project/entry"),
  DATABASE("/project/database"),
  VERSION("/project/version"),
  ORGANISATION("/project/organisation"),
  LICENCE("/project/licence"),
  YEAR("/project/year"),
  BUILD("/build"),
  LANGUAGE("/language"),
  JVM("/jvm"),
  JDK("/jdk"),
  ALONGSIDE("/alongside"),
  FRAMEWORK("/framework"),
  PACKAGING("/packaging"),
  PORT("/settings/port"),
  FORMAT("/settings/format"),
  MIRROR("/settings/mirror"),
  THREADS("/settings/threads"),
  MANAGEMENT_PORT("/settings/managementPort"),
  SAMPLE("/sample"),
  ENTITY("/entity"),
  LAYOUT("/layout"),
  EDITION("/edition");

  private final String pointer;

  Key(String pointer) {
    this.pointer = pointer;
  }

  /** The JSON Pointer of this pick in a brief. */
  public String pointer() {
    return pointer;
  }

  /** The last part of the pointer: the word for it on a command line. */
  public String word() {
    return pointer.substring(pointer.lastIndexOf('/') + 1);
  }

  /** The mapping it stands in: {@code project}, {@code settings} or empty for the brief itself. */
  public String block() {
    int end = pointer.lastIndexOf('/');
    return end == 0 ? "" : pointer.substring(1, end);
  }

  /** The key for a word; {@code project.name} and {@code name} mean the same. */
  public static Optional<Key> of(String word) {
    return Arrays.stream(values())
        .filter(key -> key.word().equals(word) || key.dotted().equals(word))
        .findFirst();
  }

  /** The key whose pick stands at a pointer. */
  public static Optional<Key> at(String pointer) {
    return Arrays.stream(values()).filter(key -> key.pointer.equals(pointer)).findFirst();
  }

  private String dotted() {
    return pointer.substring(1).replace('/', '.');
  }
}
