package app.blenner.core.media;

import java.io.EOFException;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;

/** The length of MPEG layer III sound: by the count of frames that its first may hold, else frame by frame. */
final class MpegFrames {
  // ISO/IEC 11172-3, 2.4.2.3 and ISO/IEC 13818-3, 2.4.2.3: kbit/s of layer III.
  private static final int[] RATES_1 = {
    0, 32, 40, 48, 56, 64, 80, 96, 112, 128, 160, 192, 224, 256, 320
  };
  private static final int[] RATES_2 = {
    0, 8, 16, 24, 32, 40, 48, 56, 64, 80, 96, 112, 128, 144, 160
  };
  private static final int[] FREQUENCIES = {44_100, 48_000, 32_000};
  private static final int BUFFER = 1 << 16;

  private final RandomAccessFile in;
  private final byte[] buffer = new byte[BUFFER];
  private long bufferAt = -1;
  private int buffered;

  private MpegFrames(RandomAccessFile in) {
    this.in = in;
  }

  private record Frame(int bytes, int samples, int frequency, boolean mono) {}

  static double seconds(RandomAccessFile in) throws IOException {
    return new MpegFrames(in).seconds();
  }

  private int at(long place) throws IOException {
    if (place < bufferAt || bufferAt < 0 || place >= bufferAt + buffered) {
      in.seek(place);
      buffered = in.read(buffer);
      bufferAt = place;
      if (buffered <= 0) {
        buffered = 0;
        throw new EOFException();
      }
    }
    return buffer[(int) (place - bufferAt)] & 0xFF;
  }

  private long start() throws IOException {
    boolean tagged = at(0) == 'I' && at(1) == 'D' && at(2) == '3';
    return tagged ? 10 + ((long) at(6) << 21 | at(7) << 14 | at(8) << 7 | at(9)) : 0;
  }

  private Frame frameOf(long place) throws IOException {
    int second = at(place + 1);
    int third = at(place + 2);
    int version = (second >> 3) & 3; // 3: MPEG 1, 2: MPEG 2, 0: its extension to low frequencies
    int rate = third >> 4;
    int frequency = (third >> 2) & 3;
    boolean right = at(place) == 0xFF && (second & 0xE6) == 0xE2 && version != 1;
    if (!right || rate == 0 || rate == 15 || frequency == 3) {
      return null;
    }
    boolean first = version == 3;
    int hertz = FREQUENCIES[frequency] >> (first ? 0 : version == 2 ? 1 : 2);
    int bits = (first ? RATES_1 : RATES_2)[rate] * 1000;
    int samples = first ? 1152 : 576;
    int bytes = samples / 8 * bits / hertz + ((third >> 1) & 1);
    return new Frame(bytes, samples, hertz, at(place + 3) >> 6 == 3);
  }

  private double seconds() throws IOException {
    long place = start();
    long end = in.length();
    long tries = place + BUFFER;
    while (place < Math.min(end - 4, tries) && frameOf(place) == null) {
      place++;
    }
    Frame first = frameOf(place);
    if (first == null) {
      return 0;
    }
    long said = saidFrames(place, first);
    if (said > 0) {
      return (double) said * first.samples / first.frequency;
    }
    double seconds = 0;
    Frame frame;
    while (place + 4 <= end && (frame = frameOf(place)) != null && frame.bytes > 0) {
      seconds += (double) frame.samples / frame.frequency;
      place += frame.bytes;
    }
    return seconds;
  }

  /** The count of frames that encoders put into the first frame; common practice. */
  private long saidFrames(long place, Frame first) throws IOException {
    int side = first.samples == 1152 ? (first.mono ? 17 : 32) : first.mono ? 9 : 17;
    long tag = place + 4 + side;
    if (tag + 12 > in.length()) {
      return 0;
    }
    byte[] name = {(byte) at(tag), (byte) at(tag + 1), (byte) at(tag + 2), (byte) at(tag + 3)};
    String letters = new String(name, StandardCharsets.ISO_8859_1);
    boolean counted = (letters.equals("Xing") || letters.equals("Info")) && (at(tag + 7) & 1) == 1;
    return counted
        ? (long) at(tag + 8) << 24 | at(tag + 9) << 16 | at(tag + 10) << 8 | at(tag + 11)
        : 0;
  }
}
