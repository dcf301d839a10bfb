package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.kind.SidePart;
import app.blenner.core.language.SiteWords;
import java.util.Map;

/** The column beside the text of an item. */
final class SideColumn {
  private final Library library;
  private final SiteWords own;
  private final FieldRenderer fields;
  private final OtherItems others;
  private final LinkedLines linked;

  SideColumn(
      Library library, SiteWords own, FieldRenderer fields, OtherItems others, LinkedLines linked) {
    this.linked = linked;
    this.library = library;
    this.own = own;
    this.fields = fields;
    this.others = others;
  }

  /** Its parts in their order; empty where none has something to show. */
  String render(PublishedItem item) {
    HtmlOut out = new HtmlOut();
    for (Map<String, String> part : SidePart.partsIn(item.content())) {
      switch (SidePart.of(part.get("part"))) {
        case FACTS -> fields.showAll(out);
        case PICTURE -> writePicture(out, part);
        case QUOTE -> writeQuote(out, part);
        case TEXT -> writeText(out, part);
        case RELATED -> others.related(out, item);
      }
    }
    String shown = out.toString();
    if (shown.isEmpty()) {
      return "";
    }
    HtmlOut whole = new HtmlOut();
    whole.open("aside").attribute("class", "side").attribute("aria-label", own.get("side"));
    whole.endOpen().markup(shown).close("aside");
    return whole.toString();
  }

  private void writePicture(HtmlOut out, Map<String, String> part) {
    library
        .findAsset(part.getOrDefault("picture", ""))
        .ifPresent(
            a -> {
              out.open("figure").endOpen();
              new PictureTag(a, a.alternative(), Sizes.SIDE, null, false, own).write(out);
              String words = part.getOrDefault("words", "");
              if (!words.isEmpty()) {
                out.tag("figcaption");
                linked.write(out, words);
                out.close("figcaption");
              }
              out.close("figure");
            });
  }

  private void writeQuote(HtmlOut out, Map<String, String> part) {
    String text = part.getOrDefault("text", "");
    if (text.isEmpty()) {
      return;
    }
    out.tag("figure").tag("blockquote");
    paragraphs(out, text);
    out.close("blockquote");
    String from = part.getOrDefault("from", "");
    if (!from.isEmpty()) {
      out.tag("figcaption");
      linked.write(out, from);
      out.close("figcaption");
    }
    out.close("figure");
  }

  private void writeText(HtmlOut out, Map<String, String> part) {
    String title = part.getOrDefault("title", "");
    String text = part.getOrDefault("text", "");
    if (title.isEmpty() && text.isEmpty()) {
      return;
    }
    out.tag("section");
    if (!title.isEmpty()) {
      out.tag("h2").text(title).close("h2");
    }
    SidePart.textIn(part).ifPresent(t -> out.markup(fields.render(t)));
    out.close("section");
  }

  private void paragraphs(HtmlOut out, String text) {
    for (String line : text.split("\n")) {
      if (!line.isBlank()) {
        out.tag("p");
        linked.write(out, line);
        out.close("p");
      }
    }
  }
}
