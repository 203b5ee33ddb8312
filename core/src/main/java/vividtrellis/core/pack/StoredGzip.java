package vividtrellis.core.pack;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.zip.CRC32;

/**
 * The gzip container (RFC 1952) around stored blocks (RFC 1951, 3.2.4). Written out here because
 * the platform's deflater gives other bytes from one zlib to the next, even at level 0.
 */
final class StoredGzip {

  private static final int BLOCK = 0xFFFF;

  private StoredGzip() {}

  static byte[] wrap(byte[] content) {
    ByteArrayOutputStream out = new ByteArrayOutputStream(content.length + 64);
    // Magic, deflate, no flags, no time, no extra flags, unknown system.
    out.writeBytes(new byte[] {0x1f, (byte) 0x8b, 8, 0, 0, 0, 0, 0, 0, (byte) 0xff});
    int at = 0;
    do {
      int length = Math.min(BLOCK, content.length - at);
      boolean last = at + length == content.length;
      out.writeBytes(
          little(5)
              .put((byte) (last ? 1 : 0))
              .putShort((short) length)
              .putShort((short) ~length)
              .array());
      out.write(content, at, length);
      at += length;
    } while (at < content.length);
    CRC32 crc = new CRC32();
    crc.update(content);
    out.writeBytes(little(8).putInt((int) crc.getValue()).putInt(content.length).array());
    return out.toByteArray();
  }

  private static ByteBuffer little(int size) {
    return ByteBuffer.allocate(size).order(ByteOrder.LITTLE_ENDIAN);
  }
}
