package vividtrellis.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vividtrellis.core.catalog.Contribution;
import vividtrellis.core.catalog.Contribution.FilePart;
import vividtrellis.core.document.Escaping;
import vividtrellis.core.plan.Contributions.Contributed;
import vividtrellis.core.plan.ProjectPlan.Content;
import vividtrellis.core.plan.ProjectPlan.Part;
import vividtrellis.core.template.Cause;
import vividtrellis.core.template.TemplateContext;

/** Gathers the files that are made from templates. */
final class FilePlanner {

  private final Contributions picked;
  private final TemplateContext context;
  private final List<Part> parts = new ArrayList<>();
  private final Map<String, Part> firsts = new HashMap<>();

  private FilePlanner(Contributions picked, TemplateContext context) {
    this.picked = picked;
    this.context = context;
  }

  static List<Part> plan(
      Contributions picked, List<Contributed> contributions, TemplateContext context) {
    FilePlanner planner = new FilePlanner(picked, context);
    for (Contributed each : contributions) {
      for (FilePart part : each.what().files()) {
        if (picked.holdsAll(part.when())) {
          planner.add(each.what(), part, picked.with(each.cause(), part.when()));
        }
      }
    }
    return planner.parts;
  }

  private void add(Contribution what, FilePart part, Cause cause) {
    String path = picked.path(what, context.value(part.path()).text());
    Optional<Part> first = Optional.ofNullable(firsts.get(path));
    String role = part.role() == null ? first.map(Part::role).orElse("yours") : part.role();
    String purpose =
        part.purpose() == null
            ? first.map(Part::purpose).orElse("")
            : context.value(part.purpose()).text();
    Cause why =
        part.tracedTo() == null
            ? cause
            : Cause.of(String.valueOf(part.tracedTo()), cause.because());
    Part made = new Part(path, part.mode(), role, purpose, part.place(), why, content(part, path));
    firsts.putIfAbsent(path, made);
    parts.add(made);
  }

  private Content content(FilePart part, String path) {
    String name = context.value(part.template()).text();
    String template = String.valueOf(picked.edition().templates().get(name));
    return part.verbatim()
        ? new Content.Verbatim(template)
        : new Content.Lines(context.lines(template, escaping(part, path)));
  }

  /** A format that is not known is a fault of the edition, told where it is loaded. */
  private static Escaping escaping(FilePart part, String path) {
    String named = part.format() == null ? path : String.valueOf(part.format());
    return Escaping.of(named)
        .orElseThrow(() -> new IllegalStateException(named + " has no format that is known"));
  }
}
