package vividtrellis.service.http;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import vividtrellis.core.brief.Brief;
import vividtrellis.core.brief.Briefs;
import vividtrellis.core.document.Documents;
import vividtrellis.core.document.Documents.Notation;
import vividtrellis.core.document.UnreadableDocument;

/** Takes a brief out of a request, reading no more of it than a brief may have. */
final class BriefBody {

  static final String YAML = "application/yaml";
  private static final int MOST_BYTES = 2 * Documents.LARGEST;

  private BriefBody() {}

  static Brief read(HttpServletRequest request) throws IOException {
    byte[] bytes = request.getInputStream().readNBytes(MOST_BYTES + 1);
    if (bytes.length > MOST_BYTES) {
      throw UnreadableDocument.whole(
          "The document is larger than %d bytes, which is the most that is read."
              .formatted(MOST_BYTES),
          "Leave out what does not belong into it.");
    }
    String type = String.valueOf(request.getContentType());
    return Briefs.read(text(bytes), type.startsWith(YAML) ? Notation.YAML : Notation.JSON);
  }

  private static String text(byte[] bytes) {
    try {
      return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
    } catch (CharacterCodingException e) {
      throw UnreadableDocument.whole("The document is not written in UTF-8.", "Save it as UTF-8.");
    }
  }
}
