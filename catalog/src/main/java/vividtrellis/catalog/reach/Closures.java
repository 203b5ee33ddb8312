package vividtrellis.catalog.reach;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.eclipse.aether.AbstractRepositoryListener;
import org.eclipse.aether.DefaultRepositoryCache;
import org.eclipse.aether.DefaultRepositorySystemSession;
import org.eclipse.aether.RepositoryEvent;
import org.eclipse.aether.artifact.Artifact;
import org.eclipse.aether.artifact.DefaultArtifact;
import org.eclipse.aether.collection.CollectRequest;
import org.eclipse.aether.collection.DependencyCollectionException;
import org.eclipse.aether.graph.Dependency;
import org.eclipse.aether.graph.DependencyNode;
import org.eclipse.aether.graph.Exclusion;
import org.eclipse.aether.util.artifact.JavaScopes;
import org.eclipse.aether.util.graph.visitor.PreorderNodeListGenerator;
import vividtrellis.core.catalog.Edition;

/** Resolves what is asked for with all that it brings along, and says what of it is not there. */
final class Closures {

  private static final Pattern BOUND =
      Pattern.compile("(org\\.apache\\.maven\\.plugins:maven-[a-z]+-plugin):([0-9][^:<\\s]*):");

  private final Repository registry;
  private final DefaultRepositorySystemSession session;

  /** Files of artifacts that are missing, or that name a parent or list which is. */
  private final Set<String> broken = ConcurrentHashMap.newKeySet();

  private final Map<String, String> bound;

  /**
   * Over a registry.
   *
   * @param maven version of the Maven that builds; empty for none
   */
  Closures(Repository registry, String maven) {
    this.registry = registry;
    this.session = registry.session();
    session.setCache(new DefaultRepositoryCache());
    session.setRepositoryListener(
        new AbstractRepositoryListener() {
          @Override
          public void artifactDescriptorMissing(RepositoryEvent event) {
            broken.add(file(event.getArtifact()).toString());
          }

          @Override
          public void artifactDescriptorInvalid(RepositoryEvent event) {
            broken.add(file(event.getArtifact()).toString());
          }
        });
    Optional<File> core =
        maven.isEmpty()
            ? Optional.empty()
            : registry.file(new DefaultArtifact("org.apache.maven", "maven-core", "jar", maven));
    bound = core.map(Closures::boundIn).orElse(Map.of());
  }

  /** The version of Maven that projects of an edition are built with; empty if there is none. */
  static String maven(Edition edition) {
    return edition.builds().stream()
        .filter(build -> build.id().equals("maven"))
        .map(build -> build.versions().get(0).text())
        .findFirst()
        .orElse("");
  }

  private static Artifact file(Artifact artifact) {
    return new DefaultArtifact(
        artifact.getGroupId(), artifact.getArtifactId(), "pom", artifact.getVersion());
  }

  private static Map<String, String> boundIn(File jar) {
    Map<String, String> bound = new TreeMap<>();
    try (ZipFile zip = new ZipFile(jar)) {
      ZipEntry entry = zip.getEntry("META-INF/plexus/default-bindings.xml");
      String text = new String(zip.getInputStream(entry).readAllBytes(), StandardCharsets.UTF_8);
      BOUND.matcher(text).results().forEach(each -> bound.put(each.group(1), each.group(2)));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return bound;
  }

  /** The version that Maven itself takes of a plugin for which nothing else says one. */
  Optional<String> bound(String plugin) {
    return Optional.ofNullable(bound.get(plugin));
  }

  /**
   * What is missing of an artifact on a class path.
   *
   * @param without what is kept out of it
   */
  Set<String> onPath(Artifact artifact, List<String> without, Base base) {
    List<Exclusion> exclusions = new ArrayList<>();
    for (String each : without) {
      String[] parts = each.split(":", -1);
      exclusions.add(new Exclusion(parts[0], parts[1], "*", "*"));
    }
    CollectRequest request = new CollectRequest();
    request.addDependency(new Dependency(artifact, JavaScopes.COMPILE, false, exclusions));
    request.setManagedDependencies(base.all(session.getArtifactTypeRegistry()));
    return missing(request);
  }

  /** What is missing of a plugin; it is the root of what it brings, with what is optional to it. */
  Set<String> plugin(Artifact artifact) {
    CollectRequest request = new CollectRequest();
    request.setRoot(new Dependency(artifact, JavaScopes.RUNTIME));
    return missing(request);
  }

  /** What is missing of an artifact that a compiler or a plugin resolves apart. */
  Set<String> apart(Artifact artifact) {
    CollectRequest request = new CollectRequest();
    request.addDependency(new Dependency(artifact, JavaScopes.RUNTIME));
    return missing(request);
  }

  /** {@code group:artifact} of an artifact on a class path and of all that it brings along. */
  Set<String> names(Artifact artifact, Base base) {
    CollectRequest request = new CollectRequest();
    request.addDependency(new Dependency(artifact, JavaScopes.COMPILE));
    request.setManagedDependencies(base.all(session.getArtifactTypeRegistry()));
    Set<String> names = new HashSet<>();
    for (DependencyNode node : collected(request)) {
      if (node.getDependency() != null) {
        names.add(node.getArtifact().getGroupId() + ":" + node.getArtifact().getArtifactId());
      }
    }
    return names;
  }

  private List<DependencyNode> collected(CollectRequest request) {
    request.setRepositories(registry.remotes());
    DependencyNode root;
    try {
      root = registry.system().collectDependencies(session, request).getRoot();
    } catch (DependencyCollectionException e) {
      root = e.getResult().getRoot();
    }
    PreorderNodeListGenerator list = new PreorderNodeListGenerator();
    if (root != null) {
      root.accept(list);
    }
    return list.getNodes();
  }

  private Set<String> missing(CollectRequest request) {
    Set<Artifact> all = new HashSet<>();
    Set<String> missing = new TreeSet<>();
    for (DependencyNode node : collected(request)) {
      Dependency dependency = node.getDependency();
      if (dependency != null && !JavaScopes.SYSTEM.equals(dependency.getScope())) {
        all.add(plain(node.getArtifact()));
        if (broken.contains(file(node.getArtifact()).toString())) {
          missing.add(file(node.getArtifact()).toString());
        }
      }
    }
    registry.missing(all).forEach(each -> missing.add(each.toString()));
    return missing;
  }

  private static Artifact plain(Artifact artifact) {
    return new DefaultArtifact(
        artifact.getGroupId(),
        artifact.getArtifactId(),
        artifact.getClassifier(),
        artifact.getExtension(),
        artifact.getVersion());
  }
}
