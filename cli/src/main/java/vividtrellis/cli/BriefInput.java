package vividtrellis.cli;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import vividtrellis.cli.api.ApiClient;
import vividtrellis.cli.api.CatalogAnswer.Item;
import vividtrellis.cli.api.SentBrief;
import vividtrellis.cli.terminal.Failure;
import vividtrellis.cli.terminal.Terminal;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Briefs;
import vividtrellis.core.brief.PickWords;
import vividtrellis.core.brief.Variants;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.UnreadableDocument;

/**
 * The picks of a command: a brief file, standard input, words, or a file and words, where words
 * win.
 */
final class BriefInput {

  private static final int MOST_BYTES = 4 * Documents.LARGEST;

  @Parameters(
      paramLabel = "PICK",
      arity = "0..*",
      description = {
        "A brief file, - for standard input, or words: KEY=VALUE and +ID.",
        "Words override the file."
      })
  private List<String> given = new ArrayList<>();

  @Option(
      names = "--variant",
      paramLabel = "NAME",
      description = "Of a brief with variants, take this one.")
  private @Nullable String variant;

  private boolean takesMore;

  /** What is neither a word nor the brief: the first is the brief, the others are the command's. */
  List<String> rest() {
    List<String> all = given.stream().filter(each -> !isWord(each)).toList();
    return all.subList(Math.min(files().size(), all.size()), all.size());
  }

  /** Says that the command takes a further name, which words alone leave room for. */
  BriefInput takingMore() {
    takesMore = true;
    return this;
  }

  /** The file that the brief is in; empty for words and for standard input. */
  Optional<Path> file() {
    return files().stream().findFirst().filter(name -> !name.equals("-")).map(Path::of);
  }

  /** The brief that the picks make. */
  Brief brief(ApiClient service) {
    SentBrief document = document(service);
    try {
      return Variants.meant(Briefs.read(document.text(), document.notation()));
    } catch (UnreadableDocument e) {
      throw Failure.unreadable(e);
    }
  }

  /** Whether the brief of a file has variants. */
  boolean hasVariants() {
    SentBrief document = read(files().get(0));
    try {
      return !Variants.names(Briefs.read(document.text(), document.notation())).isEmpty();
    } catch (UnreadableDocument e) {
      throw Failure.unreadable(e);
    }
  }

  /** The brief as its file has it, with its variants. */
  Brief withVariants() {
    if (variant != null || files().isEmpty() || given.size() > 1) {
      throw new Failure(
          Failure.USAGE,
          "All variants are those of one brief file.",
          null,
          "name the file alone, as in: vivid take berth-booking.yaml --all --into DIR");
    }
    SentBrief document = read(files().get(0));
    try {
      return Briefs.read(document.text(), document.notation());
    } catch (UnreadableDocument e) {
      throw Failure.unreadable(e);
    }
  }

  /** Whether it says nothing at all. */
  boolean isEmpty() {
    return given.isEmpty();
  }

  /** Whether it names a brief, in a file or on standard input. */
  boolean hasBrief() {
    return !files().isEmpty();
  }

  /** Whether the brief comes from standard input, which then can answer no question. */
  boolean isFromInput() {
    List<String> files = files();
    return files.contains("-") || (files.isEmpty() && given.isEmpty());
  }

  SentBrief document(ApiClient service) {
    List<String> words = given.stream().filter(BriefInput::isWord).toList();
    List<String> files = files();
    if (files.isEmpty() && words.isEmpty()) {
      if (Terminal.isInput()) {
        throw new Failure(
            Failure.USAGE,
            "Nothing is picked.",
            null,
            "name a brief file, or picks such as name=berth-booking +http-api");
      }
      files = List.of("-");
    }
    SentBrief document = files.isEmpty() ? begun() : read(files.get(0));
    return words.isEmpty() && variant == null ? document : changed(document, words, service);
  }

  private static SentBrief begun() {
    return SentBrief.of("the words", Config.read().begun());
  }

  private SentBrief changed(SentBrief document, List<String> words, ApiClient service) {
    try {
      Brief whole = Briefs.read(document.text(), document.notation());
      for (String word : words) {
        whole = PickWords.saysVariants(word) ? PickWords.applyWord(whole, word, List.of()) : whole;
      }
      Brief brief = variant == null ? Variants.meant(whole) : Variants.of(whole, variant);
      List<String> extras =
          words.stream().anyMatch(word -> word.startsWith("+")) ? extras(service) : List.of();
      for (String word : words.stream().filter(each -> !PickWords.saysVariants(each)).toList()) {
        brief = PickWords.applyWord(brief, word, extras);
      }
      return SentBrief.of(document.name(), brief);
    } catch (UnreadableDocument e) {
      throw Failure.unreadable(e);
    } catch (PickWords.UnknownWord e) {
      throw new Failure(
          Failure.UNREADABLE,
          String.valueOf(e.getMessage()),
          e.word(),
          e.nearest().map(key -> "did you mean " + key + "=...?").orElse(null));
    }
  }

  private static List<String> extras(ApiClient service) {
    return service.get("/catalog").catalog().extras().stream().map(Item::id).toList();
  }

  /**
   * The name of the brief, if it is one of a file; empty where words say everything. Of a single
   * name it is its place that tells: a brief stands before the words that change it, a further name
   * behind them, whatever files lie around.
   */
  private List<String> files() {
    List<String> all = given.stream().filter(each -> !isWord(each)).toList();
    boolean words = all.size() < given.size();
    boolean further =
        takesMore && words && all.size() == 1 && !"-".equals(all.get(0)) && isWord(given.get(0));
    return further || all.isEmpty() ? List.of() : all.subList(0, 1);
  }

  private static boolean isWord(String given) {
    return given.startsWith("+") || given.matches("(?s)[A-Za-z][A-Za-z.-]*=.*");
  }

  /** A brief that is in a file, or comes from standard input. */
  static SentBrief read(String name) {
    try (InputStream in = name.equals("-") ? System.in : Files.newInputStream(Path.of(name))) {
      byte[] bytes = in.readNBytes(MOST_BYTES);
      String text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
      if (text.isBlank()) {
        throw new Failure(
            Failure.UNREADABLE,
            "There is no brief in it.",
            name.equals("-") ? "standard input" : name,
            "a brief begins with: project: { name: berth-booking }");
      }
      return new SentBrief(name, text, Notation.of(text));
    } catch (CharacterCodingException e) {
      throw new Failure(Failure.UNREADABLE, "This is not UTF-8.", name, "save it as UTF-8");
    } catch (IOException | InvalidPathException e) {
      throw new Failure(
          Failure.UNREADABLE,
          "There is no brief that can be read: " + name,
          "the brief file",
          "name a file that is there; a pick is written KEY=VALUE or +STARTER");
    }
  }
}
