package app.blenner.core.site;

import app.blenner.core.document.Escaping;
import app.blenner.core.face.Teaser;
import app.blenner.core.item.Content;
import java.io.StringWriter;
import java.net.URI;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.json.JsonFactory;

/**
 * Feeds of the latest items: Atom by RFC 4287, RSS by the RSS 2.0 specification of the RSS Advisory Board, and JSON Feed by its
 * version 1.1.
 */
public final class FeedWriter {
  private static final String ATOM = "http://www.w3.org/2005/Atom";
  private static final String DUBLIN_CORE = "http://purl.org/dc/elements/1.1/";
  private static final DateTimeFormatter RFC_822 =
      DateTimeFormatter.ofPattern("EEE, dd MMM uuuu HH:mm:ss 'GMT'", Locale.ENGLISH)
          .withZone(ZoneOffset.UTC);

  private final Site site;
  private final Section section;
  private final List<PublishedItem> items;
  private final Instant now;

  /**
   * @param site the site, at its address
   * @param section whose feed it is, or null for that of everything
   * @param items the latest live items, the newest first
   * @param now what time it is
   */
  public FeedWriter(Site site, Section section, List<PublishedItem> items, Instant now) {
    this.site = site;
    this.section = section;
    this.items = items;
    this.now = now;
  }

  /** The feed in one of its forms. */
  public String write(Feed form) {
    if (form == Feed.JSON) {
      return json();
    }
    StringWriter out = new StringWriter();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(out);
      xml.writeStartDocument("utf-8", "1.0");
      if (form == Feed.ATOM) {
        atom(xml);
      } else {
        rss(xml);
      }
      xml.writeEndDocument();
      xml.flush();
    } catch (XMLStreamException e) {
      throw new IllegalStateException(e);
    }
    return out.toString();
  }

  private String title() {
    return section == null ? site.name() : section.name() + " · " + site.name();
  }

  private String about() {
    String said = section == null ? site.tagline() : section.description();
    return said.isEmpty() ? title() : said;
  }

  private String home() {
    return site.absolute(section == null ? "/" : site.pathOf(section));
  }

  private String self(Feed form) {
    return site.absolute(form.feedPath(section == null ? "" : section.slug()));
  }

  /** When anything of it was last changed. */
  private Instant updated() {
    return items.stream().map(PublishedItem::updated).max(Instant::compareTo).orElse(now);
  }

  /** A name for ever (RFC 4151): it stays when the item moves, and when the site does not. */
  private String nameOf(PublishedItem item) {
    String host = site.address().isEmpty() ? "localhost" : URI.create(site.address()).getHost();
    return "tag:" + host + "," + item.firstLive().toString().substring(0, 10) + ":" + item.key();
  }

  /** A moment to the second: some readers of feeds take fractions for something else. */
  private static String moment(Instant at) {
    return at.truncatedTo(ChronoUnit.SECONDS).toString();
  }

  private List<String> topics(Content content) {
    return site.findSection(content.section()).stream()
        .flatMap(s -> s.topicsNamed(content.topics()).stream())
        .map(Topic::name)
        .toList();
  }

  private static String titleOf(PublishedItem item) {
    String title = Teaser.of(item.content()).title().words();
    return title.isEmpty() ? item.content().slug() : title;
  }

  private static String textOf(PublishedItem item) {
    return Teaser.of(item.content()).text().words();
  }

  private void atom(XMLStreamWriter xml) throws XMLStreamException {
    xml.setDefaultNamespace(ATOM);
    xml.writeStartElement("feed");
    xml.writeDefaultNamespace(ATOM);
    xml.writeAttribute("xml:lang", site.language());
    element(xml, "id", self(Feed.ATOM));
    element(xml, "title", title());
    element(xml, "subtitle", about());
    element(xml, "updated", moment(updated()));
    link(xml, "self", Feed.ATOM.type(), self(Feed.ATOM));
    link(xml, "alternate", "text/html", home());
    for (PublishedItem item : items) {
      xml.writeStartElement("entry");
      xml.writeAttribute("xml:lang", item.content().languageOn(site.language()));
      element(xml, "id", nameOf(item));
      element(xml, "title", titleOf(item));
      link(xml, "alternate", "text/html", site.absolute(item.path()));
      element(xml, "published", moment(item.firstLive()));
      element(xml, "updated", moment(item.updated()));
      for (String author : item.authors()) {
        xml.writeStartElement("author");
        element(xml, "name", author);
        xml.writeEndElement();
      }
      for (String topic : topics(item.content())) {
        xml.writeEmptyElement("category");
        xml.writeAttribute("term", legal(topic));
      }
      element(xml, "summary", textOf(item));
      xml.writeEndElement();
    }
    xml.writeEndElement();
  }

  private static void link(XMLStreamWriter xml, String rel, String type, String href)
      throws XMLStreamException {
    xml.writeEmptyElement("link");
    xml.writeAttribute("rel", rel);
    xml.writeAttribute("type", type);
    xml.writeAttribute("href", href);
  }

  private void rss(XMLStreamWriter xml) throws XMLStreamException {
    xml.writeStartElement("rss");
    xml.writeAttribute("version", "2.0");
    xml.writeNamespace("atom", ATOM);
    xml.writeNamespace("dc", DUBLIN_CORE);
    xml.writeStartElement("channel");
    line(xml, "title", title());
    element(xml, "link", home());
    line(xml, "description", about());
    element(xml, "language", site.language());
    element(xml, "lastBuildDate", RFC_822.format(updated()));
    xml.writeEmptyElement("atom", "link", ATOM);
    xml.writeAttribute("rel", "self");
    xml.writeAttribute("type", Feed.RSS.type());
    xml.writeAttribute("href", self(Feed.RSS));
    for (PublishedItem item : items) {
      xml.writeStartElement("item");
      line(xml, "title", titleOf(item));
      element(xml, "link", site.absolute(item.path()));
      element(xml, "description", asMarkup(textOf(item)));
      xml.writeStartElement("guid");
      xml.writeAttribute("isPermaLink", "false");
      xml.writeCharacters(nameOf(item));
      xml.writeEndElement();
      element(xml, "pubDate", RFC_822.format(item.firstLive()));
      for (String author : item.authors()) {
        xml.writeStartElement("dc", "creator", DUBLIN_CORE);
        characters(xml, author);
        xml.writeEndElement();
      }
      for (String topic : topics(item.content())) {
        line(xml, "category", topic);
      }
      xml.writeEndElement();
    }
    xml.writeEndElement();
    xml.writeEndElement();
  }

  /** The text of an item's description is read as HTML: what looks like a tag in it must not be one. */
  private static String asMarkup(String text) {
    StringBuilder out = new StringBuilder();
    Escaping.writeText(out, text);
    return out.toString();
  }

  private static void line(XMLStreamWriter xml, String name, String text)
      throws XMLStreamException {
    xml.writeStartElement(name);
    characters(xml, text);
    xml.writeEndElement();
  }

  /**
   * Some readers take a title for plain text and others for HTML; written by its number, a sign is read rightly by nearly
   * all of both. Source: RSS Best Practices Profile, Character Data.
   */
  private static void characters(XMLStreamWriter xml, String text) throws XMLStreamException {
    String all = legal(text);
    int from = 0;
    for (int i = 0; i < all.length(); i++) {
      String number =
          switch (all.charAt(i)) {
            case '&' -> "#x26";
            case '<' -> "#x3C";
            case '>' -> "#x3E";
            default -> "";
          };
      if (!number.isEmpty()) {
        xml.writeCharacters(all.substring(from, i));
        xml.writeEntityRef(number);
        from = i + 1;
      }
    }
    xml.writeCharacters(all.substring(from));
  }

  private static void element(XMLStreamWriter xml, String name, String text)
      throws XMLStreamException {
    xml.writeStartElement(name);
    xml.writeCharacters(legal(text));
    xml.writeEndElement();
  }

  /** Without the signs XML 1.0 cannot hold (production 2). */
  private static String legal(String text) {
    return text.codePoints()
        .filter(
            c ->
                c == 0x9
                    || c == 0xA
                    || c == 0xD
                    || (c >= 0x20 && c <= 0xD7FF)
                    || (c >= 0xE000 && c <= 0xFFFD)
                    || c >= 0x10000)
        .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
        .toString();
  }

  private String json() {
    StringWriter out = new StringWriter();
    try (JsonGenerator json = new JsonFactory().createGenerator(ObjectWriteContext.empty(), out)) {
      json.writeStartObject();
      json.writeStringProperty("version", "https://jsonfeed.org/version/1.1");
      json.writeStringProperty("title", title());
      json.writeStringProperty("home_page_url", home());
      json.writeStringProperty("feed_url", self(Feed.JSON));
      json.writeStringProperty("description", about());
      json.writeStringProperty("language", site.language());
      json.writeArrayPropertyStart("items");
      for (PublishedItem item : items) {
        json.writeStartObject();
        json.writeStringProperty("id", nameOf(item));
        json.writeStringProperty("url", site.absolute(item.path()));
        json.writeStringProperty("title", titleOf(item));
        json.writeStringProperty("content_text", textOf(item));
        json.writeStringProperty("date_published", moment(item.firstLive()));
        json.writeStringProperty("date_modified", moment(item.updated()));
        json.writeStringProperty("language", item.content().languageOn(site.language()));
        json.writeArrayPropertyStart("authors");
        for (String author : item.authors()) {
          json.writeStartObject();
          json.writeStringProperty("name", author);
          json.writeEndObject();
        }
        json.writeEndArray();
        json.writeArrayPropertyStart("tags");
        topics(item.content()).forEach(json::writeString);
        item.content().keywords().forEach(json::writeString);
        json.writeEndArray();
        json.writeEndObject();
      }
      json.writeEndArray();
      json.writeEndObject();
    }
    return out.toString();
  }
}
