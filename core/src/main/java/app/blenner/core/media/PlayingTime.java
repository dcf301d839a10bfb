package app.blenner.core.media;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;

/**
 * How long sound and film play, as their containers say it. Nothing is decoded, and no more than headers is read. Sources:
 * ISO/IEC 11172-3 (MP3), RFC 3533 and 7845 (Ogg, Opus), RFC 9639 (FLAC), RFC 9559 and 8794 (WebM), ISO/IEC 14496-12
 * (MP4), the RIFF form of WAVE.
 */
public final class PlayingTime {
  /** Parts of a file looked at before giving up: no honest file has so many before it says how long it is. */
  private static final int MOST_PARTS = 10_000;

  private final RandomAccessFile in;
  private final long length;

  private PlayingTime(RandomAccessFile in) throws IOException {
    this.in = in;
    this.length = in.length();
  }

  /** How long a file plays; nothing where it does not say, or is no sound or film. */
  public static Duration of(Path file, FileType type) throws IOException {
    try (RandomAccessFile in = new RandomAccessFile(file.toFile(), "r")) {
      PlayingTime playing = new PlayingTime(in);
      double seconds =
          switch (type) {
            case MP3 -> MpegFrames.seconds(in);
            case WAV -> playing.wave();
            case OGG -> playing.ogg();
            case FLAC -> playing.flac();
            case MP4, M4A -> playing.movie(0, playing.length);
            case WEBM -> playing.matroska();
            default -> 0;
          };
      boolean sound = seconds > 0 && seconds < Duration.ofDays(30).toSeconds();
      return sound ? Duration.ofMillis(Math.round(seconds * 1000)) : Duration.ZERO;
    } catch (java.io.EOFException e) {
      return Duration.ZERO; // cut off
    }
  }

  private String lettersOf(int count) throws IOException {
    byte[] bytes = new byte[count];
    in.readFully(bytes);
    return new String(bytes, StandardCharsets.ISO_8859_1);
  }

  private long little(int bytes) throws IOException {
    long value = 0;
    for (int i = 0; i < bytes; i++) {
      value |= (long) in.readUnsignedByte() << (8 * i);
    }
    return value;
  }

  private double wave() throws IOException {
    long perSecond = 0;
    in.seek(12);
    for (int i = 0; i < MOST_PARTS && in.getFilePointer() + 8 <= length; i++) {
      String part = lettersOf(4);
      long size = little(4);
      long start = in.getFilePointer();
      if (part.equals("fmt ")) {
        in.seek(start + 8);
        perSecond = little(4);
      } else if (part.equals("data") && perSecond > 0) {
        // A stream that was never closed says more than there is.
        return (double) Math.min(size, length - start) / perSecond;
      }
      in.seek(start + size + size % 2);
    }
    return 0;
  }

  private double flac() throws IOException {
    in.seek(4);
    int first = in.readUnsignedByte() & 0x7F;
    in.seek(8 + 10);
    long bits = in.readLong();
    long rate = bits >>> 44;
    long samples = bits & 0xF_FFFF_FFFFL;
    return first == 0 && rate > 0 ? (double) samples / rate : 0;
  }

  private double ogg() throws IOException {
    in.seek(26);
    in.seek(27 + in.readUnsignedByte());
    String codec = lettersOf(8);
    double rate;
    long before = 0;
    if (codec.equals("OpusHead")) {
      in.skipBytes(2);
      before = little(2);
      rate = 48_000;
    } else if (codec.startsWith("\u0001vorbis")) {
      in.skipBytes(4);
      rate = little(4);
    } else {
      return 0;
    }
    // The last page says how many samples came up to its end; no page is longer than 65,307 bytes.
    int tail = (int) Math.min(length, 65_400);
    byte[] end = new byte[tail];
    in.seek(length - tail);
    in.readFully(end);
    int page = new String(end, StandardCharsets.ISO_8859_1).lastIndexOf("OggS");
    if (page < 0 || rate <= 0) {
      return 0;
    }
    in.seek(length - tail + page + 6);
    return (little(8) - before) / rate;
  }

  private double movie(long from, long to) throws IOException {
    long at = from;
    for (int i = 0; i < MOST_PARTS && at + 8 <= to; i++) {
      in.seek(at);
      long size = in.readInt() & 0xFFFF_FFFFL;
      String box = lettersOf(4);
      long start = at + 8;
      if (size == 1) {
        size = in.readLong();
        start += 8;
      }
      if (box.equals("moov")) {
        return movie(start, Math.min(to, at + size));
      } else if (box.equals("mvhd")) {
        in.seek(start);
        boolean wide = in.readUnsignedByte() == 1;
        in.seek(start + (wide ? 20 : 12));
        long scale = in.readInt() & 0xFFFF_FFFFL;
        long duration = wide ? in.readLong() : in.readInt() & 0xFFFF_FFFFL;
        return scale > 0 ? (double) duration / scale : 0;
      } else if (size < 8) {
        return 0;
      }
      at += size;
    }
    return 0;
  }

  private double matroska() throws IOException {
    long scale = 1_000_000;
    double duration = 0;
    in.seek(0);
    for (int i = 0; i < MOST_PARTS && in.getFilePointer() < length; i++) {
      long id = numberOf(false);
      long size = numberOf(true);
      long start = in.getFilePointer();
      if (id == 0x18538067L || id == 0x1549A966L) { // Segment, Info: look within
        continue;
      } else if (id == 0x2AD7B1L) {
        scale = big((int) Math.min(size, 8));
      } else if (id == 0x4489L) {
        duration = size == 4 ? in.readFloat() : in.readDouble();
      } else if (id == 0x1F43B675L) { // the first cluster: what is said is said
        break;
      }
      in.seek(start + Math.max(0, size));
    }
    return duration * scale / 1e9;
  }

  private long big(int bytes) throws IOException {
    long value = 0;
    for (int i = 0; i < bytes; i++) {
      value = value << 8 | in.readUnsignedByte();
    }
    return value;
  }

  /** A number of variable length, with or without the bit that says how long it is. */
  private long numberOf(boolean bare) throws IOException {
    int first = in.readUnsignedByte();
    int more = Integer.numberOfLeadingZeros(first) - 24;
    if (more > 7) {
      throw new java.io.EOFException("no number");
    }
    long value = bare ? first & (0x7F >> more) : first;
    for (int i = 0; i < more; i++) {
      value = value << 8 | in.readUnsignedByte();
    }
    return value;
  }
}
