package vividtrellis.bench;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.MissingNode;

/**
 * Whether two services answer the same, for when one is the other after a redesign: verdicts,
 * lattices and files of drawn briefs, and of what their ways out lead to. Every kind of difference
 * is printed with how often it is and one example; which of them are meant, its reader decides.
 */
public final class SameAnswers {

  private static final int COUNT = 300;
  private static final int SEED = 2026;
  private static final int MOST_STEPS = 8;
  private static final String RECEIPT = ".vivid/receipt.json";

  private static final ObjectMapper JSON = JsonMapper.builder().build();
  private static final HttpClient CLIENT = HttpClient.newHttpClient();

  private final Map<String, Integer> counts = new TreeMap<>();
  private final Map<String, String> examples = new TreeMap<>();
  private final String before;
  private final String after;
  private int verdicts;
  private int projects;
  private int files;

  private SameAnswers(String before, String after) {
    this.before = before;
    this.after = after;
  }

  /** With the addresses of both, and how many briefs are drawn, 300 unless told otherwise. */
  public static void main(String[] args) throws IOException, InterruptedException {
    if (args.length < 2) {
      System.err.println("Two addresses are needed: bench/run same BEFORE AFTER [COUNT]");
      System.exit(64);
    }
    SameAnswers answers = new SameAnswers(args[0], args[1]);
    int count = args.length > 2 ? Integer.parseInt(args[2]) : COUNT;
    DrawnBriefs drawn =
        new DrawnBriefs(SEED, json(answers.ask(args[0], "GET", "catalog", "").body()));
    for (int i = 0; i < count; i++) {
      answers.compare(drawn.next());
    }
    System.out.printf(
        "%d briefs: %d verdicts and lattices, %d projects with %d files%n",
        count, answers.verdicts, answers.projects, answers.files);
    answers.counts.forEach(
        (kind, times) ->
            System.out.printf("%6d  %s%n        %s%n", times, kind, answers.examples.get(kind)));
    System.out.println(answers.counts.isEmpty() ? "no difference" : "each kind with one example");
  }

  private static JsonNode json(byte[] text) {
    return JSON.readTree(text);
  }

  /** One brief and, while it is blocked, what its first way out makes of it. */
  private void compare(String brief) throws IOException, InterruptedException {
    String sent = brief;
    for (int step = 0; step < MOST_STEPS; step++) {
      JsonNode verdict = both("checks", sent);
      verdicts++;
      both("lattice", sent);
      if (verdict.path("verdict").asString("").equals("fits")) {
        archives(sent);
        return;
      }
      JsonNode applied = both("checks?apply=1", sent).path("applied").path("brief");
      if (applied.isMissingNode()) {
        return;
      }
      sent = applied.toString();
    }
  }

  /** The earlier answer to both. */
  private JsonNode both(String call, String brief) throws IOException, InterruptedException {
    JsonNode one = json(ask(before, "POST", call, brief).body());
    JsonNode other = json(ask(after, "POST", call, brief).body());
    differ(call, "", one, other, brief);
    return one;
  }

  private void archives(String brief) throws IOException, InterruptedException {
    Map<String, String> one = archive(before, brief);
    Map<String, String> other = archive(after, brief);
    projects++;
    TreeSet<String> paths = new TreeSet<>(one.keySet());
    paths.addAll(other.keySet());
    for (String path : paths) {
      String left = one.get(path);
      String right = other.get(path);
      files++;
      if (left == null || right == null) {
        found("file only " + (left == null ? "after" : "before") + ": " + path, brief);
      } else if (path.equals(RECEIPT)) {
        differ("receipt", "", JSON.readTree(left), JSON.readTree(right), brief);
      } else if (!left.equals(right)) {
        found("file " + path, brief);
      }
    }
  }

  private Map<String, String> archive(String service, String brief)
      throws IOException, InterruptedException {
    Map<String, String> entries = new TreeMap<>();
    HttpResponse<byte[]> answer = ask(service, "POST", "archives?format=zip", brief);
    if (answer.statusCode() != 200) {
      entries.put("status " + answer.statusCode(), "");
      return entries;
    }
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(answer.body()))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        entries.put(
            entry.getName().replaceFirst("^[^/]*/", ""),
            new String(in.readAllBytes(), StandardCharsets.UTF_8));
      }
    }
    return entries;
  }

  private HttpResponse<byte[]> ask(String service, String method, String call, String body)
      throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(service + "/api/v1/" + call))
            .header("Content-Type", "application/json")
            .method(method, BodyPublishers.ofString(body))
            .build();
    return CLIENT.send(request, BodyHandlers.ofByteArray());
  }

  /** Walks both trees; places in lists count as one kind. */
  private void differ(String document, String at, JsonNode left, JsonNode right, String brief) {
    if (left.equals(right)) {
      return;
    }
    if (left.isObject() && right.isObject()) {
      TreeSet<String> names = new TreeSet<>(left.propertyNames());
      names.addAll(right.propertyNames());
      for (String name : names) {
        differ(document, at + "/" + name, left.path(name), right.path(name), brief);
      }
    } else if (left.isArray() && right.isArray() && left.size() == right.size()) {
      for (int i = 0; i < left.size(); i++) {
        differ(document, at + "/*", left.path(i), right.path(i), brief);
      }
    } else if (left.isArray() && right.isArray()) {
      apart(document, at, left, right, brief);
    } else {
      String how = left.isMissingNode() ? "joined" : right.isMissingNode() ? "went" : "is another";
      found("%s %s %s".formatted(document, at, how), left + " -> " + right + " of " + brief);
    }
  }

  /** Lists that are not equally long, entry by entry: which ones joined, which ones went. */
  private void apart(String document, String at, JsonNode left, JsonNode right, String brief) {
    Map<String, JsonNode> before = named(left);
    Map<String, JsonNode> after = named(right);
    TreeSet<String> names = new TreeSet<>(before.keySet());
    names.addAll(after.keySet());
    for (String name : names) {
      JsonNode one = before.getOrDefault(name, MissingNode.getInstance());
      JsonNode other = after.getOrDefault(name, MissingNode.getInstance());
      String kind = one.isMissingNode() || other.isMissingNode() ? name : "*";
      differ(document, at + "/" + kind, one, other, brief);
    }
  }

  private static Map<String, JsonNode> named(JsonNode list) {
    Map<String, JsonNode> named = new LinkedHashMap<>();
    for (JsonNode each : list) {
      String name =
          each.isObject()
              ? Stream.of("rule", "kind", "id", "because")
                  .map(key -> each.path(key).asString(""))
                  .filter(text -> !text.isEmpty())
                  .limit(2)
                  .collect(Collectors.joining(" "))
              : each.toString();
      named.merge(name, each, (one, other) -> one);
    }
    return named;
  }

  private void found(String kind, String example) {
    counts.merge(kind, 1, Integer::sum);
    examples.putIfAbsent(kind, example.substring(0, Math.min(400, example.length())));
  }
}
