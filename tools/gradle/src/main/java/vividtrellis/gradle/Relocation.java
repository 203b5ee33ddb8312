package vividtrellis.gradle;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;

/**
 * Libraries stand below a prefix in the archive, so that they meet no other version of themselves
 * in a plugin's tests. In a home they are called by their own names again.
 */
final class Relocation {

  /** What precedes the names of libraries. */
  static final String PREFIX = "org/gradle/internal/impldep/";

  private static final String DOTTED = PREFIX.replace('/', '.');

  private Relocation() {}

  /** A path, a name or a text without the prefix. */
  static String undone(String text) {
    return text.replace(PREFIX, "").replace(DOTTED, "");
  }

  /**
   * A class file without the prefix in its constant pool, which holds every name that a class uses.
   *
   * @throws IOException when that is no class file whose constants are known (JVM specification,
   *     4.4)
   */
  static byte[] undone(byte[] classFile) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream(classFile.length);
    DataInputStream in = new DataInputStream(new ByteArrayInputStream(classFile));
    DataOutputStream out = new DataOutputStream(bytes);
    out.writeInt(in.readInt());
    out.writeInt(in.readInt());
    int count = in.readUnsignedShort();
    out.writeShort(count);
    for (int i = 1; i < count; i++) {
      int tag = in.readUnsignedByte();
      out.writeByte(tag);
      switch (tag) {
        case 1 -> out.writeUTF(undone(in.readUTF()));
        case 3, 4, 9, 10, 11, 12, 17, 18 -> out.writeInt(in.readInt());
        case 5, 6 -> {
          // Long and double take two places in the pool.
          out.writeLong(in.readLong());
          i++;
        }
        case 7, 8, 16, 19, 20 -> out.writeShort(in.readUnsignedShort());
        case 15 -> {
          out.writeByte(in.readUnsignedByte());
          out.writeShort(in.readUnsignedShort());
        }
        default -> throw new IOException("no constant of a class file has the tag " + tag);
      }
    }
    in.transferTo(out);
    return bytes.toByteArray();
  }
}
