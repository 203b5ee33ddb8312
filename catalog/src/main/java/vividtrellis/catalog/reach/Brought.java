package vividtrellis.catalog.reach;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.eclipse.aether.artifact.DefaultArtifact;
import vividtrellis.core.catalog.Contribution.Scope;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Stack;
import vividtrellis.core.catalog.Options.Starter;
import vividtrellis.core.catalog.Root;
import vividtrellis.core.catalog.Root.Kind;
import vividtrellis.core.version.Version;

/**
 * What an audit asks of closures: the versions that a BOM manages, and which starters bring along
 * what makes an application serve in one way or another.
 */
public final class Brought implements AutoCloseable {

  private final Edition edition;
  private final Repository registry;
  private final Closures closures;
  private final Map<Object, Object> models = Base.cache();

  /**
   * Over a registry.
   *
   * @param base its address
   * @param kept folder for what was fetched
   */
  public Brought(Edition edition, String base, Path kept) throws IOException {
    this.edition = edition;
    this.registry = Repository.open(base, Optional.empty(), kept);
    this.closures = new Closures(registry, Closures.maven(edition));
  }

  /**
   * Stack to the starters that bring it, for a line of a framework with a BOM. Where the registry
   * lacks a file for one version, another one tells.
   */
  public Map<String, Set<String>> of(Framework framework, List<Version> versions) {
    Map<String, Set<String>> brought = new TreeMap<>();
    for (Version version : versions) {
      of(framework, version)
          .forEach(
              (stack, starters) ->
                  brought.computeIfAbsent(stack, id -> new TreeSet<>()).addAll(starters));
    }
    return brought;
  }

  /** What a BOM manages, {@code group:artifact} to version; empty if it is not there. */
  public Optional<Map<String, String>> managed(String bom, Version version) {
    return base(bom, version).map(Base::managed);
  }

  private Optional<Base> base(String bom, Version version) {
    return Base.of(Optional.empty(), List.of(bom + ":" + version), Map.of(), registry, models);
  }

  private Map<String, Set<String>> of(Framework framework, Version version) {
    Map<String, Set<String>> brought = new TreeMap<>();
    Optional<Base> base = base(String.valueOf(framework.bom()), version);
    if (base.isEmpty() || framework.stacks().isEmpty()) {
      return brought;
    }
    for (Root root : Root.of(edition)) {
      if (root.option() instanceof Starter starter
          && root.kind() == Kind.DEPENDENCY
          && !Set.of(Scope.TEST, Scope.TEST_RUNTIME).contains(root.scope())
          && root.isFor(framework.id(), version)) {
        String own = root.version();
        Optional<String> at =
            own == null ? base.get().managed(root.coordinates()) : Optional.of(own);
        at.ifPresent(
            found -> {
              Set<String> names =
                  closures.names(
                      new DefaultArtifact(root.group(), root.artifact(), "jar", found), base.get());
              for (Stack stack : framework.stacks()) {
                if (stack.isOf(names)) {
                  brought.computeIfAbsent(stack.id(), id -> new TreeSet<>()).add(starter.id());
                }
              }
            });
      }
    }
    return brought;
  }

  @Override
  public void close() {
    registry.close();
  }
}
