package vividtrellis.service.http;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vividtrellis.core.brief.Briefs;
import vividtrellis.core.brief.Names;
import vividtrellis.core.brief.Trace;
import vividtrellis.core.catalog.Evidence;
import vividtrellis.core.compare.Comparison.FileChange;
import vividtrellis.core.compat.Lattice;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.Verdict.Offer;
import vividtrellis.core.compat.Verdict.PatchOp;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Node;
import vividtrellis.core.render.FileSet;

/** The shapes of the answers, as DESIGN.md fixes them. Fields may join, none may change. */
final class Responses {

  private Responses() {}

  /** {@code POST /checks}. */
  record Check(
      String verdict,
      String edition,
      @JsonInclude(JsonInclude.Include.NON_EMPTY) String reach,
      @Nullable Object brief,
      @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Named names,
      @JsonInclude(JsonInclude.Include.NON_NULL) Verdict.@Nullable Serving serving,
      List<FilledIn> filledIn,
      List<Finding> findings,
      List<Offer> offers,
      @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Applied applied) {

    static Check of(Verdict verdict, @Nullable Applied applied) {
      return new Check(
          verdict.fits() ? "fits" : "blocked",
          verdict.edition(),
          verdict.reach(),
          Documents.plain(Briefs.tree(verdict.brief())),
          verdict.names().map(Named::of).orElse(null),
          verdict.serving().orElse(null),
          verdict.filledIn().stream().map(FilledIn::of).toList(),
          verdict.findings().stream().map(Finding::of).toList(),
          verdict.offers(),
          applied);
    }
  }

  /** Every name that the project has, whether it follows from another or was set by hand. */
  record Named(
      String artifact,
      String title,
      String group,
      @JsonProperty("package") String packageName,
      String entryClass,
      String database) {
    static Named of(Names names) {
      return new Named(
          names.artifact(),
          names.title(),
          names.group(),
          names.packageName(),
          names.entryClass(),
          names.database());
    }
  }

  /** The way out that was taken, and the brief as it then is, not completed. */
  record Applied(String title, @Nullable Object brief) {
    static Applied of(Verdict.Remedy remedy) {
      return new Applied(remedy.title(), Documents.plain(Briefs.tree(remedy.result())));
    }
  }

  record FilledIn(String pick, @Nullable Object value, String because) {
    static FilledIn of(Verdict.FilledIn filled) {
      String word = filled.pick().substring(filled.pick().lastIndexOf('/') + 1);
      Node.Fields one = Node.fields().with(word, Node.text(filled.value()));
      Object value = ((Map<?, ?>) java.util.Objects.requireNonNull(Documents.plain(one))).get(word);
      return new FilledIn(filled.pick(), value, filled.because());
    }
  }

  record Finding(
      String severity,
      String rule,
      List<String> picks,
      String because,
      List<Said> says,
      List<Evidence> evidence,
      List<Remedy> remedies) {

    static Finding of(Verdict.Finding finding) {
      return new Finding(
          finding.severity().name().toLowerCase(Locale.ROOT),
          finding.rule(),
          finding.picks(),
          finding.because(),
          finding.says().stream().map(each -> new Said(each.code(), each.args())).toList(),
          finding.evidence(),
          finding.remedies().stream().map(Remedy::of).toList());
    }
  }

  /** For programs, what the text of a finding says for people. */
  record Said(String code, Map<String, String> args) {}

  record Remedy(String title, List<Operation> patch) {
    static Remedy of(Verdict.Remedy remedy) {
      return new Remedy(remedy.title(), remedy.patch().stream().map(Operation::of).toList());
    }
  }

  @JsonInclude(JsonInclude.Include.NON_NULL)
  record Operation(String op, String path, @Nullable Object value) {
    static Operation of(PatchOp op) {
      return new Operation(op.op(), op.path(), op.value());
    }
  }

  /** {@code POST /lattice}. */
  record Grid(
      List<Lattice.Column> columns,
      List<Lattice.Row> rows,
      List<Joint> cells,
      List<Lattice.Strip> starters) {
    static Grid of(Lattice lattice) {
      return new Grid(
          lattice.columns(),
          lattice.rows(),
          lattice.cells().stream().map(Joint::of).toList(),
          lattice.starters());
    }
  }

  record Joint(
      String framework,
      String line,
      int jvm,
      String state,
      boolean picked,
      @Nullable String because,
      Lattice.Price gain,
      Lattice.Price lose) {
    static Joint of(Lattice.Cell cell) {
      return new Joint(
          cell.framework(),
          cell.line(),
          cell.jvm(),
          cell.state().name().toLowerCase(Locale.ROOT),
          cell.picked(),
          cell.because(),
          cell.gain(),
          cell.lose());
    }
  }

  /** {@code POST /comparisons}. */
  record Differences(List<Difference> files) {
    static Differences of(List<FileChange> changes) {
      return new Differences(changes.stream().map(Difference::of).toList());
    }
  }

  record Difference(String path, String change, String diff) {
    static Difference of(FileChange change) {
      return new Difference(
          change.path(), change.change().name().toLowerCase(Locale.ROOT), change.diff());
    }
  }

  /** {@code POST /outlines}. */
  record Outline(String root, String edition, List<File> files) {
    static Outline of(FileSet files, String edition) {
      return new Outline(files.root(), edition, files.files().stream().map(File::of).toList());
    }
  }

  record File(
      String path,
      int size,
      String mode,
      String encoding,
      String purpose,
      String role,
      String content,
      List<Trace> traces) {
    static File of(FileSet.GeneratedFile file) {
      return new File(
          file.path(),
          file.text().getBytes(java.nio.charset.StandardCharsets.UTF_8).length,
          file.mode(),
          "text",
          file.purpose(),
          file.role(),
          file.text(),
          file.traces());
    }
  }
}
