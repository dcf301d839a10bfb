package app.blenner.core.intake;

import app.blenner.core.format.office.UnreadableFileException;
import app.blenner.core.media.FileType;
import app.blenner.core.media.FileTypes;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;

/** What a file is: by the end of its name where its bytes agree, by its bytes where it has none. */
enum FileKind {
  DOCX,
  ODT,
  HTML,
  MARKDOWN,
  TEXT;

  private static final Map<String, FileKind> ENDINGS =
      Map.of(
          "docx",
          DOCX,
          "odt",
          ODT,
          "html",
          HTML,
          "htm",
          HTML,
          "xhtml",
          HTML,
          "md",
          MARKDOWN,
          "markdown",
          MARKDOWN,
          "txt",
          TEXT,
          "text",
          TEXT);

  private static final String READABLE = "Save it as .docx, .odt, .html, .md or .txt.";

  /** Longer ends of names are words, not endings. */
  private static final int LONGEST_ENDING = 8;

  /**
   * Tells what a file is.
   *
   * @throws UnreadableFileException with the sentence that is true for it, where it is nothing that can be read
   */
  static FileKind of(Path file, String name) throws IOException {
    byte[] head = head(file);
    if (head.length == 0) {
      throw new UnreadableFileException("This file is empty.");
    }
    String ending = ending(name);
    FileKind said = ENDINGS.get(ending);
    String content = content(file, head, name);
    boolean archive = content.equals("docx") || content.equals("odt");
    if (archive && (said == null || said == DOCX || said == ODT)) {
      return content.equals("docx") ? DOCX : ODT;
    }
    if (said == DOCX || said == ODT) {
      if (content.equals("an archive") || content.equals("old")) {
        return said; // the reader tells what is wrong with it
      }
      throw new UnreadableFileException(
          "This file is called ."
              + ending
              + ", but it is "
              + (content.isEmpty() ? "plain text" : content)
              + ". "
              + advice(content));
    }
    if (!content.isEmpty() && !archive) {
      String what = content.equals("old") ? "a file of an old or locked format" : content;
      throw new UnreadableFileException(
          (said == null ? "This is " : "Whatever its name says, this is ")
              + what
              + ", and holds no text that could be read. "
              + advice(content));
    }
    if (archive) {
      throw new UnreadableFileException(
          "Whatever its name says, this is ." + content + ". Name it so, and bring it in again.");
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

  private static String advice(String content) {
    return content.contains("RTF")
            || content.contains("PDF")
            || content.equals("plain text")
            || content.isEmpty()
        ? "Open it where it was written. " + READABLE.replace("Save it", "Save it there")
        : content.startsWith("a picture") ? "Pictures are brought in as pictures." : READABLE;
  }

  /** What a name ends in, in small letters; empty where that is no ending. */
  static String ending(String name) {
    int dot = name.lastIndexOf('.');
    String end = dot <= 0 ? "" : name.substring(dot + 1).toLowerCase(Locale.ROOT);
    return end.length() <= LONGEST_ENDING && end.matches("[a-z0-9]+") ? end : "";
  }

  private static byte[] head(Path file) throws IOException {
    try (InputStream in = Files.newInputStream(file)) {
      return in.readNBytes(4096);
    }
  }

  /** What the bytes say a file is, in words; empty where it may be text. */
  private static String content(Path file, byte[] head, String name) throws IOException {
    String begin = new String(head, 0, Math.min(head.length, 8), StandardCharsets.ISO_8859_1);
    if (begin.startsWith("\u00D0\u00CF\u0011\u00E0")) {
      return "old";
    } else if (begin.startsWith("\u007FELF") || begin.startsWith("Rar!")) {
      return "an archive or a program";
    }
    return FileTypes.of(file, name).map(FileKind::words).orElse("");
  }

  private static String words(FileType type) {
    return switch (type) {
      case DOCX -> "docx";
      case ODT -> "odt";
      case XLSX, ODS -> "a spreadsheet";
      case PPTX, ODP -> "a set of slides";
      case RTF -> "RTF, a format that is not read";
      case PDF -> "a PDF";
      case WEBP -> "a picture (WebP)";
      case SVG -> "";
      case JPEG, PNG, GIF, TIFF, BMP -> "a picture (" + type + ")";
      case MP3, OGG, WAV, M4A, FLAC, MP4, WEBM -> "a film or sound";
      case ZIP, GZIP, EPUB -> "an archive";
      case DOC, XLS, PPT -> "old";
      case CAPTIONS, CSV, CALENDAR, TEXT -> "";
    };
  }
}
