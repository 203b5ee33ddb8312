package vividtrellis.service.http;

import java.net.URI;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import vividtrellis.core.brief.PickWords.UnknownWord;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.document.UnreadableDocument;
import vividtrellis.service.Workshop.BlockedBrief;
import vividtrellis.service.http.ProjectController.BadQuery;

/** Every error in one shape: {@code application/problem+json} with a stable type. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
  private static final String TYPE = "urn:vivid-trellis:problem:";

  @ExceptionHandler
  ProblemDetail unreadable(UnreadableDocument e) {
    List<Map<String, String>> errors =
        e.faults().stream().map(f -> error(f.pointer(), f.detail(), f.suggestion())).toList();
    return problem(
        HttpStatus.BAD_REQUEST, "unreadable-brief", "The brief cannot be read", e, errors);
  }

  @ExceptionHandler
  ProblemDetail unknownWord(UnknownWord e) {
    Map<String, String> error =
        error("#", String.valueOf(e.getMessage()), e.nearest().orElse(null));
    return problem(
        HttpStatus.BAD_REQUEST, "unreadable-brief", "The picks cannot be read", e, List.of(error));
  }

  @ExceptionHandler
  ProblemDetail badQuery(BadQuery e) {
    return problem(
        HttpStatus.BAD_REQUEST,
        "unreadable-query",
        "The address cannot be read",
        e,
        List.of(e.error()));
  }

  @ExceptionHandler
  ProblemDetail blocked(BlockedBrief e) {
    Verdict verdict = e.verdict();
    List<Map<String, String>> errors =
        verdict.findings().stream()
            .filter(
                f ->
                    f.severity() == Verdict.Severity.BLOCKER
                        || f.rule().equals(Verdict.NOT_WRITTEN_YET))
            .map(
                f ->
                    error(
                        "#" + e.pointer() + (f.picks().isEmpty() ? "" : f.picks().get(0)),
                        f.because(),
                        f.remedies().isEmpty() ? null : f.remedies().get(0).title()))
            .toList();
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.UNPROCESSABLE_CONTENT,
            verdict.fits()
                ? "The picks fit, but this version of the service cannot write all of them yet."
                : "No project can be made with these picks; the findings say why and what helps.");
    problem.setType(URI.create(TYPE + (verdict.fits() ? "not-written-yet" : "blocked-brief")));
    problem.setTitle(verdict.fits() ? "Not written yet" : "The picks do not fit");
    problem.setProperty("errors", errors);
    problem.setProperty("edition", verdict.edition());
    if (!verdict.reach().isEmpty()) {
      problem.setProperty("reach", verdict.reach());
    }
    problem.setProperty("findings", verdict.findings().stream().map(Answers.Finding::of).toList());
    return problem;
  }

  @ExceptionHandler
  ProblemDetail fault(Exception e) {
    LOG.error("a request could not be answered", e);
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.INTERNAL_SERVER_ERROR,
            "The fault is the service's own. Its log says more; the brief is not lost.");
    problem.setType(URI.create(TYPE + "internal-fault"));
    return problem;
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleExceptionInternal(
      Exception e,
      @Nullable Object body,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    Object shown = body == null && e instanceof ErrorResponse known ? known.getBody() : body;
    if (shown instanceof ProblemDetail problem && isBlank(problem.getType())) {
      String word =
          switch (status.value()) {
            case 404 -> "not-found";
            case 405 -> "wrong-method";
            case 406 -> "not-acceptable";
            case 415 -> "wrong-media-type";
            default -> "bad-request";
          };
      problem.setType(URI.create(TYPE + word));
      if (status.value() == 415) {
        problem.setDetail("A brief is sent as application/json or application/yaml.");
      }
    }
    return super.handleExceptionInternal(e, shown, headers, status, request);
  }

  private static boolean isBlank(@Nullable URI type) {
    return type == null || type.toString().equals("about:blank");
  }

  private static ProblemDetail problem(
      HttpStatus status, String type, String title, Exception e, List<Map<String, String>> errors) {
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(status, String.valueOf(e.getMessage()));
    problem.setType(URI.create(TYPE + type));
    problem.setTitle(title);
    problem.setProperty("errors", errors);
    return problem;
  }

  private static Map<String, String> error(
      String pointer, String detail, @Nullable String suggestion) {
    Map<String, String> error = new LinkedHashMap<>();
    error.put("pointer", pointer);
    error.put("detail", detail);
    if (suggestion != null) {
      error.put("suggestion", suggestion);
    }
    return error;
  }
}
