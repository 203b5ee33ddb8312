package vividtrellis.service.http;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.ServletWebRequest;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.PickWords;
import vividtrellis.core.brief.Variants;
import vividtrellis.core.compare.Comparison;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.compat.Verdict.Remedy;
import vividtrellis.core.pack.Archive;
import vividtrellis.core.pack.Archive.Format;
import vividtrellis.core.render.FileSet;
import vividtrellis.service.MadeArchive;
import vividtrellis.service.ProjectService;
import vividtrellis.service.ProjectService.BlockedBrief;
import vividtrellis.service.ReadyArchives;
import vividtrellis.service.records.RecordKeeper;

/** From a brief to a verdict, an outline, an archive. */
@RestController
@RequestMapping("/api/v1")
class ProjectController {

  private static final int MOST_PICKS = 300;

  private final ProjectService projects;
  private final ReadyArchives archives;
  private final RecordKeeper records;

  ProjectController(ProjectService projects, ReadyArchives archives, RecordKeeper records) {
    this.projects = projects;
    this.archives = archives;
    this.records = records;
  }

  @PostMapping(
      path = "/checks",
      consumes = {MediaType.APPLICATION_JSON_VALUE, BriefBody.YAML})
  Responses.Check check(
      HttpServletRequest request, @RequestParam(required = false) @Nullable Integer apply)
      throws IOException {
    BriefBody.Sent sent = BriefBody.of(request);
    Verdict verdict = projects.check(sent.brief());
    return apply == null ? Responses.Check.of(verdict, null) : applied(numbered(verdict, apply));
  }

  /** Ways out are counted through all findings, from 1. */
  private static Remedy numbered(Verdict verdict, int number) {
    List<Remedy> ways =
        verdict.findings().stream().flatMap(finding -> finding.remedies().stream()).toList();
    if (number < 1 || number > ways.size()) {
      throw new BadQuery(
          "apply",
          ways.isEmpty()
              ? "There is no way out to take; the findings offer none."
              : "There is no way out with the number %d; they go from 1 to %d."
                  .formatted(number, ways.size()));
    }
    return ways.get(number - 1);
  }

  private Responses.Check applied(Remedy remedy) {
    return Responses.Check.of(projects.check(remedy.result()), Responses.Applied.of(remedy));
  }

  @PostMapping(
      path = "/lattice",
      consumes = {MediaType.APPLICATION_JSON_VALUE, BriefBody.YAML})
  Responses.Grid lattice(HttpServletRequest request) throws IOException {
    BriefBody.Sent sent = BriefBody.of(request);
    return Responses.Grid.of(projects.lattice(sent.brief()));
  }

  @PostMapping(
      path = "/outlines",
      consumes = {MediaType.APPLICATION_JSON_VALUE, BriefBody.YAML})
  Responses.Outline outline(HttpServletRequest request) throws IOException {
    BriefBody.Sent sent = BriefBody.of(request);
    Verdict verdict = projects.settle(sent.brief());
    return Responses.Outline.of(projects.files(verdict), verdict.edition());
  }

  @PostMapping(
      path = "/comparisons",
      consumes = {MediaType.APPLICATION_JSON_VALUE, BriefBody.YAML})
  Responses.Differences compare(HttpServletRequest request) throws IOException {
    BriefBody.Sent sent = BriefBody.of(request);
    BriefBody.Two two = sent.two();
    FileSet left = side("/left", two.left());
    return Responses.Differences.of(Comparison.of(left, side("/right", two.right())));
  }

  private FileSet side(String pointer, Brief brief) {
    try {
      return projects.files(projects.settle(brief));
    } catch (BlockedBrief e) {
      throw e.at(pointer);
    }
  }

  @PostMapping(
      path = "/archives",
      consumes = {MediaType.APPLICATION_JSON_VALUE, BriefBody.YAML})
  ResponseEntity<byte[]> archive(
      HttpServletRequest request, @RequestParam(defaultValue = "zip") String format)
      throws IOException {
    Format form = format(format);
    BriefBody.Sent sent = BriefBody.of(request);
    return send(archive(sent.notation() + " " + sent.text(), sent::brief, form));
  }

  @GetMapping("/archives")
  @Nullable ResponseEntity<byte[]> archiveOfPicks(
      @RequestParam MultiValueMap<String, String> query, ServletWebRequest request) {
    for (String key : query.keySet()) {
      if (!key.equals("pick") && !key.equals("format")) {
        throw new BadQuery(
            key, "There is no '%s' here; expected pick=KEY:VALUE and format.".formatted(key));
      }
    }
    List<String> picks = query.getOrDefault("pick", List.of());
    if (picks.size() > MOST_PICKS) {
      throw new BadQuery("pick", "%d picks are the most that is read.".formatted(MOST_PICKS));
    }
    if (query.getOrDefault("format", List.of()).size() > 1) {
      throw new BadQuery("format", "'format' is there more than once.");
    }
    String format = query.getFirst("format");
    Format form = format(format == null ? "zip" : format);
    MadeArchive made = archive(asked(picks), () -> picked(picks), form);
    if (request.checkNotModified(made.archive().digest())) {
      return null;
    }
    // Asking for the head alone takes nothing home.
    return HttpMethod.HEAD.equals(request.getHttpMethod()) ? answer(made.archive()) : send(made);
  }

  /** The picks in one text, each with its length, so that no other picks come to the same. */
  private static String asked(List<String> picks) {
    return picks.stream().map(pick -> pick.length() + ":" + pick).collect(Collectors.joining());
  }

  private static Brief picked(List<String> picks) {
    Brief brief = Brief.empty();
    for (String pick : picks) {
      brief = PickWords.applyPick(brief, pick);
    }
    return Variants.meant(brief);
  }

  private MadeArchive archive(String asked, Supplier<Brief> brief, Format form) {
    return archives.ready(asked, form).orElseGet(() -> archives.make(asked, brief.get(), form));
  }

  private ResponseEntity<byte[]> send(MadeArchive made) {
    records.keep(made);
    return answer(made.archive());
  }

  private static ResponseEntity<byte[]> answer(Archive archive) {
    byte[] digest = HexFormat.of().parseHex(archive.digest());
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(archive.format().mediaType()))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(archive.fileName()).build().toString())
        .header("Content-Digest", "sha-256=:" + Base64.getEncoder().encodeToString(digest) + ":")
        .eTag(archive.digest())
        .body(archive.bytes());
  }

  private static Format format(String word) {
    for (Format format : Format.values()) {
      if (format.word().equals(word)) {
        return format;
      }
    }
    throw new BadQuery("format", "There is no archive of that form; expected zip or tar.gz.");
  }

  /** A query that cannot be read. */
  static final class BadQuery extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final String parameter;

    BadQuery(String parameter, String message) {
      super(message);
      this.parameter = parameter;
    }

    Map<String, String> error() {
      return Map.of("parameter", parameter, "detail", String.valueOf(getMessage()));
    }
  }
}
