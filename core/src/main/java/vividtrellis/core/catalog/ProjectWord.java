package vividtrellis.core.catalog;

import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The words that templates and values of bindings can hold without any binding giving them a value:
 * {@code {{artifact}}} and the like. Besides them there are those that bindings give, and for each
 * standard of a framework's lines its name with {@code Level}.
 */
public enum ProjectWord {
  ARTIFACT("artifact", "the name of the project, as an artifact"),
  GROUP("group", "the group"),
  VERSION("version", "the version of the project"),
  TITLE("title", "the name for people"),
  SUMMARY("summary", "one sentence; the title where none was given"),
  SUMMARY_GIVEN("summaryGiven", "the same, empty where none was given"),
  PACKAGE("package", "the package"),
  PACKAGE_PATH("packagePath", "the same with slashes"),
  ENTRY_CLASS("entryClass", "the class that starts it"),
  DATABASE("database", "the name of its database"),
  HOLDER("holder", "who holds the copyright"),
  LICENCE("licence", "the SPDX id of its licence; empty for none"),
  YEAR("year", "the year of the copyright"),
  LEVEL("level", "the Java level"),
  CROSS_LEVEL("crossLevel", "the same where the JDK is a newer one; else empty"),
  JDK("jdk", "the lowest JDK that builds and runs it"),
  JDK_RANGE("jdkRange", "all that do, as [17,25)"),
  NEWEST_JDK("newestJdk", "the newest that does; empty where that is open"),
  JDKS("jdks", "those to test with, each in quotes, with commas"),
  LANGUAGE_VERSION("languageVersion", "the version of the language; empty where that is the level"),
  LANGUAGE_OVERRIDE("languageOverride", "the same where the framework comes with another one"),
  ALONGSIDE_VERSION("alongsideVersion", "the version of the second language; empty for none"),
  ALONGSIDE_OVERRIDE("alongsideOverride", "the same where the framework comes with another one"),
  FRAMEWORK_VERSION("frameworkVersion", "the version of the framework; empty for none"),
  FRAMEWORK_LINE("frameworkLine", "the line of the framework; empty for none"),
  BUILD_VERSION("buildVersion", "the version of the build system"),
  BUILD_DIGEST("buildDigest", "SHA-256 of what its wrapper fetches; empty where it is not known"),
  PACKAGING("packaging", "the id of the packaging"),
  PORT("port", "where it listens"),
  SETTINGS_FORMAT("settingsFormat", "the format of its settings"),
  MANAGEMENT_PORT(
      "managementPort", "the port that health and figures answer on; empty for that of the rest"),
  MIRROR("mirror", "the mirror that libraries come from; empty for none"),
  MAVEN_BASE("mavenBase", "where libraries come from, mirror or not"),
  STARTERS("starters", "the starters, a list of label, sentence and documentation"),
  ANY_STARTERS("anyStarters", "yes where there is one"),
  ENVIRONMENT("environment", "what production reads, a list of variable and for"),
  READS_ENVIRONMENT("readsEnvironment", "yes where there is something"),
  SERVICES("services", "what has to answer on one's own machine, a list of service and address"),
  ANY_SERVICES("anyServices", "yes where there is one"),
  HAS_PRODUCTION("hasProduction", "yes where settings differ away from one's own machine");

  /** What entries of lists are asked for. */
  static final Set<String> OF_ENTRIES =
      Set.of("label", "sentence", "documentation", "variable", "for", "service", "address");

  private final String word;
  private final String meaning;

  ProjectWord(String word, String meaning) {
    this.word = word;
    this.meaning = meaning;
  }

  /** As it stands between braces. */
  public String word() {
    return word;
  }

  /** What it stands for. */
  public String meaning() {
    return meaning;
  }

  static Set<String> words() {
    return Arrays.stream(values()).map(ProjectWord::word).collect(Collectors.toUnmodifiableSet());
  }
}
