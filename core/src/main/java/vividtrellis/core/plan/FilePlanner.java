package vividtrellis.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vividtrellis.core.catalog.Contribution.FilePart;
import vividtrellis.core.plan.Picked.Contributed;
import vividtrellis.core.plan.ProjectPlan.Part;

/** Gathers the files that are made from templates. */
final class FilePlanner {

  private final Words words;
  private final List<Part> parts = new ArrayList<>();

  private FilePlanner(Words words) {
    this.words = words;
  }

  static List<Part> plan(Picked picked, List<Contributed> contributions, Words words) {
    FilePlanner planner = new FilePlanner(words);
    for (Contributed each : contributions) {
      for (FilePart part : each.what().files()) {
        if (picked.holdsAll(part.when())) {
          planner.add(part, picked.with(each.cause(), part.when()));
        }
      }
    }
    return planner.parts;
  }

  private void add(FilePart part, Cause cause) {
    String path = words.value(part.path()).text();
    Optional<Part> first = parts.stream().filter(p -> p.path().equals(path)).findFirst();
    String role = part.role() == null ? first.map(Part::role).orElse("yours") : part.role();
    String purpose =
        part.purpose() == null
            ? first.map(Part::purpose).orElse("")
            : words.value(part.purpose()).text();
    Cause why =
        part.tracedTo() == null
            ? cause
            : Cause.of(String.valueOf(part.tracedTo()), cause.because());
    parts.add(
        new Part(
            path,
            words.value(part.template()).text(),
            part.mode(),
            role,
            purpose,
            part.verbatim(),
            part.place(),
            why));
  }
}
