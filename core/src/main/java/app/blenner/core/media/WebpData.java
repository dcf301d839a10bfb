package app.blenner.core.media;

import app.blenner.core.picture.BrokenPictureException;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Set;

/** The chunks of a WebP file. Source: RFC 9649, section 2. */
final class WebpData {
  private static final Set<String> PICTURE =
      Set.of("VP8 ", "VP8L", "VP8X", "ALPH", "ANIM", "ANMF", "ICCP");

  private static final int HAS_EXIF = 0x08;
  private static final int HAS_XMP = 0x04;

  private WebpData() {}

  static void strip(DataInputStream in, DataOutputStream out, int orientation)
      throws IOException, BrokenPictureException {
    String head = readName(in);
    long left = readLength(in) - 4;
    if (!head.equals("RIFF") || !readName(in).equals("WEBP")) {
      throw PictureData.broken();
    }
    out.write("RIFF\0\0\0\0WEBP".getBytes(StandardCharsets.ISO_8859_1));
    boolean extended = false;
    while (left >= 8) {
      String chunk = readName(in);
      long length = readLength(in);
      long padded = length + (length & 1);
      if (chunk.equals("VP8X") && length >= 1) {
        extended = true;
        write(out, chunk, length);
        int flags = in.readUnsignedByte() & ~HAS_EXIF & ~HAS_XMP;
        out.write(orientation > 1 ? flags | HAS_EXIF : flags);
        PngData.copy(in, out, padded - 1);
      } else if (PICTURE.contains(chunk)) {
        write(out, chunk, length);
        PngData.copy(in, out, padded);
      } else {
        in.skipNBytes(padded);
      }
      left -= 8 + padded;
    }
    if (extended && orientation > 1) {
      byte[] tiff = PictureData.upright(orientation);
      write(out, "EXIF", tiff.length);
      out.write(tiff);
    }
  }

  /** Says at the beginning how long the file has become. */
  static void sayLength(Path file) throws IOException {
    try (RandomAccessFile f = new RandomAccessFile(file.toFile(), "rw")) {
      long length = f.length() - 8;
      f.seek(4);
      f.writeInt(Integer.reverseBytes((int) length));
    }
  }

  private static void write(DataOutputStream out, String chunk, long length) throws IOException {
    out.write(chunk.getBytes(StandardCharsets.ISO_8859_1));
    out.writeInt(Integer.reverseBytes((int) length));
  }

  private static String readName(DataInputStream in) throws IOException {
    byte[] name = in.readNBytes(4);
    if (name.length < 4) {
      throw new EOFException();
    }
    return new String(name, StandardCharsets.ISO_8859_1);
  }

  private static long readLength(DataInputStream in) throws IOException {
    return Integer.toUnsignedLong(Integer.reverseBytes(in.readInt()));
  }
}
