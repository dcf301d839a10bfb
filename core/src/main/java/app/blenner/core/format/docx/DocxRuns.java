package app.blenner.core.format.docx;

import app.blenner.core.document.Address;
import app.blenner.core.document.Inline;
import app.blenner.core.document.LineBreak;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Text;
import app.blenner.core.format.office.AddressResolver;
import app.blenner.core.format.office.Markup;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Writes running text: runs with their properties, and links around them. */
final class DocxRuns {
  private final Markup out;
  private final AddressResolver addresses;
  private final List<String> links = new ArrayList<>();
  private int ids;
  private boolean bold;

  DocxRuns(Markup out, AddressResolver addresses) {
    this.out = out;
    this.addresses = addresses;
  }

  /** The addresses outside the file, in the order of their relations. */
  List<String> links() {
    return links;
  }

  int nextId() {
    return ++ids;
  }

  /** Whether all that follows is bold, as in a header cell. */
  void bold(boolean on) {
    bold = on;
  }

  void write(List<Inline> content) {
    Mark.Link open = null;
    for (Inline inline : content) {
      Mark.Link link = inline.marks().link().orElse(null);
      if (open != null && !open.equals(link)) {
        out.raw("</w:hyperlink>");
      }
      if (link != null && !link.equals(open)) {
        open(link.address());
      }
      open = link;
      run(inline);
    }
    if (open != null) {
      out.raw("</w:hyperlink>");
    }
  }

  private void open(Address address) {
    String place = address.place();
    if (address.value().startsWith("#")) {
      out.raw("<w:hyperlink w:anchor=\"" + Markup.escaped(place) + "\">");
      return;
    }
    links.add(addresses.of(address));
    out.raw("<w:hyperlink r:id=\"link" + links.size() + "\">");
  }

  private void run(Inline inline) {
    out.raw("<w:r>");
    properties(inline);
    if (inline instanceof LineBreak) {
      out.raw("<w:br/>");
    } else {
      text(((Text) inline).text());
    }
    out.raw("</w:r>");
  }

  private void text(String text) {
    out.raw("<w:t xml:space=\"preserve\">");
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c == '\t' || c == '\u00AD' || c == '\u2011') {
        String piece =
            c == '\t' ? "<w:tab/>" : c == '\u00AD' ? "<w:softHyphen/>" : "<w:noBreakHyphen/>";
        out.raw("</w:t>" + piece + "<w:t xml:space=\"preserve\">");
      } else {
        int end = i + 1;
        while (end < text.length() && "\t\u00AD\u2011".indexOf(text.charAt(end)) < 0) {
          end++;
        }
        out.text(text.substring(i, end));
        i = end - 1;
      }
    }
    out.raw("</w:t>");
  }

  /** In the order the schema asks for (17.3.2.28). */
  private void properties(Inline inline) {
    List<Mark> marks = inline.marks().all();
    StringBuilder p = new StringBuilder();
    boolean code = marks.contains(Mark.Plain.CODE);
    String font = inline.marks().valueOf(Mark.Kind.FONT).orElse("");
    if (inline.marks().link().isPresent()) {
      p.append("<w:rStyle w:val=\"Hyperlink\"/>");
    }
    if (code || !font.isEmpty()) {
      String name = Markup.escaped(code ? "Liberation Mono" : font);
      p.append(
          "<w:rFonts w:ascii=\"" + name + "\" w:hAnsi=\"" + name + "\" w:cs=\"" + name + "\"/>");
    }
    p.append(bold || marks.contains(Mark.Plain.STRONG) ? "<w:b/>" : "");
    p.append(marks.contains(Mark.Plain.EMPHASIS) ? "<w:i/>" : "");
    p.append(marks.contains(Mark.Plain.STRIKETHROUGH) ? "<w:strike/>" : "");
    String colour = inline.marks().valueOf(Mark.Kind.COLOUR).orElse("");
    if (colour.matches("#[0-9a-fA-F]{6}.*")) {
      p.append("<w:color w:val=\"" + colour.substring(1, 7) + "\"/>");
    }
    p.append(marks.contains(Mark.Plain.UNDERLINE) ? "<w:u w:val=\"single\"/>" : "");
    Optional<String> highlight = inline.marks().valueOf(Mark.Kind.HIGHLIGHT);
    if (highlight.isPresent()) {
      String value = highlight.get();
      String fill = value.matches("#[0-9a-fA-F]{6}.*") ? value.substring(1, 7) : "F3E2A9";
      p.append("<w:shd w:val=\"clear\" w:color=\"auto\" w:fill=\"" + fill + "\"/>");
    }
    if (marks.contains(Mark.Plain.SUPERSCRIPT) || marks.contains(Mark.Plain.SUBSCRIPT)) {
      String side = marks.contains(Mark.Plain.SUPERSCRIPT) ? "superscript" : "subscript";
      p.append("<w:vertAlign w:val=\"" + side + "\"/>");
    }
    String language = inline.marks().valueOf(Mark.Kind.LANGUAGE).orElse("");
    if (!language.isEmpty()) {
      p.append("<w:lang w:val=\"" + Markup.escaped(language) + "\"/>");
    }
    if (p.length() > 0) {
      out.raw("<w:rPr>" + p + "</w:rPr>");
    }
  }
}
