package vividtrellis.catalog.reach;

import java.io.ByteArrayInputStream;
import java.io.File;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.stream.Stream;
import org.apache.maven.model.Dependency;
import org.apache.maven.model.Exclusion;
import org.apache.maven.model.Model;
import org.apache.maven.model.Parent;
import org.apache.maven.model.Plugin;
import org.apache.maven.model.PluginManagement;
import org.apache.maven.model.Repository;
import org.apache.maven.model.building.DefaultModelBuilderFactory;
import org.apache.maven.model.building.DefaultModelBuildingRequest;
import org.apache.maven.model.building.FileModelSource;
import org.apache.maven.model.building.ModelBuildingException;
import org.apache.maven.model.building.ModelBuildingRequest;
import org.apache.maven.model.building.ModelCache;
import org.apache.maven.model.building.ModelSource2;
import org.apache.maven.model.resolution.ModelResolver;
import org.apache.maven.model.resolution.UnresolvableModelException;
import org.codehaus.plexus.util.xml.Xpp3Dom;
import org.eclipse.aether.artifact.Artifact;
import org.eclipse.aether.artifact.ArtifactType;
import org.eclipse.aether.artifact.DefaultArtifact;
import org.jspecify.annotations.Nullable;

/**
 * What a project stands on before it asks for anything: the versions and plugins that its parent,
 * its lists of versions and its properties give it, as Maven's own model builder reads them.
 */
final class Base {

  private final Model model;

  private Base(Model model) {
    this.model = model;
  }

  /**
   * Makes a project that has nothing but a base.
   *
   * @param parent {@code group:artifact:version}; empty for none
   * @param lists of versions, in the same form
   * @param properties to set
   * @return empty if one of them, or something that it names, is not there
   */
  static Optional<Base> of(
      Optional<String> parent,
      List<String> lists,
      Map<String, String> properties,
      vividtrellis.catalog.reach.Repository registry,
      Map<Object, Object> cache) {
    StringBuilder pom = new StringBuilder("<project><modelVersion>4.0.0</modelVersion>");
    parent.ifPresent(
        each ->
            pom.append("<parent>").append(coordinates(each)).append("<relativePath/></parent>"));
    pom.append("<groupId>example</groupId><artifactId>base</artifactId><version>1</version>")
        .append("<packaging>pom</packaging><properties>");
    properties.forEach((name, value) -> pom.append("<%s>%s</%s>".formatted(name, value, name)));
    pom.append("</properties><dependencyManagement><dependencies>");
    for (String list : lists) {
      pom.append("<dependency>")
          .append(coordinates(list))
          .append("<type>pom</type><scope>import</scope></dependency>");
    }
    pom.append("</dependencies></dependencyManagement></project>");
    Files files = new Files(registry);
    ModelBuildingRequest request =
        new DefaultModelBuildingRequest()
            .setModelSource(new Text(pom.toString()))
            .setModelResolver(files)
            .setModelCache(new Cache(cache))
            .setSystemProperties(System.getProperties())
            .setUserProperties(new Properties())
            .setProcessPlugins(false)
            .setValidationLevel(ModelBuildingRequest.VALIDATION_LEVEL_MINIMAL);
    try {
      return Optional.of(
          new Base(
              new DefaultModelBuilderFactory().newInstance().build(request).getEffectiveModel()));
    } catch (ModelBuildingException e) {
      return Optional.empty();
    }
  }

  private static String coordinates(String text) {
    String[] parts = text.split(":", -1);
    return "<groupId>%s</groupId><artifactId>%s</artifactId><version>%s</version>"
        .formatted(parts[0], parts[1], parts[2]);
  }

  /** A property, if it is set. */
  Optional<String> property(String name) {
    return Optional.ofNullable(model.getProperties().getProperty(name));
  }

  /** The version that is managed for a plugin, if one is. */
  Optional<String> plugin(String key) {
    return plugins()
        .filter(each -> each.getKey().equals(key))
        .map(Plugin::getVersion)
        .filter(version -> version != null)
        .findFirst();
  }

  /** Whether what processors bring along takes the versions that are managed for the project. */
  boolean managesProcessors() {
    return plugins()
        .filter(each -> each.getKey().equals("org.apache.maven.plugins:maven-compiler-plugin"))
        .map(each -> each.getConfiguration() instanceof Xpp3Dom said ? said : new Xpp3Dom("none"))
        .map(said -> said.getChild("annotationProcessorPathsUseDepMgmt"))
        .anyMatch(said -> said != null && "true".equals(said.getValue()));
  }

  private Stream<Plugin> plugins() {
    PluginManagement managed =
        model.getBuild() == null ? null : model.getBuild().getPluginManagement();
    return managed == null ? Stream.empty() : managed.getPlugins().stream();
  }

  /** The version that is managed for an artifact, if one is. */
  Optional<String> managed(String key) {
    return Optional.ofNullable(managed().get(key));
  }

  /** Every version that is managed, by {@code group:artifact}. */
  Map<String, String> managed() {
    Map<String, String> managed = new LinkedHashMap<>();
    dependencies()
        .forEach(
            each ->
                managed.putIfAbsent(
                    each.getGroupId() + ":" + each.getArtifactId(), each.getVersion()));
    return managed;
  }

  private List<Dependency> dependencies() {
    return model.getDependencyManagement() == null
        ? List.of()
        : model.getDependencyManagement().getDependencies();
  }

  /** All that is managed, in the form that the resolver takes. */
  List<org.eclipse.aether.graph.Dependency> all(
      org.eclipse.aether.artifact.ArtifactTypeRegistry types) {
    List<org.eclipse.aether.graph.Dependency> all = new ArrayList<>();
    for (Dependency each : dependencies()) {
      ArtifactType type = types.get(each.getType());
      String extension = type == null ? each.getType() : type.getExtension();
      String classifier =
          each.getClassifier() == null && type != null
              ? type.getClassifier()
              : each.getClassifier();
      Artifact artifact =
          new DefaultArtifact(
              each.getGroupId(),
              each.getArtifactId(),
              classifier,
              extension,
              each.getVersion(),
              type);
      List<org.eclipse.aether.graph.Exclusion> without = new ArrayList<>();
      for (Exclusion out : each.getExclusions()) {
        without.add(
            new org.eclipse.aether.graph.Exclusion(
                out.getGroupId(), out.getArtifactId(), "*", "*"));
      }
      all.add(
          new org.eclipse.aether.graph.Dependency(
              artifact, each.getScope(), each.isOptional() ? Boolean.TRUE : null, without));
    }
    return all;
  }

  /** Lets the model builder ask the registry for the files that a model names. */
  private record Files(vividtrellis.catalog.reach.Repository registry) implements ModelResolver {

    @Override
    public ModelSource2 resolveModel(String group, String artifact, String version)
        throws UnresolvableModelException {
      Optional<File> file = registry.file(new DefaultArtifact(group, artifact, "pom", version));
      if (file.isEmpty()) {
        throw new UnresolvableModelException("not there", group, artifact, version);
      }
      return new FileModelSource(file.get());
    }

    @Override
    public ModelSource2 resolveModel(Parent parent) throws UnresolvableModelException {
      return resolveModel(parent.getGroupId(), parent.getArtifactId(), parent.getVersion());
    }

    @Override
    public ModelSource2 resolveModel(Dependency dependency) throws UnresolvableModelException {
      return resolveModel(
          dependency.getGroupId(), dependency.getArtifactId(), dependency.getVersion());
    }

    @Override
    public void addRepository(Repository repository) {
      // Only this registry is asked, whatever a file names.
    }

    @Override
    public void addRepository(Repository repository, boolean replace) {
      // As above.
    }

    @Override
    public ModelResolver newCopy() {
      return this;
    }
  }

  /** Many bases name the same lists of versions. */
  private record Cache(Map<Object, Object> kept) implements ModelCache {
    @Override
    public void put(String group, String artifact, String version, String tag, Object data) {
      kept.put(List.of(group, artifact, version, tag), data);
    }

    @Override
    public @Nullable Object get(String group, String artifact, String version, String tag) {
      return kept.get(List.of(group, artifact, version, tag));
    }
  }

  static Map<Object, Object> cache() {
    return new HashMap<>();
  }

  private record Text(String text) implements ModelSource2 {
    @Override
    public InputStream getInputStream() {
      return new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8));
    }

    @Override
    public String getLocation() {
      return "a base";
    }

    @Override
    public @Nullable ModelSource2 getRelatedSource(String relative) {
      return null;
    }

    @Override
    public java.net.URI getLocationURI() {
      return java.net.URI.create("base:pom");
    }
  }
}
