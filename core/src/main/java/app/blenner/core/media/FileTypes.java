package app.blenner.core.media;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/**
 * Tells the type of a file by its bytes. Its name counts only among types whose bytes look alike: kinds of plain text, and
 * of old office files.
 */
public final class FileTypes {
  private static final int HEAD = 8192;

  /** The parts that say what an archive is stand at its beginning. */
  private static final int MOST_ENTRIES = 40;

  private FileTypes() {}

  /**
   * The type of a file; empty where it is none that a site can hold.
   *
   * @param name what the file is called
   */
  public static Optional<FileType> of(Path file, String name) throws IOException {
    byte[] head;
    try (InputStream in = Files.newInputStream(file)) {
      head = in.readNBytes(HEAD);
    }
    if (head.length == 0) {
      return Optional.empty();
    }
    String ending = ending(name);
    Optional<FileType> binary = binary(file, head, ending);
    return binary.isPresent() || isBinary(head) ? binary : textOf(head, ending);
  }

  /** What a name ends in, in small letters, without the dot; empty where it ends in nothing. */
  public static String ending(String name) {
    int dot = name.lastIndexOf('.');
    return dot < 0 ? "" : name.substring(dot + 1).toLowerCase(Locale.ROOT);
  }

  private static Optional<FileType> binary(Path file, byte[] head, String ending)
      throws IOException {
    String ascii = new String(head, 0, Math.min(64, head.length), StandardCharsets.ISO_8859_1);
    if (begins(head, 0xFF, 0xD8, 0xFF)) {
      return Optional.of(FileType.JPEG);
    } else if (begins(head, 0x89, 'P', 'N', 'G', 0x0D, 0x0A, 0x1A, 0x0A)) {
      return Optional.of(FileType.PNG);
    } else if (ascii.startsWith("GIF87a") || ascii.startsWith("GIF89a")) {
      return Optional.of(FileType.GIF);
    } else if (ascii.startsWith("RIFF")) {
      return ascii.startsWith("WEBP", 8)
          ? Optional.of(FileType.WEBP)
          : ascii.startsWith("WAVE", 8) ? Optional.of(FileType.WAV) : Optional.empty();
    } else if (begins(head, 'I', 'I', 42, 0) || begins(head, 'M', 'M', 0, 42)) {
      return Optional.of(FileType.TIFF);
    } else if (ascii.startsWith("BM") && head.length > 26 && head[6] == 0 && head[8] == 0) {
      return Optional.of(FileType.BMP);
    } else if (ascii.startsWith("%PDF-")) {
      return Optional.of(FileType.PDF);
    } else if (ascii.startsWith("{\\rtf")) {
      return Optional.of(FileType.RTF);
    } else if (ascii.startsWith("OggS")) {
      return Optional.of(FileType.OGG);
    } else if (ascii.startsWith("fLaC")) {
      return Optional.of(FileType.FLAC);
    } else if (ascii.startsWith("ID3") || isMpegSound(head)) {
      return Optional.of(FileType.MP3);
    } else if (ascii.startsWith("ftyp", 4)) {
      return containerOf(ascii);
    } else if (begins(head, 0x1A, 0x45, 0xDF, 0xA3)) {
      return contains(head, "webm") ? Optional.of(FileType.WEBM) : Optional.empty();
    } else if (begins(head, 'P', 'K', 3, 4) || begins(head, 'P', 'K', 5, 6)) {
      return Optional.of(archiveOf(file, ending));
    } else if (begins(head, 0xD0, 0xCF, 0x11, 0xE0, 0xA1, 0xB1, 0x1A, 0xE1)) {
      return FileType.ofEnding(ending)
          .filter(t -> t == FileType.DOC || t == FileType.XLS || t == FileType.PPT);
    } else if (begins(head, 0x1F, 0x8B)) {
      return Optional.of(FileType.GZIP);
    }
    return Optional.empty();
  }

  /** ISO/IEC 14496-12, 4.3: the brand says what is in it. */
  private static Optional<FileType> containerOf(String ascii) {
    String brand = ascii.length() < 12 ? "" : ascii.substring(8, 12).toLowerCase(Locale.ROOT);
    if (brand.startsWith("m4a") || brand.startsWith("m4b")) {
      return Optional.of(FileType.M4A);
    }
    boolean film =
        brand.startsWith("iso")
            || brand.startsWith("mp4")
            || brand.startsWith("avc")
            || brand.startsWith("m4v")
            || brand.startsWith("dash")
            || brand.startsWith("msnv");
    return film ? Optional.of(FileType.MP4) : Optional.empty(); // pictures of phones among them
  }

  /** ISO/IEC 11172-3, 2.4.1.3: eleven set bits, layer III, and a rate and frequency that exist. */
  private static boolean isMpegSound(byte[] head) {
    if (head.length < 4 || (head[0] & 0xFF) != 0xFF || (head[1] & 0xE0) != 0xE0) {
      return false;
    }
    int version = (head[1] >> 3) & 3;
    int layer = (head[1] >> 1) & 3;
    int rate = (head[2] >> 4) & 15;
    int frequency = (head[2] >> 2) & 3;
    return version != 1 && layer == 1 && rate != 0 && rate != 15 && frequency != 3;
  }

  private static FileType archiveOf(Path file, String ending) {
    try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(file))) {
      ZipEntry entry;
      for (int i = 0; i < MOST_ENTRIES && (entry = zip.getNextEntry()) != null; i++) {
        String name = entry.getName();
        if (name.equals("mimetype")) {
          String said = new String(zip.readNBytes(100), StandardCharsets.US_ASCII).strip();
          return FileType.ofMediaType(said).orElse(FileType.ZIP);
        } else if (name.equals("content.xml")) { // of a writer that does not say what it wrote
          return FileType.ofEnding(ending)
              .filter(t -> t == FileType.ODS || t == FileType.ODP)
              .orElse(FileType.ODT);
        } else if (name.startsWith("word/")) {
          return FileType.DOCX;
        } else if (name.startsWith("xl/")) {
          return FileType.XLSX;
        } else if (name.startsWith("ppt/")) {
          return FileType.PPTX;
        }
      }
    } catch (IOException | IllegalArgumentException e) {
      // What cannot be looked into is an archive all the same.
    }
    return FileType.ZIP;
  }

  private static boolean isBinary(byte[] head) {
    for (byte b : head) {
      if (b >= 0 && b < ' ' && b != '\n' && b != '\r' && b != '\t' && b != '\f' && b != 0x1B) {
        return true;
      }
    }
    return false;
  }

  private static Optional<FileType> textOf(byte[] head, String ending) {
    String begin = new String(head, StandardCharsets.UTF_8).replace("\uFEFF", "").stripLeading();
    String small = begin.substring(0, Math.min(2000, begin.length())).toLowerCase(Locale.ROOT);
    if (begin.startsWith("WEBVTT")) {
      return Optional.of(FileType.CAPTIONS);
    } else if (begin.startsWith("BEGIN:VCALENDAR")) {
      return Optional.of(FileType.CALENDAR);
    } else if (small.matches(
        "(?s)(<\\?xml[^>]*>|<!--.*?-->|<!doctype svg[^>]*>|\\s)*<svg[\\s>].*")) {
      return Optional.of(FileType.SVG);
    } else if (small.startsWith("<!doctype")
        || small.startsWith("<html")
        || small.startsWith("<?xml")) {
      return Optional.empty(); // a page would run in the site's name
    }
    Optional<FileType> said =
        FileType.ofEnding(ending).filter(t -> t == FileType.CSV || t == FileType.TEXT);
    return said.isEmpty() && ending.isEmpty() && isUtf8(head) ? Optional.of(FileType.TEXT) : said;
  }

  private static boolean isUtf8(byte[] head) {
    // A character may be cut in two at the end.
    int end = head.length;
    while (end > 0 && end > head.length - 4 && (head[end - 1] & 0x80) != 0) {
      end--;
    }
    try {
      StandardCharsets.UTF_8
          .newDecoder()
          .onMalformedInput(CodingErrorAction.REPORT)
          .decode(ByteBuffer.wrap(head, 0, end));
      return true;
    } catch (CharacterCodingException e) {
      return false;
    }
  }

  private static boolean contains(byte[] head, String letters) {
    return new String(head, 0, Math.min(200, head.length), StandardCharsets.ISO_8859_1)
        .contains(letters);
  }

  private static boolean begins(byte[] head, int... bytes) {
    for (int i = 0; i < bytes.length; i++) {
      if (head.length <= i || (head[i] & 0xFF) != bytes[i]) {
        return false;
      }
    }
    return true;
  }
}
