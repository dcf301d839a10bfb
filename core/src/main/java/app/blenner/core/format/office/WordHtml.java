package app.blenner.core.format.office;

import java.util.Optional;
import java.util.Set;
import org.jsoup.nodes.Element;

/** What readers of word-processor files say in HTML alike, whatever the files are. */
public final class WordHtml {
  private WordHtml() {}

  /**
   * Says of a paragraph what the name of its style says it is: a quote, or a caption.
   *
   * @param style the name in small letters, as word processors and converters call the built-in ones
   */
  public static void nameStyle(Element made, String style) {
    switch (style) {
      case "quote", "intense quote", "quotations", "block text", "block quotation" ->
          made.addClass("quote");
      case "caption",
          "table caption",
          "tablecaption",
          "image caption",
          "figurecaption",
          "table",
          "illustration",
          "figure",
          "drawing" ->
          made.addClass("caption");
      default -> {}
    }
  }

  /** Marks an element as the title of the whole text. */
  public static void markTitle(Element made) {
    made.attr("data-title", "");
  }

  /** Lowers the headings below a title: a file counts them from 1, beside its title. */
  public static void belowTitle(Element body) {
    if (body.select("[data-title]").isEmpty()) {
      return;
    }
    for (Element h : body.select("h1, h2, h3, h4, h5")) {
      if (!h.hasAttr("data-title")) {
        h.tagName("h" + (h.normalName().charAt(1) - '0' + 1));
      }
    }
    body.select("[data-title]").removeAttr("data-title");
  }

  /** A bookmark's name as one that places of a page can have. */
  public static String nameOf(String bookmark) {
    String plain = bookmark.replaceFirst("\\|.*", "").replaceAll("[^A-Za-z0-9_.-]", "-");
    return plain.matches("[A-Za-z].*") ? plain : "place" + plain;
  }

  /** Names a block as a place that links lead to: a heading by itself, others by a sign before them. */
  public static void addPlace(Element made, String bookmark) {
    String name = nameOf(bookmark);
    if (made.normalName().matches("h[1-6]") && made.id().isEmpty()) {
      made.id(name);
    } else if (made.parent() != null) {
      made.before(new Element("div").addClass("jump-target").id(name));
    }
  }

  /** Ends a block: lines of code join those before them, and an empty line with a rule is a rule. */
  public static void end(Element made, boolean ruled) {
    Element before = made.previousElementSibling();
    if (made.normalName().equals("pre") && before != null && before.normalName().equals("pre")) {
      before.appendText("\n" + made.wholeText());
      made.remove();
    } else if (ruled && !made.hasText() && made.select("img").isEmpty()) {
      made.replaceWith(new Element("hr"));
    }
  }

  /** Begins a note: the link back by which the sign in the text is known. */
  public static void noteBegins(Element note, String id) {
    Element first = note.selectFirst("p");
    if (first == null) {
      first = note.prependElement("p");
    }
    first
        .prependElement("a")
        .addClass("sdfootnotesym")
        .attr("name", id + "sym")
        .attr("href", "#" + id + "anc")
        .text("^");
  }

  /** The sign of a note in the text. */
  public static void noteSign(Element to, String id) {
    to.appendElement("a")
        .addClass("sdfootnoteanc")
        .attr("name", id + "anc")
        .attr("href", "#" + id + "sym")
        .text("*");
  }

  /**
   * Puts a picture at the end of an element, or tells that it stayed behind.
   *
   * @param part the name of its part, or its address outside the file
   * @param words what it shows, or empty
   * @param decorative whether the file says that it shows nothing
   */
  public static void addPicture(
      Element to,
      OfficeFile office,
      String part,
      String words,
      boolean decorative,
      Pictures pictures,
      Set<String> told) {
    Element img = new Element("img");
    if (decorative || !words.isBlank()) {
      img.attr("alt", decorative ? "" : words);
    }
    if (part.matches("(?i)https?://.*")) {
      to.appendChild(img.attr("src", part));
      return;
    }
    String file = part.substring(part.lastIndexOf('/') + 1);
    Optional<String> asset =
        office
            .media(part)
            .flatMap(bytes -> pictures.keep(words.isBlank() ? file : words, "", bytes));
    if (asset.isPresent()) {
      to.appendChild(img.attr("src", "../assets/" + asset.get()));
    } else {
      told.add(
          "“" + file + "” is no picture that pages can show (GIF, JPEG or PNG) and stayed behind.");
    }
  }
}
