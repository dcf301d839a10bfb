package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.item.Attachment;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Head;
import app.blenner.core.language.SiteWords;
import app.blenner.core.picture.Ratio;
import java.time.Instant;
import java.time.ZoneId;
import java.util.stream.Collectors;

/** The page of an item. */
final class ItemPage {
  /** What shared links show is this wide on the screens that show it largest. Common practice. */
  private static final int SHARED_WIDTH = 1200;

  private final Site site;
  private final Library library;
  private final ZoneId zone;
  private final PageFrame frame;

  ItemPage(Site site, Library library, ZoneId zone, PageFrame frame) {
    this.site = site;
    this.library = library;
    this.zone = zone;
    this.frame = frame;
  }

  /** An item's own page. */
  String render(PublishedItem item) {
    Content content = item.content();
    HtmlOut out = new HtmlOut();
    SiteWords own = SiteWords.of(content.languageOn(site.language()));
    out.open("article").endOpen();
    out.open("header").attribute("class", "item-head").endOpen();
    site.section(content.section())
        .ifPresent(
            s -> {
              out.open("p").attribute("class", "kicker");
              frame.siteLanguage(out, own).endOpen();
              out.open("a").attribute("href", SitePaths.of(s)).endOpen().text(s.name()).close("a");
              out.close("p");
            });
    String title = content.title().isEmpty() ? own.get("untitled") : content.title();
    out.tag("h1").text(title).close("h1");
    if (!content.summary().isEmpty()) {
      out.open("p").attribute("class", "summary").endOpen().text(content.summary()).close("p");
    }
    byline(out, item, own);
    out.close("header");
    FieldRenderer fields = new FieldRenderer(site, library, zone, item, own);
    fields.show(out, Head.Place.BEFORE);
    out.open("div").attribute("class", "article").endOpen();
    out.line();
    out.markup(BodyRenderer.render(item.key(), content.body(), library, own));
    out.line();
    out.close("div");
    fields.show(out, Head.Place.BEHIND);
    attachments(out, content, own);
    String topics =
        site.section(content.section())
            .map(s -> s.topics(content.topics()).stream().map(Topic::name))
            .map(names -> names.collect(Collectors.joining(", ")))
            .orElse("");
    if (!topics.isEmpty()) {
      out.open("p").attribute("class", "keywords").endOpen();
      out.text(own.get("topics", topics)).close("p");
    }
    if (!content.keywords().isEmpty()) {
      out.open("p").attribute("class", "keywords").endOpen();
      out.text(own.get("keywords", String.join(", ", content.keywords()))).close("p");
    }
    out.close("article");
    String picture =
        library
            .asset(content.leadPicture())
            .filter(a -> !a.gone())
            .map(a -> a.path(SHARED_WIDTH, Ratio.WIDE, a.plainFormat()))
            .orElse("");
    PageHead head =
        new PageHead(
            title + " · " + site.name(), content.summary(), item.path(), "article", picture);
    return frame.page(head, content.section(), out.toString(), own);
  }

  /** The files that go with an item, each with its kind and size. */
  private void attachments(HtmlOut out, Content content, SiteWords own) {
    if (content.attachments().isEmpty()) {
      return;
    }
    out.open("section").attribute("class", "attachments").endOpen();
    out.tag("h2").text(own.get("attachments")).close("h2");
    out.open("ul").endOpen();
    for (Attachment a : content.attachments()) {
      out.open("li").endOpen();
      BodyRenderer.file(out, library.asset(a.asset()), a.words(), own);
      out.close("li");
    }
    out.close("ul");
    out.close("section");
  }

  private void byline(HtmlOut out, PublishedItem item, SiteWords own) {
    out.open("p").attribute("class", "byline").endOpen().text(item.author());
    if (item.firstLive() != null && item.kind().isNews()) {
      out.text(" · ");
      time(out, item.firstLive(), own);
      if (!day(item.firstLive()).equals(day(item.updated()))) {
        String[] around = own.get("updated").split("\\{0}", -1);
        out.text(" · " + around[0]);
        time(out, item.updated(), own);
        out.text(around[1]);
      }
    }
    out.close("p");
  }

  private String day(Instant instant) {
    return instant.atZone(zone).toLocalDate().toString();
  }

  private void time(HtmlOut out, Instant instant, SiteWords own) {
    out.open("time").attribute("datetime", day(instant)).endOpen();
    out.text(own.day(instant.atZone(zone))).close("time");
  }
}
