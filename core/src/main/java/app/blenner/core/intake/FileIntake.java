package app.blenner.core.intake;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.Inlines;
import app.blenner.core.format.markdown.MarkdownReader;
import app.blenner.core.format.office.OfficeFile;
import app.blenner.core.format.office.Pictures;
import app.blenner.core.format.office.UnreadableFileException;
import app.blenner.core.format.office.WordText;
import app.blenner.core.format.text.Encoding;
import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;

/**
 * A file taken in.
 *
 * @param title what the text is called: its own first line of that rank, else what the file says of
 *     itself, else the name of the file
 * @param intake the text; without its title where that was taken out of it
 * @param encoding the encoding it was read in, and others it could be in; null where the format leaves no choice
 */
public record FileIntake(String title, Intake intake, Encoding encoding) {
  /** What an item can hold, in characters. */
  private static final int LONGEST_TEXT = 8_000_000;

  /** Elements within elements; a page somebody wrote has some dozens. */
  private static final int DEEPEST = 4_000;

  /** A name longer than this is shortened where it becomes a title. */
  private static final int LONGEST_NAME = 200;

  /**
   * How to read a file.
   *
   * @param pictures where its pictures go
   * @param destination the text it will join
   * @param asItem whether it becomes an item, whose title stands apart from the text
   * @param encoding the encoding somebody has chosen, or empty
   * @param mode how to take the lines of a plain text, where somebody has chosen; else {@link PasteMode#CLEAN}
   * @param taken which offers are taken
   */
  public record Wish(
      Pictures pictures,
      Destination destination,
      boolean asItem,
      String encoding,
      PasteMode mode,
      Set<Offer.Kind> taken) {}

  /**
   * Reads a file by what its name ends in, and by its bytes.
   *
   * @param file where its bytes are
   * @param name what it was called
   * @throws UnreadableFileException where it cannot or may not be read
   */
  public static FileIntake read(Path file, String name, Wish wish) throws IOException {
    FileKind kind = FileKind.of(file, name);
    int end = FileKind.ending(name).isEmpty() ? name.length() : name.lastIndexOf('.');
    String bare = name.substring(0, end).replace('_', ' ').strip();
    String called = bare.length() > LONGEST_NAME ? bare.substring(0, LONGEST_NAME).strip() : bare;
    return kind.read(file, called, wish);
  }

  private static Encoding textOf(Path file, boolean declares, Wish wish) throws IOException {
    // A character takes up to four bytes.
    if (Files.size(file) > 4L * LONGEST_TEXT) {
      throw tooLong();
    }
    byte[] bytes = Files.readAllBytes(file);
    Encoding read = encoding(bytes, declares, wish.encoding());
    if (read.text().length() > LONGEST_TEXT) {
      throw tooLong();
    }
    if (read.text().chars().limit(100_000).filter(c -> c == 0).count() > 8) {
      throw new UnreadableFileException(
          "This file holds bytes that stand for nothing in a text (NUL), so it is not text, whatever its name says.");
    }
    return read;
  }

  private static UnreadableFileException tooLong() {
    return new UnreadableFileException(
        "This file has more text than an item can hold, which is 8 million characters. Split it first.");
  }

  private static Encoding encoding(byte[] bytes, boolean declares, String chosen) {
    if (!chosen.isEmpty()) {
      return Encoding.readAs(bytes, chosen)
          .orElseThrow(() -> new UnreadableFileException("There is no encoding “" + chosen + "”."));
    }
    return declares ? Encoding.readPage(bytes, "") : Encoding.read(bytes);
  }

  /** The intake of a file, with what there is to tell of its encoding. */
  private static FileIntake told(String title, Intake intake, Encoding encoding) {
    if (encoding == null || encoding.others().isEmpty() && encoding.damaged() == 0) {
      return new FileIntake(title, intake, encoding);
    }
    String read = "Read as " + encoding.name() + ".";
    int n = encoding.damaged();
    String lost =
        n == 0
            ? ""
            : (n == 1 ? " 1 character" : " " + n + " characters")
                + " could not be decoded and "
                + (n == 1 ? "stands" : "stand")
                + " in the text as “\uFFFD”.";
    return new FileIntake(title, intake.with(read + lost), encoding);
  }

  static FileIntake ofWord(WordText text, String called, Wish wish) {
    String first = wish.asItem() ? TitleDetection.take(text.body()) : "";
    String title = !first.isEmpty() ? first : text.title().isEmpty() ? called : text.title();
    return new FileIntake(
        title, Intake.read(text, PasteMode.CLEAN, wish.destination(), wish.taken()), null);
  }

  static FileIntake ofPage(Path file, String called, Wish wish) throws IOException {
    Encoding read = textOf(file, true, wish);
    refuseDepth(read.text());
    org.jsoup.nodes.Document page = Jsoup.parse(read.text());
    String first = wish.asItem() ? TitleDetection.take(page.body()) : "";
    String title =
        !first.isEmpty() ? first : page.title().isBlank() ? called : page.title().strip();
    return told(title, cleaned(page.outerHtml(), wish), read);
  }

  private static Intake cleaned(String html, Wish wish) {
    return Intake.read(
        IntakeSource.ofHtml(html),
        PasteMode.CLEAN,
        wish.pictures(),
        wish.destination(),
        wish.taken());
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
          throw new UnreadableFileException(
              "This page is nested more deeply than any text, so it was not read.");
        }
      }
    }
  }

  static FileIntake markdown(Path file, String called, Wish wish) throws IOException {
    Encoding read = textOf(file, false, wish);
    Document document = MarkdownReader.read(read.text());
    String title = called;
    List<Block> blocks = document.blocks();
    boolean titled =
        !blocks.isEmpty()
            && blocks.get(0) instanceof Heading h
            && h.level() == 1
            && blocks.stream().filter(b -> b instanceof Heading x && x.level() == 1).count() == 1;
    if (titled) {
      title = Inlines.textOf(((Heading) blocks.get(0)).content());
      document = wish.asItem() ? new Document(blocks.subList(1, blocks.size())) : document;
    }
    return told(title, Intake.of(document, PasteMode.MARKDOWN, wish.destination()), read);
  }

  static FileIntake ofPlainText(Path file, String called, Wish wish) throws IOException {
    Encoding read = textOf(file, false, wish);
    IntakeReport.Tally tally = new IntakeReport.Tally();
    Intake intake =
        PlainIntake.ofFile(read.text(), wish.mode(), wish.destination(), wish.taken(), tally);
    return told(called, intake, read);
  }

  /**
   * Takes a page of the web in: its main text, and where it came from.
   *
   * @param html the page
   * @param address where it was fetched
   * @param day when, as people write it
   */
  public static FileIntake ofPage(String html, URI address, String day, Wish wish) {
    refuseDepth(html);
    org.jsoup.nodes.Document page = Jsoup.parse(html, address.toString());
    Optional<StyleSheet> sheet = StyleSheet.of(page, false);
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
                    new UnreadableFileException(
                        "No text was found on this page. Perhaps it is made by a script when somebody looks at it; copy it from there and paste it."));
    sheet.ifPresent(s -> s.inline(found.body()));
    String title = found.title().isEmpty() ? address.getHost() : found.title();
    Element source = found.body().appendElement("p");
    source.appendText("Source: ").appendElement("a").attr("href", address.toString()).text(title);
    source.appendText(", " + address.getHost() + ", " + day + ".");
    return new FileIntake(title, cleaned(found.body().outerHtml(), wish), null);
  }

  /** The largest file of any kind, in bytes. */
  public static long largest() {
    return OfficeFile.LARGEST_FILE;
  }
}
