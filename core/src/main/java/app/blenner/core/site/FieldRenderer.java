package app.blenner.core.site;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockStyle;
import app.blenner.core.document.ContactForm;
import app.blenner.core.document.Document;
import app.blenner.core.document.Heading;
import app.blenner.core.document.JumpTarget;
import app.blenner.core.document.Paragraph;
import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.item.Attachment;
import app.blenner.core.kind.Field;
import app.blenner.core.kind.FieldOutput;
import app.blenner.core.kind.FieldProperties;
import app.blenner.core.kind.SidePart;
import app.blenner.core.language.SiteWords;
import java.math.BigDecimal;
import java.text.NumberFormat;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/** The fields of an item's kind as readers see them: their labels with what is in them. */
final class FieldRenderer implements FieldOutput {
  private final Site site;
  private final Library library;
  private final ZoneId zone;
  private final PublishedItem item;
  private final SiteWords words;
  private final LinkedLines linked;
  private HtmlOut out = new HtmlOut();

  FieldRenderer(
      Site site,
      Library library,
      ZoneId zone,
      PublishedItem item,
      SiteWords words,
      LinkedLines linked) {
    this.linked = linked;
    this.site = site;
    this.library = library;
    this.zone = zone;
    this.item = item;
    this.words = words;
  }

  /** Shows all fields that readers see, wherever they would stand. */
  void showAll(HtmlOut page) {
    show(page, f -> f.head().place() != FieldProperties.Place.NOWHERE);
  }

  /** Shows the fields that stand in one place, if there are any with something for readers in them. */
  void show(HtmlOut page, FieldProperties.Place place) {
    // What the column beside the text shows is not said twice.
    if (!SidePart.FACTS.isIn(item.content())) {
      show(page, f -> f.head().place() == place);
    }
  }

  private void show(HtmlOut page, Predicate<Field> which) {
    HtmlOut all = new HtmlOut();
    item.kind().fields().filter(which).forEach(f -> all.markup(fieldOf(f)));
    String shown = all.toString();
    if (!shown.isEmpty()) {
      page.open("dl").attribute("class", "own-fields").endOpen().markup(shown).close("dl");
    }
  }

  private String fieldOf(Field field) {
    Object value = field.tidyValue(item.content().values().get(field.head().name()));
    if (value == null) {
      return "";
    }
    out = new HtmlOut();
    field.show(value, this);
    String shown = out.toString();
    if (shown.isEmpty()) {
      return "";
    }
    HtmlOut whole = new HtmlOut();
    whole.open("div").endOpen().tag("dt").text(field.head().label()).close("dt");
    whole.tag("dd").markup(shown).close("dd");
    whole.close("div");
    return whole.toString();
  }

  @Override
  public void writeLines(List<String> lines) {
    for (int i = 0; i < lines.size(); i++) {
      if (i > 0) {
        out.markup("<br>");
      }
      linked.write(out, lines.get(i));
    }
  }

  @Override
  public void writeText(Document document) {
    out.markup(render(document));
  }

  /** A text besides that of the item as readers get it. */
  String render(Document document) {
    return BodyRenderer.render(
        item.key(),
        site.asRead(document.map(FieldRenderer::within), item, library, zone),
        library,
        words);
  }

  /** Names of places and forms are the body's own: a page that has two of one name leads to neither for sure. */
  private static Block within(Block block) {
    if (block instanceof Heading h && !h.anchor().isEmpty()) {
      return new Heading(h.level(), "", h.content(), h.style());
    }
    return block instanceof JumpTarget || block instanceof ContactForm
        ? new Paragraph(List.of(), BlockStyle.PLAIN)
        : block;
  }

  @Override
  public void writePictures(List<String> assets) {
    HtmlOut html = new HtmlOut();
    for (String name : assets) {
      Optional<SiteAsset> asset = library.findAsset(name).filter(a -> !a.gone());
      if (asset.isPresent()) {
        html.open("figure").attribute("class", "picture").endOpen();
        html.open("img").attribute("src", "../assets/" + name);
        html.attribute("alt", asset.get().alternative()).endOpen();
        html.close("figure");
      }
    }
    writeText(HtmlReader.read(html.toString()));
  }

  @Override
  public void writeLink(String address, String label) {
    HtmlOut html = new HtmlOut();
    html.tag("p").open("a").attribute("href", address).endOpen().text(label).close("a");
    html.close("p");
    writeText(HtmlReader.read(html.toString()));
  }

  @Override
  public void writeNumber(BigDecimal number, String unit) {
    NumberFormat format = NumberFormat.getInstance(Locale.forLanguageTag(words.language()));
    format.setMaximumFractionDigits(number.scale() < 0 ? 0 : number.scale());
    out.text(format.format(number) + (unit.isEmpty() ? "" : "\u00a0" + unit));
  }

  @Override
  public void writeDate(LocalDate date) {
    out.open("time").attribute("datetime", date.toString()).endOpen();
    out.text(words.dayOf(date.atStartOfDay(zone))).close("time");
  }

  @Override
  public void writeTime(LocalTime time) {
    out.open("time").attribute("datetime", time.toString()).endOpen();
    out.text(time.toString()).close("time");
  }

  @Override
  public void yesNo(boolean yes) {
    out.text(words.get(yes ? "yes" : "no"));
  }

  @Override
  public void writeList(List<String> things) {
    out.tag("ul");
    for (String thing : things) {
      out.tag("li");
      linked.write(out, thing);
      out.close("li");
    }
    out.close("ul");
  }

  @Override
  public void writeItems(List<String> keys) {
    List<PublishedItem> live = keys.stream().flatMap(k -> library.findItem(k).stream()).toList();
    if (live.isEmpty()) {
      return;
    }
    new OtherItems(site, library, words).writeList(out, live);
  }

  @Override
  public void writeFacts(Map<String, String> facts) {
    out.tag("table").tag("tbody");
    facts.forEach(
        (name, value) -> {
          out.tag("tr").open("th").attribute("scope", "row").endOpen().text(name).close("th");
          out.tag("td");
          linked.write(out, value);
          out.close("td");
          out.close("tr");
        });
    out.close("tbody");
    out.close("table");
  }

  @Override
  public void files(List<Attachment> files) {
    out.tag("ul");
    for (Attachment file : files) {
      out.tag("li");
      BodyRenderer.writeFile(out, library.findAsset(file.asset()), file.words(), words);
      out.close("li");
    }
    out.close("ul");
  }
}
