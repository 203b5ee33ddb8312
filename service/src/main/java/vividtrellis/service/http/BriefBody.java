package vividtrellis.service.http;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.web.server.ResponseStatusException;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Briefs;
import vividtrellis.core.brief.Variants;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.Node;
import vividtrellis.core.document.UnreadableDocument;
import vividtrellis.core.document.UnreadableDocument.Fault;

/** Takes a brief out of a request, reading no more of it than a brief may have. */
final class BriefBody {

  static final String YAML = "application/yaml";
  private static final int MOST_BYTES = 2 * Documents.LARGEST;

  private BriefBody() {}

  /** Two briefs that are compared. */
  record Two(Brief left, Brief right) {}

  /**
   * A document as it was sent, not looked into yet: that costs, and is not done for who is refused.
   */
  record Sent(String text, Notation notation) {
    /** The brief, or of one with variants the variant that is its default. */
    Brief brief() {
      return Variants.meant(Briefs.of(Documents.read(text, notation)));
    }

    /** Two briefs, from {@code { left: brief, right: brief }}. */
    Two two() {
      return BriefBody.two(Documents.read(text, notation));
    }
  }

  private static Two two(Node document) {
    if (!(document instanceof Node.Fields both)) {
      throw UnreadableDocument.whole(
          "Two briefs are expected under 'left' and 'right'; this is %s."
              .formatted(document.describe()),
          null);
    }
    List<Fault> faults = new ArrayList<>();
    for (String key : both.values().keySet()) {
      if (!key.equals("left") && !key.equals("right")) {
        faults.add(new Fault("#/" + key, "There is no key '" + key + "' here.", "left or right"));
      }
    }
    Brief left = side(both, "left", faults);
    Brief right = side(both, "right", faults);
    if (!faults.isEmpty()) {
      throw new UnreadableDocument(faults);
    }
    return new Two(left, right);
  }

  private static Brief side(Node.Fields both, String key, List<Fault> faults) {
    Optional<Node> side = both.get(key);
    if (side.isEmpty()) {
      faults.add(new Fault("#/" + key, "The brief under '" + key + "' is missing.", null));
      return Brief.empty();
    }
    try {
      return Variants.meant(Briefs.of(side.get()));
    } catch (UnreadableDocument e) {
      for (Fault fault : e.faults()) {
        String pointer = "#/" + key + fault.pointer().substring(1);
        faults.add(new Fault(pointer, fault.detail(), fault.suggestion()));
      }
      return Brief.empty();
    }
  }

  /** Takes the document out of a request. */
  static Sent of(HttpServletRequest request) throws IOException {
    if (request.getHeader("Content-Encoding") != null) {
      throw new ResponseStatusException(HttpStatus.UNSUPPORTED_MEDIA_TYPE);
    }
    byte[] bytes = request.getInputStream().readNBytes(MOST_BYTES + 1);
    if (bytes.length > MOST_BYTES) {
      throw UnreadableDocument.whole(
          "The document is larger than %d bytes, which is the most that is read."
              .formatted(MOST_BYTES),
          "Leave out what does not belong into it.");
    }
    String type = String.valueOf(request.getContentType());
    return new Sent(text(bytes), type.startsWith(YAML) ? Notation.YAML : Notation.JSON);
  }

  private static String text(byte[] bytes) {
    try {
      return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
    } catch (CharacterCodingException e) {
      throw UnreadableDocument.whole("The document is not written in UTF-8.", "Save it as UTF-8.");
    }
  }
}
