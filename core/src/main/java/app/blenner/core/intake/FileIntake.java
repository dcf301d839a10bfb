package app.blenner.core.intake;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Inlines;
import app.blenner.core.format.docx.DocxReader;
import app.blenner.core.format.markdown.MarkdownReader;
import app.blenner.core.format.odt.OdtReader;
import app.blenner.core.format.office.OfficeFile;
import app.blenner.core.format.office.Pictures;
import app.blenner.core.format.office.UnreadableFile;
import app.blenner.core.format.office.WordText;
import app.blenner.core.format.text.Encoding;
import app.blenner.core.format.text.TextReader;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;

/**
 * A file taken in.
 *
 * @param title what the text is called: its own first line of that rank, else what the file says of
 *     itself, else the name of the file
 * @param intake the text; without its title where that was taken out of it
 */
public record FileIntake(String title, Intake intake) {
  /** Plain text beyond this is no article. */
  private static final long LONGEST_TEXT = 20_000_000;

  /** Elements within elements; a page somebody wrote has some dozens. */
  private static final int DEEPEST = 4_000;

  private static final Pattern CHARSET =
      Pattern.compile("(?i)<meta[^>]{0,200}?charset\\s*=\\s*[\"']?\\s*([\\w:.-]+)");

  /**
   * Reads a file by what its name ends in.
   *
   * @param file where its bytes are
   * @param name what it was called
   * @param pictures where its pictures go
   * @param namesInUse names of places in the text it will join
   * @param asItem whether it becomes an item, whose title stands apart from the text
   * @throws UnreadableFile where it cannot or may not be read
   */
  public static FileIntake read(
      Path file, String name, Pictures pictures, Set<String> namesInUse, boolean asItem)
      throws IOException {
    if (Files.size(file) == 0) {
      throw new UnreadableFile("This file is empty.");
    }
    int dot = name.lastIndexOf('.');
    String ending = name.substring(dot + 1).toLowerCase(Locale.ROOT);
    String called = (dot > 0 ? name.substring(0, dot) : name).replace('_', ' ').strip();
    return switch (ending) {
      case "docx" -> word(DocxReader.read(file, pictures), called, namesInUse, asItem);
      case "odt" -> word(OdtReader.read(file, pictures), called, namesInUse, asItem);
      case "html", "htm" -> page(text(file, true), called, pictures, namesInUse, asItem);
      case "md", "markdown" -> markdown(text(file, false), called, asItem);
      case "txt" -> plain(text(file, false), called);
      default ->
          throw new UnreadableFile(
              "Files that end in ."
                  + ending
                  + " are not read. Save it as .docx, .odt, .html, .md or .txt.");
    };
  }

  private static String text(Path file, boolean declares) throws IOException {
    if (Files.size(file) > LONGEST_TEXT) {
      throw new UnreadableFile("This file has more than 20 megabytes of text. Split it first.");
    }
    byte[] bytes = Files.readAllBytes(file);
    if (bytes.length > 3 && bytes[0] == 'P' && bytes[1] == 'K') {
      throw new UnreadableFile(
          "This file is an archive, whatever its name says; it holds no plain text.");
    }
    if (declares) {
      Matcher said =
          CHARSET.matcher(
              new String(bytes, 0, Math.min(2048, bytes.length), StandardCharsets.ISO_8859_1));
      if (said.find() && isKnown(said.group(1)) && !startsWithMark(bytes)) {
        return new String(bytes, Charset.forName(said.group(1)));
      }
    }
    Encoding read = Encoding.read(bytes);
    if (read.text().chars().limit(4000).filter(c -> c == 0).count() > 8) {
      throw new UnreadableFile("This file holds no text that could be read.");
    }
    return read.text();
  }

  private static boolean startsWithMark(byte[] bytes) {
    int first = bytes[0] & 0xFF;
    return first == 0xEF || first == 0xFE || first == 0xFF;
  }

  private static boolean isKnown(String charset) {
    try {
      return Charset.isSupported(charset);
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  private static FileIntake word(
      WordText text, String called, Set<String> namesInUse, boolean asItem) {
    String first = asItem ? Title.take(text.body()) : "";
    String title = !first.isEmpty() ? first : text.title().isEmpty() ? called : text.title();
    return new FileIntake(title, Intake.read(text, PasteMode.CLEAN, namesInUse));
  }

  private static FileIntake page(
      String html, String called, Pictures pictures, Set<String> namesInUse, boolean asItem) {
    refuseDepth(html);
    org.jsoup.nodes.Document page = Jsoup.parse(html);
    String first = asItem ? Title.take(page.body()) : "";
    String title =
        !first.isEmpty() ? first : page.title().isBlank() ? called : page.title().strip();
    Material material = Material.html(page.body().outerHtml());
    return new FileIntake(title, Intake.read(material, PasteMode.CLEAN, pictures, namesInUse));
  }

  /** Counts how deep elements are nested before anything is built of them. */
  static void refuseDepth(String html) {
    int depth = 0;
    for (int i = html.indexOf('<'); i >= 0 && i + 1 < html.length(); i = html.indexOf('<', i + 1)) {
      char next = html.charAt(i + 1);
      if (next == '/') {
        depth = Math.max(0, depth - 1);
      } else if (Character.isLetter(next)) {
        int end = html.indexOf('>', i);
        String head =
            html.substring(i + 1, Math.min(html.length(), i + 8)).toLowerCase(Locale.ROOT);
        boolean isVoid =
            head.matches("(?s)(br|hr|img|meta|link|input|col|wbr|p|li|td|tr|th|dd|dt)\\b.*")
                || (end > 0 && html.charAt(end - 1) == '/');
        depth += isVoid ? 0 : 1;
        if (depth > DEEPEST) {
          throw new UnreadableFile(
              "This page is nested more deeply than any text, so it was not read.");
        }
      }
    }
  }

  private static FileIntake markdown(String text, String called, boolean asItem) {
    Document document = MarkdownReader.read(text);
    String title = called;
    List<Block> blocks = document.blocks();
    boolean titled =
        !blocks.isEmpty()
            && blocks.get(0) instanceof Heading h
            && h.level() == 1
            && blocks.stream().filter(b -> b instanceof Heading x && x.level() == 1).count() == 1;
    if (titled) {
      title = Inlines.text(((Heading) blocks.get(0)).content());
      document = asItem ? new Document(blocks.subList(1, blocks.size())) : document;
    }
    return new FileIntake(title, Intake.of(document, PasteMode.MARKDOWN));
  }

  /**
   * Takes a page of the web in: its main text, and where it came from.
   *
   * @param html the page
   * @param address where it was fetched
   * @param day when, as people write it
   */
  public static FileIntake page(
      String html, URI address, String day, Pictures pictures, Set<String> namesInUse) {
    refuseDepth(html);
    org.jsoup.nodes.Document page = Jsoup.parse(html, address.toString());
    for (Element e : page.select("a[href], img[src]")) {
      String attribute = e.normalName().equals("a") ? "href" : "src";
      boolean here = e.attr(attribute).startsWith("#") || e.attr(attribute).startsWith("data:");
      if (!here && !e.absUrl(attribute).isEmpty()) {
        e.attr(attribute, e.absUrl(attribute));
      }
    }
    MainText found =
        MainText.find(page)
            .orElseThrow(
                () ->
                    new UnreadableFile(
                        "No text was found on this page. Perhaps it is made by a script when somebody looks at it; copy it from there and paste it."));
    String title = found.title().isEmpty() ? address.getHost() : found.title();
    Element source = found.body().appendElement("p");
    source.appendText("Source: ").appendElement("a").attr("href", address.toString()).text(title);
    source.appendText(", " + address.getHost() + ", " + day + ".");
    Material material = Material.html(found.body().outerHtml());
    return new FileIntake(title, Intake.read(material, PasteMode.CLEAN, pictures, namesInUse));
  }

  /** Line breaks of a plain text become paragraphs; those that only a page's edge made go. */
  private static FileIntake plain(String text, String called) {
    if (TextReader.isBrokenByEdge(text)) {
      return new FileIntake(
          called, Intake.read(Material.text(text), PasteMode.CLEAN, Pictures.NONE, Set.of()));
    }
    return new FileIntake(
        called, Intake.read(Material.text(text), PasteMode.PARAGRAPHS, Pictures.NONE, Set.of()));
  }

  /** The largest file of any kind, in bytes. */
  public static long largest() {
    return OfficeFile.LARGEST_FILE;
  }
}
