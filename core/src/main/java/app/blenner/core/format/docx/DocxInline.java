package app.blenner.core.format.docx;

import app.blenner.core.format.office.Run;
import app.blenner.core.format.office.WordHtml;
import app.blenner.core.format.office.Xml;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.nodes.Element;

/** Makes HTML of what stands within one paragraph. */
final class DocxInline {
  private static final Pattern HYPERLINK =
      Pattern.compile(
          "(?i)\\s*HYPERLINK\\s+(?:\"([^\"]*)\"|(\\S+(?<!\\\\l)))?\\s*(?:\\\\l\\s+\"([^\"]*)\")?.*");

  private final DocxBody body;
  private final Run base;
  private final List<Xml> boxes = new ArrayList<>();
  private final List<String> places = new ArrayList<>();

  /** How many fields are open, and what the outermost says; its result is what counts. */
  private int fields;

  private boolean ruled;
  private StringBuilder instruction;
  private boolean inResult;
  private Element fieldLink;

  DocxInline(DocxBody body, Run base) {
    this.body = body;
    this.base = base;
  }

  List<Xml> boxes() {
    return boxes;
  }

  List<String> places() {
    return places;
  }

  /** Whether a rule was drawn in the paragraph. */
  boolean ruled() {
    return ruled;
  }

  void write(Xml container, Element to) {
    for (Xml child : container.children()) {
      switch (child.name()) {
        case "w:r" -> run(child, to);
        case "w:hyperlink" -> write(child, linkOf(child, to));
        case "w:ins", "w:moveTo", "w:smartTag", "w:customXml", "w:dir", "w:bdo" -> write(child, to);
        case "w:del", "w:moveFrom" -> body.deletions++;
        case "w:sdt" -> child.child("w:sdtContent").ifPresent(c -> write(c, to));
        case "w:fldSimple" ->
            write(child, targetOf(child.attr("w:instr")).map(h -> linkOf(to, h)).orElse(to));
        case "w:bookmarkStart" -> places.add(child.attr("w:name"));
        case "m:oMath", "m:oMathPara" -> readEquation(child, to);
        case "mc:AlternateContent" -> DocxBody.chosen(child).ifPresent(c -> write(c, to));
        default -> {}
      }
    }
  }

  private void readEquation(Xml math, Element to) {
    StringBuilder out = new StringBuilder();
    math.all("m:t").forEach(t -> out.append(t.text()));
    to.appendText(out.toString());
    body.told.add("An equation came as plain characters; look it over.");
  }

  private Element linkOf(Xml hyperlink, Element to) {
    String anchor = hyperlink.attr("w:anchor");
    String href = body.links.getOrDefault(hyperlink.attr("r:id"), "");
    if (!anchor.isEmpty()) {
      href = href.isEmpty() ? "#" + WordHtml.nameOf(anchor) : href + "#" + anchor;
    }
    return href.isEmpty() ? to : linkOf(to, href);
  }

  private static Element linkOf(Element to, String href) {
    return to.appendElement("a").attr("href", href);
  }

  private static Optional<String> targetOf(String field) {
    Matcher m = HYPERLINK.matcher(field);
    if (!m.matches()) {
      return Optional.empty();
    }
    String address = m.group(1) != null ? m.group(1) : m.group(2) != null ? m.group(2) : "";
    if (m.group(3) != null) {
      address = address.isEmpty() ? "#" + WordHtml.nameOf(m.group(3)) : address + "#" + m.group(3);
    }
    return address.isEmpty() ? Optional.empty() : Optional.of(address);
  }

  private void run(Xml r, Element to) {
    Optional<Xml> properties = r.child("w:rPr");
    Run style =
        properties
            .flatMap(p -> p.child("w:rStyle"))
            .map(s -> body.styles.styleOf(s.attr("w:val")))
            // A link looks like one by the site's own style.
            .filter(
                s ->
                    !s.name()
                        .matches(
                            "hyperlink|followedhyperlink|footnote reference|endnote reference"))
            .map(DocxStyles.Style::run)
            .orElse(new Run());
    Run run = properties.map(DocxStyles::run).orElse(new Run()).overlaidOn(style).overlaidOn(base);
    Run look = body.styles.remarkable(run);
    for (Xml piece : r.children()) {
      piece(piece, look, fieldLink != null ? fieldLink : to, to);
    }
  }

  private void piece(Xml piece, Run look, Element to, Element paragraph) {
    if (piece.is("w:fldChar")) {
      field(piece.attr("w:fldCharType"), paragraph);
      return;
    }
    if (piece.is("w:instrText")) {
      if (instruction != null && !inResult) {
        instruction.append(piece.text());
      }
      return;
    }
    if (fields > 0 && !inResult) {
      return;
    }
    switch (piece.name()) {
      case "w:t" -> look.write(to, piece.text());
      case "w:tab", "w:ptab" -> look.write(to, to.normalName().equals("pre") ? "\t" : " ");
      case "w:br" -> {
        String type = piece.attr("w:type");
        if (type.isEmpty() || type.equals("textWrapping")) {
          breakLine(to);
        }
      }
      case "w:cr" -> breakLine(to);
      case "w:noBreakHyphen" -> look.write(to, "\u2011");
      case "w:softHyphen" -> look.write(to, "\u00AD");
      case "w:sym" -> look.write(to, symbolOf(piece.attr("w:char")));
      case "w:footnoteReference" -> readNote(to, "footnote", piece.attr("w:id"));
      case "w:endnoteReference" -> readNote(to, "endnote", piece.attr("w:id"));
      case "w:commentReference" -> body.remarks++;
      case "w:drawing", "w:pict", "w:object" -> readPicture(piece, to);
      case "mc:AlternateContent" ->
          DocxBody.chosen(piece)
              .ifPresent(c -> c.children().forEach(x -> piece(x, look, to, paragraph)));
      default -> {}
    }
  }

  private static void breakLine(Element to) {
    if (to.normalName().equals("pre")) {
      to.appendText("\n");
    } else {
      to.appendElement("br");
    }
  }

  /** Complex fields (17.16.18): begin, what it does, separate, what it shows, end. */
  private void field(String type, Element paragraph) {
    switch (type) {
      case "begin" -> {
        if (fields++ == 0) {
          instruction = new StringBuilder();
          inResult = false;
        }
      }
      case "separate" -> {
        if (fields == 1 && instruction != null) {
          inResult = true;
          fieldLink = targetOf(instruction.toString()).map(h -> linkOf(paragraph, h)).orElse(null);
        }
      }
      case "end" -> {
        fields = Math.max(0, fields - 1);
        if (fields == 0) {
          instruction = null;
          inResult = false;
          fieldLink = null;
        }
      }
      default -> {}
    }
  }

  private static void readNote(Element to, String kind, String id) {
    WordHtml.noteSign(to, DocxBody.noteName(kind, id));
  }

  /** A character of a symbol font; those of the private area that have a character of their own. */
  private static String symbolOf(String hex) {
    if (!hex.matches("[0-9A-Fa-f]{2,5}")) {
      return "";
    }
    int code = Integer.parseInt(hex, 16);
    return switch (code & 0xFF) {
      case 0xB7, 0xA7, 0xD8 -> code >= 0xF000 ? "•" : Character.toString(code);
      case 0xFC, 0xFE -> code >= 0xF000 ? "✓" : Character.toString(code);
      case 0xE0 -> code >= 0xF000 ? "→" : Character.toString(code);
      default -> Character.toString(code);
    };
  }

  /** Pictures, and the text of boxes that are drawn like pictures. */
  private void readPicture(Xml drawing, Element to) {
    // A rule drawn across the page, as the older drawing language of these files has it (o:hr).
    if (drawing.all("v:rect").anyMatch(r -> r.attr("o:hr").matches("t|true"))) {
      ruled = true;
      return;
    }
    Optional<Xml> box = drawing.all("w:txbxContent").findFirst();
    if (box.isPresent()) {
      boxes.add(box.get());
      return;
    }
    Optional<Xml> about = drawing.all("wp:docPr").findFirst();
    String words = about.map(a -> a.attr("descr")).orElse("");
    boolean decorative =
        drawing.all("adec:decorative").anyMatch(d -> DocxStyles.isOn(d.attr("val")));
    drawing
        .all("a:blip")
        .map(b -> b.has("r:embed") ? b.attr("r:embed") : b.attr("r:link"))
        .forEach(id -> place(id, words, decorative, to));
    drawing
        .all("v:imagedata")
        .forEach(
            i ->
                place(i.attr("r:id"), words.isEmpty() ? i.attr("o:title") : words, decorative, to));
  }

  private void place(String id, String words, boolean decorative, Element to) {
    String part = body.links.get(id);
    if (part == null) {
      return;
    }
    WordHtml.addPicture(to, body.office, part, words, decorative, body.pictures, body.told);
  }
}
