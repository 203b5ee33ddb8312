package vividtrellis.core.plan;

import java.util.ArrayList;
import java.util.List;
import vividtrellis.core.brief.IdList;
import vividtrellis.core.plan.Contributions.Contributed;
import vividtrellis.core.plan.ProjectPlan.TreeDocument;
import vividtrellis.core.template.Cause;
import vividtrellis.core.template.TemplateContext;
import vividtrellis.core.tree.TracedPart;
import vividtrellis.core.tree.TracedPart.Branch;
import vividtrellis.core.tree.TracedPart.Leaf;
import vividtrellis.core.tree.TreeMerge;

/**
 * Gathers the services that the application talks to. Each is described where its settings are, so
 * that names, ports and accounts are the same words; they are written if somebody asked for it.
 */
final class ServicePlanner {

  private static final String EXTRA = "compose";

  private ServicePlanner() {}

  static List<TreeDocument> plan(
      Contributions picked, List<Contributed> contributions, TemplateContext context) {
    if (!picked.selection().extras().contains(EXTRA)) {
      return List.of();
    }
    Cause asked = Cause.of(IdList.EXTRAS.pointer(picked.brief(), EXTRA), "The compose file");
    List<TracedPart> services = new ArrayList<>();
    List<TracedPart> volumes = new ArrayList<>();
    for (Contributed each : contributions) {
      List<TracedPart> more =
          TreeMerge.of(each.what().services(), context, each.cause().and(asked));
      services = TreeMerge.joined(services, more);
    }
    for (TracedPart service : services) {
      volumes.addAll(named((Branch) service));
    }
    List<TracedPart> document = new ArrayList<>();
    if (services.isEmpty()) {
      return List.of();
    }
    document.add(new Branch("services", false, services, asked));
    if (!volumes.isEmpty()) {
      document.add(new Branch("volumes", false, volumes, asked));
    }
    return List.of(
        new TreeDocument(
            "compose.yaml",
            "Starts what the application talks to, for local work: docker compose up",
            document,
            asked));
  }

  /** The volumes of a service that have a name, and so must be declared; a path needs no word. */
  private static List<TracedPart> named(Branch service) {
    List<TracedPart> volumes = new ArrayList<>();
    for (TracedPart part : service.parts()) {
      if (part instanceof Branch branch && branch.name().equals("volumes")) {
        for (TracedPart entry : branch.parts()) {
          if (entry instanceof Leaf leaf && leaf.value() != null) {
            String name = leaf.value().substring(0, leaf.value().indexOf(':'));
            if (!name.startsWith(".")) {
              volumes.add(new Branch(name, false, List.of(), leaf.cause()));
            }
          }
        }
      }
    }
    return volumes;
  }
}
