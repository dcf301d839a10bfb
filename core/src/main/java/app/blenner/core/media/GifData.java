package app.blenner.core.media;

import app.blenner.core.picture.BrokenPictureException;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** The blocks of a GIF file. Source: Graphics Interchange Format, version 89a, sections 17 to 27. */
final class GifData {
  static final int IMAGE = 0x2C;
  static final int EXTENSION = 0x21;
  static final int TRAILER = 0x3B;
  static final int APPLICATION = 0xFF;
  private static final int COMMENT = 0xFE;

  private GifData() {}

  static void strip(DataInputStream in, DataOutputStream out)
      throws IOException, BrokenPictureException {
    byte[] head = exactly(in, 13);
    out.write(head);
    copyTable(in, out, head[10]);
    while (true) {
      int block = in.readUnsignedByte();
      if (block == TRAILER) {
        out.write(block);
        return;
      } else if (block == IMAGE) {
        out.write(block);
        byte[] place = exactly(in, 9);
        out.write(place);
        copyTable(in, out, place[8]);
        out.write(in.readUnsignedByte());
        copyPieces(in, out);
      } else if (block == EXTENSION) {
        extension(in, out);
      } else if (block != 0) { // some programs fill up with zeros
        throw PictureData.broken();
      }
    }
  }

  private static void extension(DataInputStream in, DataOutputStream out) throws IOException {
    int label = in.readUnsignedByte();
    if (label == COMMENT) {
      copyPieces(in, null);
      return;
    }
    int length = in.readUnsignedByte();
    byte[] first = exactly(in, length);
    String name = new String(first, StandardCharsets.ISO_8859_1);
    // Of what applications add, only how often it is played says how it looks.
    boolean kept = label != APPLICATION || name.equals("NETSCAPE2.0") || name.equals("ANIMEXTS1.0");
    if (kept) {
      out.write(EXTENSION);
      out.write(label);
      out.write(length);
      out.write(first);
    }
    if (length > 0) {
      copyPieces(in, kept ? out : null);
    }
  }

  /** A table of colours, where the flags say that there is one. */
  static void copyTable(DataInputStream in, DataOutputStream out, int flags) throws IOException {
    if ((flags & 0x80) != 0) {
      out.write(exactly(in, 3 << ((flags & 7) + 1)));
    }
  }

  static void copyPieces(DataInputStream in, DataOutputStream out) throws IOException {
    int length;
    do {
      length = in.readUnsignedByte();
      byte[] piece = exactly(in, length);
      if (out != null) {
        out.write(length);
        out.write(piece);
      }
    } while (length > 0);
  }

  static byte[] exactly(DataInputStream in, int length) throws IOException {
    byte[] bytes = in.readNBytes(length);
    if (bytes.length < length) {
      throw new EOFException();
    }
    return bytes;
  }
}
