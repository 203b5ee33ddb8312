package vividtrellis.service.http;

import java.net.URI;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import vividtrellis.core.brief.PickWords.UnknownWord;
import vividtrellis.core.brief.Shown;
import vividtrellis.core.compat.Verdict;
import vividtrellis.core.document.UnreadableDocument;
import vividtrellis.service.ProjectService.BlockedBrief;
import vividtrellis.service.http.ProjectController.BadQuery;

/** Every error in one shape: {@code application/problem+json} with a stable type. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
  private static final int MOST_CAUSES = 5;
  private static final String TYPE = "urn:vivid-trellis:problem:";

  @ExceptionHandler
  ResponseEntity<Object> unreadable(UnreadableDocument e) {
    List<Map<String, String>> errors =
        e.faults().stream().map(f -> error(f.pointer(), f.detail(), f.suggestion())).toList();
    return unreadable("unreadable-brief", "The brief cannot be read", e, errors);
  }

  @ExceptionHandler
  ResponseEntity<Object> unknownWord(UnknownWord e) {
    Map<String, String> error =
        error("#", String.valueOf(e.getMessage()), e.nearest().orElse(null));
    return unreadable("unreadable-brief", "The picks cannot be read", e, List.of(error));
  }

  @ExceptionHandler
  ResponseEntity<Object> badQuery(BadQuery e) {
    return unreadable("unreadable-query", "The address cannot be read", e, List.of(e.error()));
  }

  @ExceptionHandler
  ResponseEntity<Object> blocked(BlockedBrief e) {
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
    problem.setProperty(
        "findings", verdict.findings().stream().map(Responses.Finding::of).toList());
    return answer(problem);
  }

  /** Asked for what cannot be decoded, as the container sees it when a parameter is first read. */
  @ExceptionHandler
  ResponseEntity<Object> undecodable(InvalidParameterException e) {
    return answer(
        problem(
            HttpStatus.BAD_REQUEST,
            "unreadable-query",
            "The address cannot be read",
            "What follows the question mark is not written as UTF-8 with percent signs.",
            List.of()));
  }

  @ExceptionHandler
  ResponseEntity<Object> fault(Exception e) {
    LOG.error("a request could not be answered", told(e, MOST_CAUSES));
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.INTERNAL_SERVER_ERROR,
            "The fault is the service's own. Its log says more; the brief is not lost.");
    problem.setType(URI.create(TYPE + "internal-fault"));
    return answer(problem);
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
      problem.setType(URI.create(TYPE + ProtocolErrors.type(status.value())));
      // The framework's own words name its parts, and may hold all that was sent.
      problem.setDetail(
          e instanceof TypeMismatchException wrong
              ? "'%s' is not of the form that is expected.".formatted(wrong.getPropertyName())
              : ProtocolErrors.detail(status.value(), null));
    }
    // Set, not agreed upon: who accepts nothing of it is told all the same what was wrong.
    HttpHeaders all = new HttpHeaders(headers);
    all.setContentType(MediaType.APPLICATION_PROBLEM_JSON);
    return super.handleExceptionInternal(e, shown, all, status, request);
  }

  /** The fault with its places, but no more of its words than help: they may hold what was sent. */
  private static Throwable told(Throwable e, int causes) {
    String words = Shown.of(String.valueOf(e.getMessage()));
    Throwable cause = e.getCause() == null || causes == 0 ? null : told(e.getCause(), causes - 1);
    Throwable told = new Throwable(e.getClass().getName() + ": " + words, cause);
    told.setStackTrace(e.getStackTrace());
    return told;
  }

  private static boolean isBlank(@Nullable URI type) {
    return type == null || type.toString().equals("about:blank");
  }

  private static ResponseEntity<Object> unreadable(
      String type, String title, Exception e, List<Map<String, String>> errors) {
    return answer(
        problem(HttpStatus.BAD_REQUEST, type, title, String.valueOf(e.getMessage()), errors));
  }

  private static ResponseEntity<Object> answer(ProblemDetail problem) {
    return ResponseEntity.status(problem.getStatus())
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(problem);
  }

  private static ProblemDetail problem(
      HttpStatus status,
      String type,
      String title,
      String detail,
      List<Map<String, String>> errors) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
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
