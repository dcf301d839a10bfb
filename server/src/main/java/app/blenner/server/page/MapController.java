package app.blenner.server.page;

import app.blenner.core.site.Section;
import app.blenner.core.site.SectionTree;
import app.blenner.core.site.Site;
import app.blenner.server.item.published.PublishedItems;
import app.blenner.server.site.SiteService;
import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** What search engines ask for: the maps of the site by the Sitemaps protocol 0.9, and robots.txt by RFC 9309. */
@RestController
@Hidden
class MapController {
  /** A map has at most so many addresses (Sitemaps protocol). */
  private static final int MOST = 50_000;

  private static final int BATCH = 1_000;
  private static final String NAMESPACE = "http://www.sitemaps.org/schemas/sitemap/0.9";

  private final SiteService sites;
  private final PublishedItems items;

  MapController(SiteService sites, PublishedItems items) {
    this.sites = sites;
    this.items = items;
  }

  @GetMapping(value = "/robots.txt", produces = "text/plain;charset=utf-8")
  String robots() {
    return "User-agent: *\nDisallow: /editor/\nDisallow: /site/contact/\nSitemap: "
        + sites.atItsAddress().absolute("/sitemap.xml")
        + "\n";
  }

  /** The map; of a large site, one of its maps. */
  @GetMapping("/sitemap.xml")
  ResponseEntity<StreamingResponseBody> map() {
    Site site = sites.atItsAddress();
    // The front page and those of the sections stand in the first part.
    long addresses = items.count() + site.sections().size() + 1;
    long parts = (addresses + MOST - 1) / MOST;
    return xml(
        out -> write(out, parts > 1 ? x -> writeIndex(x, site, parts) : x -> part(x, site, 0)));
  }

  @GetMapping("/sitemap-{number}.xml")
  ResponseEntity<StreamingResponseBody> part(@PathVariable int number) {
    Site site = sites.atItsAddress();
    if (number < 1 || (number - 1L) * MOST >= items.count() + site.sections().size() + 1) {
      return ResponseEntity.notFound().build();
    }
    return xml(out -> write(out, x -> part(x, site, number - 1)));
  }

  private static ResponseEntity<StreamingResponseBody> xml(StreamingResponseBody body) {
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("application/xml;charset=utf-8"))
        .body(body);
  }

  /** Something that is written as XML. */
  private interface Written {
    void to(XMLStreamWriter xml) throws XMLStreamException;
  }

  private static void write(OutputStream out, Written written) throws IOException {
    try {
      XMLStreamWriter xml =
          XMLOutputFactory.newInstance().createXMLStreamWriter(out, StandardCharsets.UTF_8.name());
      xml.writeStartDocument("utf-8", "1.0");
      written.to(xml);
      xml.writeEndDocument();
      xml.flush();
    } catch (XMLStreamException e) {
      throw new IOException(e);
    }
  }

  private static void writeIndex(XMLStreamWriter xml, Site site, long parts)
      throws XMLStreamException {
    xml.writeStartElement("sitemapindex");
    xml.writeDefaultNamespace(NAMESPACE);
    for (int n = 1; n <= parts; n++) {
      xml.writeStartElement("sitemap");
      element(xml, "loc", site.absolute("/sitemap-" + n + ".xml"));
      xml.writeEndElement();
    }
    xml.writeEndElement();
  }

  private void part(XMLStreamWriter xml, Site site, int part) throws XMLStreamException {
    xml.writeStartElement("urlset");
    xml.writeDefaultNamespace(NAMESPACE);
    int own = site.sections().size() + 1;
    SectionTree tree = site.tree();
    if (part == 0) {
      address(xml, site.absolute("/"), null);
      for (Section section : site.sections()) {
        address(xml, site.absolute(tree.pathOf(section.slug())), null);
      }
    }
    // The first part has room for fewer items.
    int left = part == 0 ? MOST - own : MOST;
    String after = part == 0 ? "" : items.keyAt(part * MOST - own - 1);
    List<PublishedItems.Mapped> some = items.mapped(after, Math.min(BATCH, left));
    while (!some.isEmpty()) {
      for (PublishedItems.Mapped item : some) {
        if (!item.hidden()) {
          address(
              xml, site.absolute(tree.pathOf(item.section()) + "/" + item.slug()), item.updated());
        }
      }
      left -= some.size();
      after = some.get(some.size() - 1).key();
      some = left == 0 ? List.of() : items.mapped(after, Math.min(BATCH, left));
    }
    xml.writeEndElement();
  }

  private static void address(XMLStreamWriter xml, String location, Instant updated)
      throws XMLStreamException {
    xml.writeStartElement("url");
    element(xml, "loc", location);
    if (updated != null) {
      element(xml, "lastmod", updated.truncatedTo(ChronoUnit.SECONDS).toString());
    }
    xml.writeEndElement();
  }

  private static void element(XMLStreamWriter xml, String name, String text)
      throws XMLStreamException {
    xml.writeStartElement(name);
    xml.writeCharacters(text);
    xml.writeEndElement();
  }
}
