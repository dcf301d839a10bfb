package app.blenner.core.intake;

import app.blenner.core.format.docx.DocxReader;
import app.blenner.core.format.odt.OdtReader;
import app.blenner.core.format.office.UnreadableFileException;
import app.blenner.core.media.FileType;
import app.blenner.core.media.FileTypes;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * The formats that texts are brought in from, each with how it is read. What a file is, is told by the end of its name where
 * its bytes agree, and by its bytes where it has none.
 */
enum FileKind {
  DOCX(
      FileType.DOCX,
      (file, name, wish) -> FileIntake.ofWord(DocxReader.read(file, wish.pictures()), name, wish),
      "docx"),
  ODT(
      FileType.ODT,
      (file, name, wish) -> FileIntake.ofWord(OdtReader.read(file, wish.pictures()), name, wish),
      "odt"),
  HTML(null, FileIntake::ofPage, "html", "htm", "xhtml"),
  MARKDOWN(null, FileIntake::markdown, "md", "markdown"),
  TEXT(null, FileIntake::ofPlainText, "txt", "text");

  /** Reads a file of a format. */
  private interface Reader {
    FileIntake read(Path file, String name, FileIntake.Wish wish) throws IOException;
  }

  private static final String READABLE = "Save it as " + readable() + ".";

  private final FileType archive;
  private final Reader reader;
  private final List<String> endings;

  /**
   * @param archive the type its bytes tell, for a format that is an archive; null for one of plain text
   * @param endings what its names end in, the usual one first
   */
  FileKind(FileType archive, Reader reader, String... endings) {
    this.archive = archive;
    this.reader = reader;
    this.endings = List.of(endings);
  }

  /**
   * Reads a file of this format.
   *
   * @param name what the file is called, without its ending
   */
  FileIntake read(Path file, String name, FileIntake.Wish wish) throws IOException {
    return reader.read(file, name, wish);
  }

  /** The usual endings, such as “.docx, .odt or .txt”. */
  private static String readable() {
    List<String> all = Stream.of(values()).map(k -> "." + k.endings.get(0)).toList();
    int last = all.size() - 1;
    return String.join(", ", all.subList(0, last)) + " or " + all.get(last);
  }

  /** Longer ends of names are words, not endings. */
  private static final int LONGEST_ENDING = 8;

  /**
   * Tells what a file is.
   *
   * @throws UnreadableFileException with the sentence that is true for it, where it is nothing that can be read
   */
  static FileKind of(Path file, String name) throws IOException {
    byte[] head = headOf(file);
    if (head.length == 0) {
      throw new UnreadableFileException("This file is empty.");
    }
    String ending = ending(name);
    FileKind said = first(k -> k.endings.contains(ending));
    Optional<FileType> type = FileTypes.of(file, name);
    FileKind archive = first(k -> k.archive != null && type.filter(k.archive::equals).isPresent());
    if (archive != null && (said == null || said.archive != null)) {
      return archive;
    }
    String content = contentOf(head, type);
    if (said != null && said.archive != null) {
      if (content.equals("an archive") || content.equals("old")) {
        return said; // the reader tells what is wrong with it
      }
      throw new UnreadableFileException(
          "This file is called ."
              + ending
              + ", but it is "
              + (content.isEmpty() ? "plain text" : content)
              + ". "
              + adviceFor(content));
    }
    if (archive != null) {
      throw new UnreadableFileException(
          "Whatever its name says, this is ."
              + archive.endings.get(0)
              + ". Name it so, and bring it in again.");
    }
    if (!content.isEmpty()) {
      String what = content.equals("old") ? "a file of an old or locked format" : content;
      throw new UnreadableFileException(
          (said == null ? "This is " : "Whatever its name says, this is ")
              + what
              + ", and holds no text that could be read. "
              + adviceFor(content));
    }
    if (said != null) {
      return said;
    }
    if (!ending.isEmpty()) {
      throw new UnreadableFileException(
          "Files that end in ." + ending + " are not read. " + READABLE);
    }
    String begins =
        new String(head, StandardCharsets.ISO_8859_1).stripLeading().toLowerCase(Locale.ROOT);
    return begins.startsWith("<!doctype html") || begins.startsWith("<html") ? HTML : TEXT;
  }

  private static FileKind first(Predicate<FileKind> which) {
    return Stream.of(values()).filter(which).findFirst().orElse(null);
  }

  private static String adviceFor(String content) {
    return content.contains("RTF")
            || content.contains("PDF")
            || content.equals("plain text")
            || content.isEmpty()
        ? "Open it where it was written. " + READABLE.replace("Save it", "Save it there")
        : content.startsWith("a picture") ? "Pictures are brought in as pictures." : READABLE;
  }

  /** What a name ends in, in small letters; empty where that is not an ending. */
  static String ending(String name) {
    int dot = name.lastIndexOf('.');
    String end = dot <= 0 ? "" : name.substring(dot + 1).toLowerCase(Locale.ROOT);
    return end.length() <= LONGEST_ENDING && end.matches("[a-z0-9]+") ? end : "";
  }

  private static byte[] headOf(Path file) throws IOException {
    try (InputStream in = Files.newInputStream(file)) {
      return in.readNBytes(4096);
    }
  }

  /** What the bytes say a file is, in words; empty where it may be text. */
  private static String contentOf(byte[] head, Optional<FileType> type) {
    String begin = new String(head, 0, Math.min(head.length, 8), StandardCharsets.ISO_8859_1);
    if (begin.startsWith("\u00D0\u00CF\u0011\u00E0")) {
      return "old";
    } else if (begin.startsWith("\u007FELF") || begin.startsWith("Rar!")) {
      return "an archive or a program";
    }
    return type.map(FileKind::wordsOf).orElse("");
  }

  private static String wordsOf(FileType type) {
    return switch (type) {
      case XLSX, ODS -> "a spreadsheet";
      case PPTX, ODP -> "a set of slides";
      case RTF -> "RTF, a format that is not read";
      case PDF -> "a PDF";
      case WEBP -> "a picture (WebP)";
      case SVG -> "";
      case JPEG, PNG, GIF, TIFF, BMP -> "a picture (" + type + ")";
      case MP3, OGG, WAV, M4A, FLAC, MP4, WEBM -> "a film or sound";
      case ZIP, GZIP, EPUB, DOCX, ODT -> "an archive";
      case DOC, XLS, PPT -> "old";
      case CAPTIONS, CSV, CALENDAR, TEXT -> "";
    };
  }
}
