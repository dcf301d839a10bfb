package app.blenner.core.media;

import app.blenner.core.picture.BrokenPictureException;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;

/**
 * How long a GIF moves: the delays between its pictures, as often as it is played. Source: Graphics Interchange Format,
 * version 89a, section 23; how often is said as every browser reads it, in an extension that is not part of that.
 */
final class GifTime {
  private static final int CONTROL = 0xF9;

  /** In hundredths of a second; browsers take a shorter delay for a mistake, and wait so long. Common practice. */
  private static final int USUAL = 10;

  private static final int SHORTEST = 2;
  private static final DataOutputStream NOWHERE =
      new DataOutputStream(OutputStream.nullOutputStream());

  private final DataInputStream in;
  private int pictures;
  private int delay;
  private int last;
  private long once;
  private long plays = 1;

  private GifTime(DataInputStream in) {
    this.in = in;
  }

  /** How long it moves from its first picture to its last. */
  static Duration of(DataInputStream in) throws IOException, BrokenPictureException {
    GifTime time = new GifTime(in);
    try {
      time.read();
    } catch (EOFException e) {
      // It is shown as far as it goes.
    }
    return time.moves();
  }

  private Duration moves() {
    if (pictures < 2) {
      return Duration.ZERO;
    }
    // The last one stays: nothing moves while it is waited for no other.
    return plays == 0 ? MovingTime.WITHOUT_END : Duration.ofMillis(10 * (once * plays - last));
  }

  private void read() throws IOException, BrokenPictureException {
    byte[] head = GifData.exactly(in, 13);
    GifData.copyTable(in, NOWHERE, head[10]);
    while (true) {
      int block = in.readUnsignedByte();
      if (block == GifData.TRAILER) {
        return;
      } else if (block == GifData.IMAGE) {
        byte[] place = GifData.exactly(in, 9);
        GifData.copyTable(in, NOWHERE, place[8]);
        in.readUnsignedByte();
        GifData.copyPieces(in, null);
        pictures++;
        last = delay < SHORTEST ? USUAL : delay;
        once += last;
      } else if (block == GifData.EXTENSION) {
        extension();
      } else if (block != 0) {
        throw PictureData.broken();
      }
    }
  }

  private void extension() throws IOException {
    int label = in.readUnsignedByte();
    byte[] first = GifData.exactly(in, in.readUnsignedByte());
    if (first.length == 0) {
      return;
    }
    if (label == CONTROL && first.length >= 3) {
      delay = numberOf(first, 1);
    }
    String name = new String(first, StandardCharsets.ISO_8859_1);
    if (label == GifData.APPLICATION
        && (name.equals("NETSCAPE2.0") || name.equals("ANIMEXTS1.0"))) {
      byte[] said = GifData.exactly(in, in.readUnsignedByte());
      if (said.length == 0) {
        return;
      }
      if (said.length >= 3 && said[0] == 1) {
        int again = numberOf(said, 1);
        plays = again == 0 ? 0 : again + 1L;
      }
    }
    GifData.copyPieces(in, null);
  }

  private static int numberOf(byte[] from, int at) {
    return from[at] & 0xFF | (from[at + 1] & 0xFF) << 8;
  }
}
