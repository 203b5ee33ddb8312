package vividtrellis.core.render;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vividtrellis.core.plan.ProjectPlan;
import vividtrellis.core.plan.ProjectPlan.Part;
import vividtrellis.core.plan.ProjectPlan.Setting;
import vividtrellis.core.plan.Words.Escaping;
import vividtrellis.core.render.FileSet.GeneratedFile;

/** The door of this room: a plan gives files. */
public final class Renderer {

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
    renderer.parts();
    renderer.files.sort(Comparator.comparing(Renderer::sortKey));
    return new FileSet(plan.root(), renderer.files);
  }

  /** Makes a file sort before the directories beside it, whatever their names. */
  private static String sortKey(GeneratedFile file) {
    int end = file.path().lastIndexOf('/') + 1;
    return file.path().substring(0, end).replace("/", "/\u0001")
        + "\0"
        + file.path().substring(end);
  }

  private void build() {
    TracedText text = MavenWriter.write(plan.build());
    add("pom.xml", text, "644", "What Maven builds, and with what", "yours");
  }

  private void settings(String profile, List<Setting> settings) {
    boolean test = profile.equals("test");
    String path =
        "src/%s/resources/application%s.%s"
            .formatted(
                test ? "test" : "main",
                profile.equals("shared") ? "" : "-" + profile,
                plan.settingsFormat());
    String purpose =
        switch (profile) {
          case "shared" -> "Settings that hold everywhere; secrets come from the environment";
          case "local" -> "Settings for your own machine; used unless another profile is named";
          case "test" -> "Settings for the tests; they need no outside service";
          default -> "Settings of the profile " + profile;
        };
    add(path, SettingsWriter.write(settings, plan.settingsFormat()), "644", purpose, "yours");
  }

  private void parts() {
    Map<String, List<Part>> byPath = new LinkedHashMap<>();
    plan.files().forEach(p -> byPath.computeIfAbsent(p.path(), x -> new ArrayList<>()).add(p));
    byPath.forEach(
        (path, parts) -> {
          Part first = parts.get(0);
          parts.sort(Comparator.comparingInt(Part::place));
          TracedText text = new TracedText();
          for (Part part : parts) {
            String template = plan.templates().get(part.template());
            String block =
                part.verbatim()
                    ? template
                    : plan.words().fill(String.valueOf(template), Escaping.of(path));
            text.lines(String.valueOf(block), part.cause());
          }
          add(path, text, first.mode(), first.purpose(), first.role());
        });
  }

  private void add(String path, TracedText text, String mode, String purpose, String role) {
    files.add(new GeneratedFile(path, text.text(), mode, purpose, role, text.traces()));
  }
}
