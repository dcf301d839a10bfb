package app.blenner.core.media;

import app.blenner.core.picture.BrokenPictureException;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.zip.CRC32;

/** The chunks of a PNG file. Source: W3C Portable Network Graphics, third edition, 5.3 and 11. */
final class PngData {
  private static final long SIGNATURE = 0x89504E470D0A1A0AL;

  /** Those that say how pixels look, and how they move. */
  private static final Set<String> PICTURE =
      Set.of(
          "IHDR", "PLTE", "IDAT", "IEND", "tRNS", "gAMA", "cHRM", "iCCP", "sRGB", "cICP", "sBIT",
          "bKGD", "pHYs", "acTL", "fcTL", "fdAT");

  private PngData() {}

  static void strip(DataInputStream in, DataOutputStream out, int orientation)
      throws IOException, BrokenPictureException {
    if (in.readLong() != SIGNATURE) {
      throw PictureData.broken();
    }
    out.writeLong(SIGNATURE);
    String type;
    boolean first = true;
    do {
      int length = in.readInt();
      byte[] name = in.readNBytes(4);
      type = new String(name, StandardCharsets.ISO_8859_1);
      if (name.length < 4) {
        throw new EOFException();
      } else if (length < 0 || (first && !type.equals("IHDR"))) {
        throw PictureData.broken();
      }
      if (PICTURE.contains(type)) {
        out.writeInt(length);
        out.write(name);
        copy(in, out, length + 4L);
      } else {
        in.skipNBytes(length + 4L);
      }
      if (first && orientation > 1) {
        chunk(out, "eXIf", PictureData.upright(orientation));
      }
      first = false;
    } while (!type.equals("IEND"));
  }

  static void copy(DataInputStream in, DataOutputStream out, long length) throws IOException {
    byte[] some = new byte[8192];
    long left = length;
    while (left > 0) {
      int read = in.read(some, 0, (int) Math.min(some.length, left));
      if (read < 0) {
        throw new EOFException();
      }
      out.write(some, 0, read);
      left -= read;
    }
  }

  private static void chunk(DataOutputStream out, String type, byte[] data) throws IOException {
    byte[] name = type.getBytes(StandardCharsets.ISO_8859_1);
    CRC32 sum = new CRC32();
    sum.update(name);
    sum.update(data);
    out.writeInt(data.length);
    out.write(name);
    out.write(data);
    out.writeInt((int) sum.getValue());
  }
}
