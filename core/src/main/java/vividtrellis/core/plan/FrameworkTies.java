package vividtrellis.core.plan;

import com.google.common.cache.CacheBuilder;
import com.google.common.cache.CacheLoader;
import com.google.common.cache.LoadingCache;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Edition;
import vividtrellis.core.catalog.Options.Framework;
import vividtrellis.core.catalog.Options.Option;
import vividtrellis.core.catalog.Term;
import vividtrellis.core.catalog.Term.Variable;
import vividtrellis.core.version.Version;

/**
 * Which bindings of an edition the framework is a cause of: their option would say something else
 * with another framework, or another version of it, that it can be had with.
 */
final class FrameworkTies {

  /** It is the same for every project of an edition, so it is worked out once. */
  private static final LoadingCache<Edition, FrameworkTies> OF_EDITIONS =
      CacheBuilder.newBuilder().weakKeys().build(CacheLoader.from(FrameworkTies::new));

  private final Set<Contribution> tied = Collections.newSetFromMap(new IdentityHashMap<>());

  private FrameworkTies(Edition edition) {
    for (Variable kind : Variable.values()) {
      for (Option option : edition.options(kind)) {
        for (Contribution binding : option.bindings()) {
          if (isTied(option, ofFramework(binding), edition.frameworks())) {
            tied.add(binding);
          }
        }
      }
    }
  }

  static FrameworkTies of(Edition edition) {
    return OF_EDITIONS.getUnchecked(edition);
  }

  /** Asks for a binding of the edition itself, not for one that is equal to it. */
  boolean isDueToFramework(Contribution binding) {
    return tied.contains(binding);
  }

  private static boolean isTied(Option option, List<Term> own, List<Framework> frameworks) {
    return !own.isEmpty()
        && option.bindings().stream()
            .map(FrameworkTies::ofFramework)
            .filter(other -> !other.equals(own) && other.stream().anyMatch(term -> !term.negated()))
            .distinct()
            .anyMatch(other -> isElsewhere(other, own, frameworks));
  }

  private static boolean isElsewhere(List<Term> other, List<Term> own, List<Framework> frameworks) {
    for (Framework framework : frameworks) {
      List<@Nullable Version> versions = new ArrayList<>();
      framework.lines().forEach(line -> versions.addAll(line.versions()));
      if (versions.isEmpty()) {
        versions.add(null);
      }
      for (Version version : versions) {
        if (other.stream().allMatch(term -> holds(term, framework, version))
            && !own.stream().allMatch(term -> holds(term, framework, version))) {
          return true;
        }
      }
    }
    return false;
  }

  private static List<Term> ofFramework(Contribution binding) {
    return binding.when().stream().filter(term -> term.variable() == Variable.FRAMEWORK).toList();
  }

  private static boolean holds(Term term, Framework framework, @Nullable Version version) {
    boolean plain =
        framework.id().equals(term.id()) && (version == null || term.range().holds(version));
    return plain != term.negated();
  }
}
