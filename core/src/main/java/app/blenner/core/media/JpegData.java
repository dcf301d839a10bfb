package app.blenner.core.media;

import app.blenner.core.picture.BrokenPictureException;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** The segments of a JPEG file. Source: ITU-T T.81, annex B. */
final class JpegData {
  private static final int BEGINS = 0xD8;
  private static final int ENDS = 0xD9;
  private static final int SCAN = 0xDA;

  private JpegData() {}

  static void strip(DataInputStream in, DataOutputStream out, int orientation)
      throws IOException, BrokenPictureException {
    if (in.readUnsignedShort() != 0xFF00 + BEGINS) {
      throw PictureData.broken();
    }
    out.writeShort(0xFF00 + BEGINS);
    int marker = readMarker(in);
    boolean said = orientation <= 1;
    while (marker != ENDS) {
      // JFIF has to come first where there is any.
      if (!said && marker != 0xE0) {
        exif(out, orientation);
        said = true;
      }
      byte[] segment = readSegment(in);
      if (isPicture(marker, segment)) {
        out.writeShort(0xFF00 + marker);
        out.writeShort(segment.length + 2);
        out.write(segment);
      }
      marker = marker == SCAN ? scan(in, out) : readMarker(in);
    }
    out.writeShort(0xFF00 + ENDS);
  }

  private static byte[] readSegment(DataInputStream in) throws IOException, BrokenPictureException {
    int length = in.readUnsignedShort() - 2;
    if (length < 0) {
      throw PictureData.broken();
    }
    byte[] segment = in.readNBytes(length);
    if (segment.length < length) {
      throw new EOFException();
    }
    return segment;
  }

  /** Of what applications add, JFIF, the profile of the colours and Adobe's way of storing them say how pixels look. */
  private static boolean isPicture(int marker, byte[] segment) {
    boolean added = (marker >= 0xE0 && marker <= 0xEF) || marker == 0xFE;
    String begin =
        new String(segment, 0, Math.min(12, segment.length), StandardCharsets.ISO_8859_1);
    return !added
        || marker == 0xE0
        || (marker == 0xE2 && begin.startsWith("ICC_PROFILE"))
        || (marker == 0xEE && begin.startsWith("Adobe"));
  }

  private static int readMarker(DataInputStream in) throws IOException, BrokenPictureException {
    int b = in.readUnsignedByte();
    if (b != 0xFF) {
      throw PictureData.broken();
    }
    while (b == 0xFF) {
      b = in.readUnsignedByte();
    }
    return b;
  }

  /** Copies the bits of a scan, and gives the marker that ends it. */
  private static int scan(DataInputStream in, DataOutputStream out) throws IOException {
    while (true) {
      int b = in.readUnsignedByte();
      if (b != 0xFF) {
        out.write(b);
        continue;
      }
      int next = in.readUnsignedByte();
      while (next == 0xFF) {
        next = in.readUnsignedByte(); // any number of these may fill up
      }
      // A stuffed zero, or a place to take up again.
      if (next == 0 || (next >= 0xD0 && next <= 0xD7)) {
        out.write(0xFF);
        out.write(next);
      } else {
        return next;
      }
    }
  }

  private static void exif(DataOutputStream out, int orientation) throws IOException {
    byte[] tiff = PictureData.upright(orientation);
    out.writeShort(0xFFE1);
    out.writeShort(2 + 6 + tiff.length);
    out.write("Exif\0\0".getBytes(StandardCharsets.ISO_8859_1));
    out.write(tiff);
  }
}
