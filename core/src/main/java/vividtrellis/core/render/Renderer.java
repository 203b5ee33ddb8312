package vividtrellis.core.render;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import vividtrellis.core.plan.BuildModel;
import vividtrellis.core.plan.ProjectPlan;
import vividtrellis.core.plan.ProjectPlan.Content;
import vividtrellis.core.plan.ProjectPlan.Part;
import vividtrellis.core.plan.ProjectPlan.SettingsFile;
import vividtrellis.core.plan.ProjectPlan.TreeDocument;
import vividtrellis.core.render.FileSet.GeneratedFile;
import vividtrellis.core.template.Cause;
import vividtrellis.core.template.TemplateContext.Filled;

/** The door of this room: a plan gives files. */
public final class Renderer {

  private static final Set<String> SOURCES = Set.of("java", "kt", "groovy");

  private final ProjectPlan plan;
  private final List<GeneratedFile> files = new ArrayList<>();

  private Renderer(ProjectPlan plan) {
    this.plan = plan;
  }

  /** Writes every file of a plan, by path: files of a directory before its directories. */
  public static FileSet render(ProjectPlan plan) {
    Renderer renderer = new Renderer(plan);
    renderer.build();
    plan.settings().forEach(renderer::settings);
    plan.documents().forEach(renderer::document);
    renderer.parts();
    return FileSet.of(plan.root(), renderer.files);
  }

  private void build() {
    List<BuildModel> builds = plan.builds();
    BuildModel top = builds.get(0);
    if (top.system().equals("maven")) {
      for (BuildModel build : builds) {
        String purpose = "What Maven builds, and with what";
        add(folder(build) + "pom.xml", MavenWriter.write(build), "644", purpose);
      }
      return;
    }
    VersionCatalog versions = new VersionCatalog(builds);
    GradleWriter gradle = new GradleWriter(top, versions);
    add(
        gradle.fileName("settings"),
        gradle.settings(),
        "644",
        "The name of the project, and where its libraries come from");
    for (BuildModel build : top.modules().isEmpty() ? builds : builds.subList(1, builds.size())) {
      GradleWriter module = new GradleWriter(build, versions);
      add(
          folder(build) + module.fileName("build"),
          module.build(),
          "644",
          "What Gradle builds, and with what");
    }
    add(
        "gradle/libs.versions.toml",
        versions.text(),
        "644",
        "Every version that the build names, in one place");
  }

  private static String folder(BuildModel build) {
    return build.module().isEmpty() ? "" : build.module() + "/";
  }

  private void settings(SettingsFile file) {
    TracedText text = SettingsWriter.write(file.settings(), plan.settingsFormat());
    add(file.path(), text, "644", file.purpose());
  }

  private void document(TreeDocument document) {
    add(document.path(), YamlWriter.write(document.parts()), "644", document.purpose());
  }

  private void parts() {
    Map<String, List<Part>> byPath = new LinkedHashMap<>();
    plan.files().forEach(p -> byPath.computeIfAbsent(p.path(), x -> new ArrayList<>()).add(p));
    byPath.forEach(
        (path, parts) -> {
          Part first = parts.get(0);
          parts.sort(Comparator.comparingInt(Part::place));
          TracedText text = new TracedText();
          parts.forEach(part -> part(text, part));
          if (!text.text().isEmpty()) {
            add(path, text, first.mode(), first.purpose(), first.role());
          }
        });
  }

  private static void part(TracedText text, Part part) {
    if (part.content() instanceof Content.Lines filled) {
      lines(text, part, filled.lines());
    } else if (part.content() instanceof Content.Verbatim verbatim) {
      text.lines(verbatim.text(), part.cause());
    }
  }

  private static void lines(TracedText text, Part part, List<Filled> filled) {
    boolean forWindows = part.path().endsWith(".cmd") || part.path().endsWith(".bat");
    List<Filled> lines = filled;
    if (part.path().endsWith(".md")) {
      lines = withoutBlankEnds(lines);
      if (!lines.isEmpty() && !text.isEmpty()) {
        text.line("", part.cause());
      }
    }
    if (SOURCES.contains(part.path().substring(part.path().lastIndexOf('.') + 1))) {
      lines = Imports.sorted(ArgumentLists.broken(lines, part.path()), part.path());
    }
    IdentityHashMap<Cause, Cause> withPart = new IdentityHashMap<>();
    for (Filled line : lines) {
      Cause cause =
          line.cause()
              .map(own -> withPart.computeIfAbsent(own, part.cause()::and))
              .orElse(part.cause());
      text.line(forWindows ? line.text() + "\r" : line.text(), cause);
    }
  }

  /** One blank line stands between two parts of running text, whichever of them are there. */
  private static List<Filled> withoutBlankEnds(List<Filled> lines) {
    int from = 0;
    int to = lines.size();
    while (from < to && lines.get(from).text().isBlank()) {
      from++;
    }
    while (to > from && lines.get(to - 1).text().isBlank()) {
      to--;
    }
    return lines.subList(from, to);
  }

  private void add(String path, TracedText text, String mode, String purpose) {
    add(path, text, mode, purpose, "yours");
  }

  private void add(String path, TracedText text, String mode, String purpose, String role) {
    files.add(new GeneratedFile(path, text.text(), mode, purpose, role, text.traces()));
  }
}
