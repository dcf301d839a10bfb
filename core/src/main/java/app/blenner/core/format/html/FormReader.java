package app.blenner.core.format.html;

import app.blenner.core.document.ContactForm;
import app.blenner.core.document.ContactForm.Field;
import app.blenner.core.document.ContactForm.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.jsoup.select.Elements;

/** Reads a contact form. */
final class FormReader {
  private final HtmlReader reader;

  FormReader(HtmlReader reader) {
    this.reader = reader;
  }

  void read(Element form, HtmlReader.Place place, BlockBuilder flow) {
    List<Field> fields = new ArrayList<>();
    List<Node> rest = new ArrayList<>();
    String button = null;
    for (Node node : form.childNodes()) {
      if (node instanceof TextNode t && t.isBlank()) {
        continue;
      }
      Element only =
          node instanceof Element p && p.childrenSize() == 1 && p.ownText().isBlank()
              ? p.child(0)
              : null;
      Field field = only != null && only.normalName().equals("label") ? fieldOf(only) : null;
      if (field != null) {
        fields.add(field);
      } else if (only != null && only.normalName().equals("button") && button == null) {
        button = ElementText.of(only);
      } else {
        rest.add(node);
      }
    }
    flow.add(new ContactForm(fields, button == null ? "" : button));
    flow.addAll(reader.readBlocks(rest, place.inside()));
  }

  private static Field fieldOf(Element label) {
    Elements controls = label.select("input, select, textarea");
    if (controls.size() != 1) {
      return null;
    }
    Element control = controls.get(0);
    List<String> choices =
        control.select("option").stream().map(ElementText::of).filter(c -> !c.isEmpty()).toList();
    Element words = label.clone();
    words.select("input, select, textarea").remove();
    return new Field(kindOf(control), ElementText.of(words), control.hasAttr("required"), choices);
  }

  private static Kind kindOf(Element control) {
    String named = control.attr("name").replaceFirst("-\\d+$", "").toUpperCase(Locale.ROOT);
    if (control.normalName().equals("textarea")) {
      return Kind.MESSAGE;
    }
    if (control.normalName().equals("select")) {
      return Kind.CHOICE;
    }
    return switch (control.attr("type")) {
      case "email" -> Kind.EMAIL;
      case "tel" -> Kind.PHONE;
      case "checkbox" -> Kind.AGREEMENT;
      default -> named.equals("NAME") ? Kind.NAME : Kind.LINE;
    };
  }
}
