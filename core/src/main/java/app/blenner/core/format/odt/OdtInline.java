package app.blenner.core.format.odt;

import app.blenner.core.format.office.Run;
import app.blenner.core.format.office.WordHtml;
import app.blenner.core.format.office.Xml;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;

/** Makes HTML of what stands within one paragraph. */
final class OdtInline {
  private final OdtBody body;
  private final Run base;
  private final List<Xml> boxes = new ArrayList<>();
  private final List<String> places = new ArrayList<>();

  OdtInline(OdtBody body, Run base) {
    this.body = body;
    this.base = base;
  }

  List<Xml> boxes() {
    return boxes;
  }

  List<String> places() {
    return places;
  }

  void write(Xml container, Element to, Run run) {
    for (Object o : container.content()) {
      if (o instanceof Xml x) {
        readPiece(x, to, run);
      } else {
        text(to, run, (String) o);
      }
    }
  }

  /** White space collapses (6.1.2), even in code, where spaces and tabs are elements. */
  private void text(Element to, Run run, String text) {
    put(to, run, text.replaceAll("[ \\t\\r\\n]+", " "));
  }

  private void put(Element to, Run run, String text) {
    if (to.closest("pre") != null) {
      to.appendChild(new TextNode(text));
    } else {
      body.styles.remarkable(run).write(to, text);
    }
  }

  void readPiece(Xml x, Element to, Run run) {
    switch (x.name()) {
      case "text:span" ->
          write(
              x, to, body.styles.styleOf("text", x.attr("text:style-name")).run().overlaidOn(run));
      case "text:a" -> readLink(x, to, run);
      case "text:s" -> put(to, run, " ".repeat(count(x.attr("text:c"))));
      case "text:tab" -> put(to, run, to.closest("pre") == null ? " " : "\t");
      case "text:line-break" -> {
        if (to.closest("pre") == null) {
          to.appendElement("br");
        } else {
          to.appendText("\n");
        }
      }
      case "text:note" -> {
        String name = body.noteName(body.notes.size());
        body.notes.add(x);
        WordHtml.noteSign(to, name);
      }
      case "office:annotation" -> body.remarks++;
      case "text:bookmark", "text:bookmark-start" -> {
        if (body.wanted.contains(x.attr("text:name"))) {
          places.add(x.attr("text:name"));
        }
      }
      case "draw:frame" -> readFrame(x, to, run);
      case "draw:a" -> write(x, to.appendElement("a").attr("href", x.attr("xlink:href")), run);
      case "draw:g" -> x.children().forEach(c -> readPiece(c, to, run));
      case "draw:custom-shape", "draw:rect" -> boxes.add(x);
      case "text:ruby" -> x.child("text:ruby-base").ifPresent(b -> write(b, to, run));
      case "text:tracked-changes",
          "text:change",
          "text:change-start",
          "text:change-end",
          "text:soft-page-break",
          "office:annotation-end",
          "text:bookmark-end",
          "text:note-citation" -> {}
      // Fields (7): what they show is text within them.
      default -> {
        if (x.name().startsWith("text:")) {
          write(x, to, run);
        }
      }
    }
  }

  private static int count(String number) {
    return number.matches("\\d{1,4}") ? Integer.parseInt(number) : 1;
  }

  private void readLink(Xml a, Element to, Run run) {
    String href = a.attr("xlink:href");
    if (href.startsWith("#")) {
      href = "#" + WordHtml.nameOf(href.substring(1));
    }
    Element link = href.isEmpty() ? to : to.appendElement("a").attr("href", href);
    // A link looks like one by the site's own style.
    Run bare = run.overlaidOn(new Run());
    bare.underline = base.underline;
    bare.colour = base.colour;
    write(a, link, bare);
  }

  private void readFrame(Xml frame, Element to, Run run) {
    Optional<Xml> image = frame.child("draw:image");
    if (image.isEmpty()) {
      frame.child("draw:text-box").ifPresent(boxes::add);
      frame
          .child("draw:object")
          .ifPresent(o -> body.told.add("A drawing or formula stayed behind; it is no picture."));
      return;
    }
    String words =
        frame
            .child("svg:desc")
            .or(() -> frame.child("svg:title"))
            .map(Xml::text)
            .orElse("")
            .strip();
    boolean decorative = words.isEmpty() && frame.attr("?:decorative").equals("true");
    String href = image.get().attr("xlink:href").replaceFirst("^\\./", "");
    WordHtml.addPicture(to, body.office, href, words, decorative, body.pictures, body.told);
  }
}
