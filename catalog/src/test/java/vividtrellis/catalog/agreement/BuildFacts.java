package vividtrellis.catalog.agreement;

import static vividtrellis.catalog.TestedEdition.text;

import java.io.StringReader;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.maven.model.Dependency;
import org.apache.maven.model.Model;
import org.apache.maven.model.Plugin;
import org.apache.maven.model.io.xpp3.MavenXpp3Reader;
import org.codehaus.plexus.util.xml.Xpp3Dom;
import tools.jackson.dataformat.toml.TomlMapper;
import vividtrellis.core.render.FileSet;

/**
 * What a build says, in words that do not depend on the build system.
 *
 * @param about group, version, description and name, where given
 * @param dependencies {@code scope group:artifact version without …}
 */
record BuildFacts(Map<String, String> about, Set<String> dependencies) {

  /** What only one of the systems must be told, since the other knows it. */
  private static final Set<String> BY_ITSELF =
      Set.of("org.jetbrains.kotlin:kotlin-stdlib", "org.junit.platform:junit-platform-launcher");

  private static final Map<String, String> SCOPES =
      Map.of(
          "implementation", "compile",
          "compileOnly", "compile-only",
          "developmentOnly", "development",
          "providedRuntime", "provided",
          "runtimeOnly", "runtime",
          "annotationProcessor", "processor",
          "testImplementation", "test",
          "testRuntimeOnly", "test");

  /** How either system is told of another version of a language than the framework's. */
  private static final Set<String> OVERRIDES = Set.of("kotlin.version", "groovy.version");

  private static final Pattern PROPERTY =
      Pattern.compile("(?:ext\\.|extra\\[\")([a-z.]+?)(?:\"])? = (.*)");

  static BuildFacts maven(FileSet files) throws Exception {
    Model pom = new MavenXpp3Reader().read(new StringReader(text(files, "pom.xml")), true);
    Set<String> dependencies = new TreeSet<>();
    for (Dependency each : pom.getDependencies()) {
      String scope = each.getScope() == null ? "compile" : each.getScope();
      if (each.isOptional()) {
        scope = scope.equals("runtime") ? "development" : "compile-only";
      }
      List<String> without =
          each.getExclusions().stream().map(e -> e.getGroupId() + ":" + e.getArtifactId()).toList();
      String key = each.getGroupId() + ":" + each.getArtifactId();
      add(dependencies, scope, key, version(pom, each.getVersion()));
      without.forEach(out -> dependencies.add("without " + out));
    }
    for (Plugin plugin : pom.getBuild().getPlugins()) {
      if (plugin.getConfiguration() instanceof Xpp3Dom dom
          && dom.getChild("annotationProcessorPaths") != null) {
        for (Xpp3Dom path : dom.getChild("annotationProcessorPaths").getChildren()) {
          String key = value(path, "groupId") + ":" + value(path, "artifactId");
          add(dependencies, "processor", key, version(pom, value(path, "version")));
        }
      }
    }
    Map<String, String> about = new TreeMap<>();
    about.put("group", pom.getGroupId());
    about.put("version", pom.getVersion());
    about.put("name", pom.getArtifactId());
    if (pom.getDescription() != null) {
      about.put("description", pom.getDescription());
    }
    OVERRIDES.stream()
        .filter(pom.getProperties()::containsKey)
        .forEach(
            each -> add(dependencies, "override", each, pom.getProperties().getProperty(each)));
    return new BuildFacts(about, dependencies);
  }

  private static String value(Xpp3Dom dom, String name) {
    return dom.getChild(name) == null ? null : dom.getChild(name).getValue();
  }

  private static String version(Model pom, String version) {
    return version != null && version.startsWith("${")
        ? pom.getProperties().getProperty(version.substring(2, version.length() - 1))
        : version;
  }

  private static void add(Set<String> all, String scope, String key, String version) {
    if (!BY_ITSELF.contains(key)) {
      all.add(scope + " " + key + " " + version);
    }
  }

  static BuildFacts gradle(FileSet files, boolean kotlin) {
    String end = kotlin ? ".gradle.kts" : ".gradle";
    List<String> build = said(text(files, "build" + end), kotlin);
    List<String> settings = said(text(files, "settings" + end), kotlin);
    Map<?, ?> catalog =
        new TomlMapper().readValue(text(files, "gradle/libs.versions.toml"), Map.class);
    Set<String> dependencies = new TreeSet<>();
    Map<String, String> about = new TreeMap<>();
    for (String statement : build) {
      String name = statement.replaceFirst("[( ].*", "");
      String scope = SCOPES.get(name.replaceFirst("^dependencies/", ""));
      Matcher property = PROPERTY.matcher(statement);
      if (property.matches()) {
        add(dependencies, "override", property.group(1), property.group(2));
      } else if (scope != null && !statement.contains("platform(")) {
        String what = statement.substring(statement.indexOf('(') + 1, statement.length() - 1);
        String[] own =
            what.startsWith("libs.") ? library(catalog, what) : new String[] {what, null};
        add(dependencies, scope, own[0], own[1]);
      } else if (name.equals("configurations.configureEach/exclude")) {
        dependencies.add(
            statement.replaceFirst(".*group=([^,]+), module=([^)]+)\\)", "without $1:$2"));
      } else if (name.matches("group|version|description")) {
        about.put(name, statement.substring(name.length() + 3));
      }
    }
    settings.stream()
        .filter(each -> each.startsWith("rootProject.name = "))
        .forEach(each -> about.put("name", each.substring("rootProject.name = ".length())));
    return new BuildFacts(about, dependencies);
  }

  private static List<String> said(String script, boolean kotlin) {
    return kotlin ? Scripts.kotlin(script) : Scripts.groovy(script);
  }

  private static String[] library(Map<?, ?> catalog, String accessor) {
    Map<?, ?> libraries = (Map<?, ?>) catalog.get("libraries");
    for (Map.Entry<?, ?> each : libraries.entrySet()) {
      if (("libs." + String.valueOf(each.getKey()).replace('-', '.')).equals(accessor)) {
        Map<?, ?> library = (Map<?, ?>) each.getValue();
        String key = String.valueOf(((Map<?, ?>) library.get("version")).get("ref"));
        Object version = ((Map<?, ?>) catalog.get("versions")).get(key);
        return new String[] {String.valueOf(library.get("module")), String.valueOf(version)};
      }
    }
    throw new AssertionError(accessor + " is not in " + libraries.keySet());
  }
}
