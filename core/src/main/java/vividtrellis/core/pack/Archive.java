package vividtrellis.core.pack;

import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The download. */
public final class Archive {

  /** The forms an archive can have. */
  public enum Format {
    ZIP("zip", "application/zip"),
    TAR_GZ("tar.gz", "application/gzip");

    private final String word;
    private final String mediaType;

    Format(String word, String mediaType) {
      this.word = word;
      this.mediaType = mediaType;
    }

    /** The word for it, which is also the file's ending. */
    public String word() {
      return word;
    }

    /** Its media type. */
    public String mediaType() {
      return mediaType;
    }

    /** The form for a word or a file name that ends with it. */
    public static Optional<Format> of(String text) {
      return Arrays.stream(values())
          .filter(f -> text.equals(f.word) || text.endsWith("." + f.word))
          .findFirst();
    }
  }

  private final String fileName;
  private final Format format;
  private final byte[] bytes;
  private final String digest;

  Archive(String fileName, Format format, byte[] bytes, String digest) {
    this.fileName = fileName;
    this.format = format;
    this.bytes = bytes;
    this.digest = digest;
  }

  /** The name under which it is saved. */
  public String fileName() {
    return fileName;
  }

  /** Its form. */
  public Format format() {
    return format;
  }

  /** A copy of its bytes. */
  public byte[] bytes() {
    return bytes.clone();
  }

  /** How many bytes it has. */
  public int size() {
    return bytes.length;
  }

  /** SHA-256 of its bytes, in hex. */
  public String digest() {
    return digest;
  }

  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof Archive archive && archive.digest.equals(digest);
  }

  @Override
  public int hashCode() {
    return digest.hashCode();
  }
}
