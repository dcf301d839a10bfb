package app.blenner.core.format.docx;

import app.blenner.core.format.office.OfficeFile;
import app.blenner.core.format.office.Pictures;
import app.blenner.core.format.office.Run;
import app.blenner.core.format.office.StyleNames;
import app.blenner.core.format.office.WordHtml;
import app.blenner.core.format.office.WordText;
import app.blenner.core.format.office.Xml;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jsoup.nodes.Element;

/** Makes HTML of the blocks of a file: paragraphs, lists, tables, notes. */
final class DocxBody {
  final OfficeFile office;
  final DocxStyles styles;
  final DocxNumbering lists;
  final Pictures pictures;
  final Set<String> told = new LinkedHashSet<>();

  /** Names of places that some link of the file leads to. */
  private final Set<String> wanted = new HashSet<>();

  /** What the part that is read refers to: addresses, or names of parts. */
  Map<String, String> links;

  int deletions;
  int remarks;

  DocxBody(
      OfficeFile office,
      Map<String, String> links,
      DocxStyles styles,
      DocxNumbering lists,
      Pictures pictures) {
    this.office = office;
    this.links = links;
    this.styles = styles;
    this.lists = lists;
    this.pictures = pictures;
  }

  WordText result(Element body, String title) {
    WordHtml.belowTitle(body);
    return new WordText(body, title, deletions, remarks, List.copyOf(told));
  }

  /** Notes which places the links of a part lead to. */
  private void want(Xml part) {
    part.all("w:hyperlink")
        .map(h -> h.attr("w:anchor"))
        .filter(a -> !a.isEmpty())
        .forEach(wanted::add);
  }

  /** Puts the text itself at the end of an element. */
  void text(Xml body, Element to) {
    want(body);
    blocks(body, to);
  }

  /** Puts the blocks of a body, cell, note or box at the end of an element. */
  void blocks(Xml container, Element to) {
    for (Xml block : unwrapped(container)) {
      switch (block.name()) {
        case "w:p" -> readParagraph(block, to);
        case "w:tbl" -> new DocxTable(this).write(block, to);
        default -> {}
      }
    }
  }

  /** The blocks within, without what only wraps them. */
  private List<Xml> unwrapped(Xml container) {
    List<Xml> out = new ArrayList<>();
    for (Xml child : container.children()) {
      switch (child.name()) {
        case "w:sdt" -> {
          boolean contents =
              child
                  .findPath("w:sdtPr", "w:docPartObj", "w:docPartGallery")
                  .filter(
                      g ->
                          g.attr("w:val")
                              .toLowerCase(java.util.Locale.ROOT)
                              .contains("table of contents"))
                  .isPresent();
          if (contents) {
            contentsStay();
          } else {
            child.child("w:sdtContent").ifPresent(c -> out.addAll(unwrapped(c)));
          }
        }
        case "w:customXml", "w:ins", "w:moveTo", "w:smartTag" -> out.addAll(unwrapped(child));
        case "w:del", "w:moveFrom" -> deletions++;
        case "mc:AlternateContent" -> chosen(child).ifPresent(c -> out.addAll(unwrapped(c)));
        default -> out.add(child);
      }
    }
    return out;
  }

  void contentsStay() {
    told.add(
        "The table of contents stayed behind; page numbers mean nothing on a page of the web.");
  }

  static Optional<Xml> chosen(Xml alternatives) {
    return alternatives.child("mc:Choice").or(() -> alternatives.child("mc:Fallback"));
  }

  private void readParagraph(Xml p, Element to) {
    Optional<Xml> properties = p.child("w:pPr");
    String id = properties.flatMap(x -> x.child("w:pStyle")).map(s -> s.attr("w:val")).orElse("");
    DocxStyles.Style style = styles.styleOf(id);
    if (style.name().matches("toc \\d|table of figures")) {
      contentsStay();
      return;
    }
    // A paragraph whose end was deleted goes on in the next one; its words are what counts here.
    int outline = DocxStyles.outline(style.name(), properties, style.outline());
    boolean title = StyleNames.isTitle(style.name());
    Element made =
        to.appendElement(title ? "h1" : outline > 0 ? "h" + outline : elementOf(style.name()));
    if (title) {
      WordHtml.markTitle(made);
    }
    WordHtml.nameStyle(made, style.name());
    Optional<Xml> list = properties.flatMap(x -> x.child("w:numPr")).or(style::list);
    if (list.isPresent() && outline == 0 && !title) {
      item(list.get(), style, made);
    }
    boolean turned =
        properties.flatMap(x -> x.child("w:bidi")).map(DocxStyles::toggled).orElse(style.turned());
    if (turned) {
      made.attr("dir", "rtl");
    }
    properties
        .flatMap(x -> x.child("w:jc"))
        .map(j -> alignOf(j.attr("w:val"), turned))
        .ifPresent(a -> dress(made, a));
    // What a heading, quote or caption looks like is its style's affair, and the site has its own.
    boolean dressed = outline > 0 || title || !made.className().isEmpty();
    Run base = dressed ? new Run() : style.run();
    DocxInline inline = new DocxInline(this, base);
    inline.write(p, made);
    finish(made, properties, inline);
  }

  private static String elementOf(String style) {
    return style.matches("html preformatted|source code|preformatted text|code|macro text")
        ? "pre"
        : "p";
  }

  private void finish(Element made, Optional<Xml> properties, DocxInline inline) {
    Element parent = made.parent();
    boolean ruled =
        inline.ruled()
            || properties
                .flatMap(x -> x.child("w:pBdr"))
                .filter(b -> b.child("w:bottom").isPresent())
                .isPresent();
    WordHtml.end(made, ruled);
    // What stood in boxes beside the paragraph comes after it.
    inline.boxes().forEach(box -> blocks(box, parent));
    inline.places().stream().filter(wanted::contains).forEach(p -> WordHtml.addPlace(made, p));
  }

  private void item(Xml list, DocxStyles.Style style, Element made) {
    String number =
        list.child("w:numId")
            .or(() -> style.list().flatMap(l -> l.child("w:numId")))
            .map(n -> n.attr("w:val"))
            .orElse("0");
    int level = list.child("w:ilvl").map(l -> DocxNumbering.numberOf(l.attr("w:val"), 0)).orElse(0);
    if (!lists.isList(number, level)) {
      return;
    }
    // Said as word processors say it on the clipboard, so that one place builds lists of both.
    dress(made, "mso-list: l" + number + " level" + (level + 1));
    String counts = lists.countsOf(number, level);
    dress(made, counts.isEmpty() ? "" : "mso-level-number-format: " + counts);
    made.appendElement("span")
        .attr("style", "mso-list:Ignore")
        .text(lists.nextLabel(number, level));
  }

  private static void dress(Element made, String declaration) {
    if (!declaration.isEmpty()) {
      String have = made.attr("style");
      made.attr("style", have.isEmpty() ? declaration : have + "; " + declaration);
    }
  }

  /** Where lines run from the right, left is where they begin (17.3.1.13). */
  private static String alignOf(String value, boolean turned) {
    return switch (value) {
      case "center" -> "text-align: center";
      case "end", "right" -> turned ? "text-align: left" : "text-align: right";
      case "both", "distribute" -> "text-align: justify";
      default -> "";
    };
  }

  /** Puts notes at the end, in the shape their signs refer to. */
  void notes(Element body, String kind, Optional<Xml> part, Map<String, String> noteLinks) {
    if (part.isEmpty()) {
      return;
    }
    links = noteLinks;
    for (Xml note : part.get().childrenOf("w:" + kind)) {
      String id = noteName(kind, note.attr("w:id"));
      if (note.attr("w:type").isEmpty() && body.selectFirst("a[href=#" + id + "sym]") != null) {
        Element div = body.appendElement("div").id(id);
        text(note, div);
        WordHtml.noteBegins(div, id);
      }
    }
  }

  static String noteName(String kind, String id) {
    return "docx-" + kind + id;
  }
}
