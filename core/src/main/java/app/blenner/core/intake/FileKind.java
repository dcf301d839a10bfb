package app.blenner.core.intake;

import app.blenner.core.format.office.UnreadableFile;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.zip.ZipFile;

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
   * @throws UnreadableFile with the sentence that is true for it, where it is nothing that can be read
   */
  static FileKind of(Path file, String name) throws IOException {
    byte[] head = head(file);
    if (head.length == 0) {
      throw new UnreadableFile("This file is empty.");
    }
    String ending = ending(name);
    FileKind said = ENDINGS.get(ending);
    String content = content(file, head);
    boolean archive = content.equals("docx") || content.equals("odt");
    if (archive && (said == null || said == DOCX || said == ODT)) {
      return content.equals("docx") ? DOCX : ODT;
    }
    if (said == DOCX || said == ODT) {
      if (content.equals("an archive") || content.equals("old")) {
        return said; // the reader tells what is wrong with it
      }
      throw new UnreadableFile(
          "This file is called ."
              + ending
              + ", but it is "
              + (content.isEmpty() ? "plain text" : content)
              + ". "
              + advice(content));
    }
    if (!content.isEmpty() && !archive) {
      String what = content.equals("old") ? "a file of an old or locked format" : content;
      throw new UnreadableFile(
          (said == null ? "This is " : "Whatever its name says, this is ")
              + what
              + ", and holds no text that could be read. "
              + advice(content));
    }
    if (archive) {
      throw new UnreadableFile(
          "Whatever its name says, this is ." + content + ". Name it so, and bring it in again.");
    }
    if (said != null) {
      return said;
    }
    if (!ending.isEmpty()) {
      throw new UnreadableFile("Files that end in ." + ending + " are not read. " + READABLE);
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

  /** What the first bytes say a file is, in words; empty where it may be text. */
  private static String content(Path file, byte[] head) {
    if (begins(head, 'P', 'K', 3, 4) || begins(head, 'P', 'K', 5, 6)) {
      return archive(file);
    }
    if (begins(head, 0xD0, 0xCF, 0x11, 0xE0)) {
      return "old";
    }
    String ascii = new String(head, 0, Math.min(head.length, 16), StandardCharsets.ISO_8859_1);
    if (ascii.startsWith("{\\rtf")) {
      return "RTF, a format that is not read";
    } else if (ascii.startsWith("%PDF-")) {
      return "a PDF";
    } else if (begins(head, 0x89, 'P', 'N', 'G')) {
      return "a picture (PNG)";
    } else if (begins(head, 0xFF, 0xD8, 0xFF)) {
      return "a picture (JPEG)";
    } else if (ascii.startsWith("GIF8")) {
      return "a picture (GIF)";
    } else if (ascii.startsWith("RIFF") && ascii.startsWith("WEBP", 8)) {
      return "a picture (WebP)";
    } else if (ascii.startsWith("BM") && head.length > 30 && head[6] == 0 && head[7] == 0) {
      return "a picture (BMP)";
    } else if (begins(head, 'I', 'I', 42, 0) || begins(head, 'M', 'M', 0, 42)) {
      return "a picture (TIFF)";
    } else if (ascii.startsWith("ftyp", 4)) {
      return "a film or sound";
    } else if (begins(head, 0x1F, 0x8B)
        || begins(head, 0x7F, 'E', 'L', 'F')
        || ascii.startsWith("Rar!")) {
      return "an archive or a program";
    }
    return "";
  }

  private static String archive(Path file) {
    try (ZipFile zip = new ZipFile(file.toFile())) {
      if (zip.getEntry("word/document.xml") != null
          || zip.getEntry("[Content_Types].xml") != null) {
        return zip.getEntry("xl/workbook.xml") != null
            ? "a spreadsheet"
            : zip.getEntry("ppt/presentation.xml") != null ? "a set of slides" : "docx";
      }
      return zip.getEntry("content.xml") != null ? "odt" : "an archive";
    } catch (IOException e) {
      return "an archive";
    }
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
