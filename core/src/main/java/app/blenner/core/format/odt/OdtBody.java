package app.blenner.core.format.odt;

import app.blenner.core.format.office.OfficeFile;
import app.blenner.core.format.office.Pictures;
import app.blenner.core.format.office.Run;
import app.blenner.core.format.office.StyleNames;
import app.blenner.core.format.office.WordHtml;
import app.blenner.core.format.office.WordText;
import app.blenner.core.format.office.Xml;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jsoup.nodes.Element;

/** Makes HTML of the blocks of a file: paragraphs, headings, lists, tables, notes. */
final class OdtBody {
  final OfficeFile office;
  final OdtStyles styles;
  final Pictures pictures;
  final Set<String> told = new LinkedHashSet<>();
  final Set<String> wanted = new HashSet<>();
  final List<Xml> notes = new ArrayList<>();
  int remarks;
  private int deletions;

  /** How far the lists with an identity of their own have counted, for those that go on. */
  private final Map<String, Integer> counted = new HashMap<>();

  private String lastList = "";

  OdtBody(OfficeFile office, OdtStyles styles, Pictures pictures) {
    this.office = office;
    this.styles = styles;
    this.pictures = pictures;
  }

  WordText read(Xml text, String title) {
    text.all("text:a")
        .map(a -> a.attr("xlink:href"))
        .filter(h -> h.startsWith("#"))
        .forEach(h -> wanted.add(h.substring(1).replaceFirst("\\|.*", "")));
    Element body = new Element("body");
    blocks(text, body);
    // Notes may hold notes of their own only in files made by hand; the list may grow meanwhile.
    for (int i = 0; i < notes.size(); i++) {
      note(notes.get(i), i, body);
    }
    WordHtml.belowTitle(body);
    return new WordText(body, title, deletions, remarks, List.copyOf(told));
  }

  void blocks(Xml container, Element to) {
    for (Xml block : container.children()) {
      switch (block.name()) {
        case "text:p" -> paragraph(block, to);
        case "text:h" -> heading(block, to);
        case "text:list" -> list(block, to, 1, "", false);
        case "table:table" -> new OdtTable(this).write(block, to);
        case "text:section", "text:index-body", "office:forms", "draw:text-box", "text:note-body" ->
            blocks(block, to);
        case "text:tracked-changes" -> deletions += (int) block.all("text:deletion").count();
        case "text:table-of-content" ->
            told.add(
                "The table of contents stayed behind; page numbers mean nothing on a page of the web.");
        case "draw:frame", "draw:custom-shape", "draw:g" -> {
          Element p = to.appendElement("p");
          OdtInline inline = new OdtInline(this, new Run());
          inline.readPiece(block, p, new Run());
          inline.boxes().forEach(b -> blocks(b, to));
        }
        default -> {}
      }
    }
  }

  private void paragraph(Xml p, Element to) {
    OdtStyles.Style style = styles.styleOf("paragraph", p.attr("text:style-name"));
    boolean title = StyleNames.isTitle(style.name());
    boolean code = style.name().matches("preformatted text|html preformatted|source code|code");
    Element made = to.appendElement(title ? "h1" : code ? "pre" : "p");
    if (title) {
      WordHtml.markTitle(made);
    } else {
      WordHtml.nameStyle(made, style.name());
    }
    if (!style.align().isEmpty()) {
      made.attr("style", "text-align: " + style.align());
    }
    if (style.turned()) {
      made.attr("dir", "rtl");
    }
    finish(
        p,
        made,
        to,
        title || !made.className().isEmpty() ? new Run() : style.run(),
        style.ruled() || style.name().equals("horizontal line"));
  }

  private void heading(Xml h, Element to) {
    String level = h.attr("text:outline-level");
    int at = level.matches("\\d{1,2}") ? Math.max(1, Math.min(6, Integer.parseInt(level))) : 1;
    Element made = to.appendElement("h" + at);
    if (styles.styleOf("paragraph", h.attr("text:style-name")).turned()) {
      made.attr("dir", "rtl");
    }
    finish(h, made, to, new Run(), false);
  }

  private void finish(Xml p, Element made, Element to, Run run, boolean ruled) {
    OdtInline inline = new OdtInline(this, run);
    inline.write(p, made, run);
    WordHtml.end(made, ruled);
    inline.boxes().forEach(b -> blocks(b, to));
    inline.places().forEach(place -> WordHtml.addPlace(made, place));
  }

  /** A list (5.3.2). Headings that are only numbered as lists are stay headings. */
  private void list(Xml list, Element to, int level, String styleAbove, boolean goesOn) {
    String style = list.has("text:style-name") ? list.attr("text:style-name") : styleAbove;
    if (list.all("text:p").findAny().isEmpty()) {
      list.all("text:h").forEach(h -> heading(h, to));
      return;
    }
    var said = styles.findLevel(style, level);
    String format = said.map(l -> l.attr("style:num-format")).orElse("");
    boolean numbers =
        said.map(l -> l.is("text:list-level-style-number")).orElse(false) && !format.isEmpty();
    Element made = to.appendElement(numbers ? "ol" : "ul");
    if (numbers) {
      if (!format.equals("1")) {
        made.attr("type", format);
      }
      int start =
          said.map(l -> l.attr("text:start-value"))
              .filter(s -> s.matches("\\d+"))
              .map(Integer::parseInt)
              .orElse(1);
      String goesOnWith = list.attr("text:continue-list");
      if (!goesOnWith.isEmpty() || list.attr("text:continue-numbering").equals("true")) {
        start = counted.getOrDefault(goesOnWith.isEmpty() ? lastList : goesOnWith, start - 1) + 1;
      }
      for (Xml item : list.childrenOf("text:list-item")) {
        if (item.attr("text:start-value").matches("\\d+")) {
          start = Integer.parseInt(item.attr("text:start-value"));
        }
        break;
      }
      if (start != 1) {
        made.attr("start", Integer.toString(start));
      }
      if (level == 1) {
        lastList = list.attr("xml:id");
        counted.put(lastList, start - 1 + list.childrenOf("text:list-item").size());
      }
    }
    for (Xml item : list.children()) {
      if (!item.is("text:list-item") && !item.is("text:list-header")) {
        continue;
      }
      Element li = made.appendElement("li");
      if (numbers && made.childrenSize() > 1 && item.attr("text:start-value").matches("\\d{1,6}")) {
        li.attr("value", item.attr("text:start-value"));
      }
      for (Xml block : item.children()) {
        if (block.is("text:list")) {
          list(block, li, level + 1, style, false);
        } else if (block.is("text:p")) {
          paragraph(block, li);
        } else if (block.is("text:h")) {
          heading(block, li);
        } else if (block.is("table:table")) {
          new OdtTable(this).write(block, li);
        }
      }
    }
  }

  String noteName(int index) {
    return "odt-note" + (index + 1);
  }

  private void note(Xml note, int index, Element body) {
    String id = noteName(index);
    Element div = body.appendElement("div").id(id);
    note.child("text:note-body").ifPresent(b -> blocks(b, div));
    WordHtml.noteBegins(div, id);
  }
}
