package app.blenner.core.site;

import app.blenner.core.face.SearchResult;
import app.blenner.core.face.SharedLink;
import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.item.Attachment;
import app.blenner.core.item.Content;
import app.blenner.core.kind.FieldProperties;
import app.blenner.core.kind.LeadPlace;
import app.blenner.core.kind.SidePart;
import app.blenner.core.language.SiteWords;
import app.blenner.core.picture.Ratio;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** The page of an item. */
final class ItemPage {
  /** What shared links show is this wide on the screens that show it largest. Common practice. */
  static final int SHARED_WIDTH = 1200;

  private final Site site;
  private final Library library;
  private final SharedPictures pictures;
  private final ZoneId zone;
  private final PageFrame frame;

  ItemPage(Site site, Library library, ZoneId zone, PageFrame frame) {
    this.site = site;
    this.library = library;
    this.pictures = new SharedPictures(library);
    this.zone = zone;
    this.frame = frame;
  }

  /** An item's own page. */
  String render(PublishedItem item) {
    Content content = item.content();
    HtmlOut out = new HtmlOut();
    SiteWords own = SiteWords.of(content.languageOn(site.language()));
    LinkedLines linked = new LinkedLines(site, item, library, own);
    FieldRenderer fields = new FieldRenderer(site, library, zone, item, own, linked);
    OtherItems others = new OtherItems(site, library, own);
    Map<String, String> languages = others.addresses(item);
    String side = new SideColumn(library, own, fields, others, linked).render(item);
    frame.way(out, site.tree().way(content.section()), titleOf(content, own), own);
    out.open("article").attributeIf("class", side.isEmpty() ? "" : "with-side").endOpen();
    head(out, item, own, linked, () -> others.languages(out, item, languages));
    if (!side.isEmpty()) {
      out.open("div").attribute("class", "beside-side").endOpen();
    }
    fields.show(out, FieldProperties.Place.BEFORE);
    out.open("div").attribute("class", "article").endOpen();
    out.line();
    out.markup(
        BodyRenderer.render(
            item.key(), site.asRead(content.body(), item, library, zone), library, own));
    out.line();
    out.close("div");
    fields.show(out, FieldProperties.Place.BEHIND);
    attachments(out, content, own);
    if (!SidePart.RELATED.isIn(content)) {
      others.related(out, item);
    }
    words(out, content, own);
    if (!side.isEmpty()) {
      out.close("div");
      out.markup(side);
    }
    out.close("article");
    neighbours(out, item, own);
    return frame.renderPage(pageHead(item, own, languages), content.section(), out.toString(), own);
  }

  /** What stands above the text: where one is, the title, the summary, the lead picture and whose it is. */
  private void head(
      HtmlOut out, PublishedItem item, SiteWords own, LinkedLines linked, Runnable languages) {
    Content content = item.content();
    LeadPlace place = LeadPlace.of(content);
    Optional<SiteAsset> lead =
        place == LeadPlace.TEASER ? Optional.empty() : library.findAsset(content.leadPicture());
    boolean beside = lead.isPresent() && place == LeadPlace.BESIDE;
    out.open("header").attribute("class", beside ? "item-head lead-beside" : "item-head").endOpen();
    if (beside) {
      picture(out, lead.get(), Sizes.LEAD_BESIDE, own, linked);
      out.open("div").endOpen();
    }
    out.tag("h1").text(titleOf(content, own)).close("h1");
    if (!content.summary().isEmpty()) {
      out.open("p").attribute("class", "summary").endOpen();
      linked.write(out, content.summary());
      out.close("p");
    }
    Byline.write(out, item, own, zone);
    languages.run();
    if (beside) {
      out.close("div");
    } else if (lead.isPresent()) {
      picture(out, lead.get(), Sizes.LEAD_OVER, own, linked);
    }
    out.close("header");
  }

  private static void picture(
      HtmlOut out, SiteAsset lead, String sizes, SiteWords own, LinkedLines linked) {
    out.open("figure").attribute("class", "lead-picture");
    if (lead.hasRenditions()) {
      // Nobody sees more by looking at fewer pixels in a larger frame.
      out.attribute("style", "max-width: " + lead.width() + "px");
    }
    out.endOpen();
    new PictureTag(lead, lead.alternative(), sizes, Ratio.WIDE, true, own).write(out);
    if (!lead.caption().isEmpty() || !lead.credit().isEmpty()) {
      out.tag("figcaption");
      if (!lead.caption().isEmpty()) {
        out.tag("span");
        linked.write(out, lead.caption());
        out.close("span");
        out.text(" ");
      }
      if (!lead.credit().isEmpty()) {
        out.tag("small").text(lead.credit()).close("small");
      }
      out.close("figcaption");
    }
    out.close("figure");
  }

  private static String titleOf(Content content, SiteWords own) {
    return content.title().isEmpty() ? own.get("untitled") : content.title();
  }

  /** The topics it is about, and its keywords, each with its page. */
  private void words(HtmlOut out, Content content, SiteWords own) {
    Map<String, String> topics = new LinkedHashMap<>();
    site.findSection(content.section())
        .ifPresent(
            s ->
                s.topicsNamed(content.topics())
                    .forEach(
                        t -> topics.put(SitePaths.topicPath(site.pathOf(s), t.slug()), t.name())));
    linked(out, "topics", topics, own);
    Map<String, String> keywords = new LinkedHashMap<>();
    content.keywords().forEach(k -> keywords.putIfAbsent(SitePaths.keywordPath(k), k));
    linked(out, "keywords", keywords, own);
  }

  private static void linked(HtmlOut out, String name, Map<String, String> byPath, SiteWords own) {
    if (byPath.isEmpty()) {
      return;
    }
    String[] around = own.get(name).split("\\{0}", -1);
    out.open("p").attribute("class", "keywords").endOpen().text(around[0]);
    String between = "";
    for (Map.Entry<String, String> one : byPath.entrySet()) {
      out.text(between).open("a").attribute("href", one.getKey()).endOpen();
      out.text(one.getValue()).close("a");
      between = ", ";
    }
    out.text(around[1]).close("p");
  }

  /** The items before and behind it among those of its section. */
  private void neighbours(HtmlOut out, PublishedItem item, SiteWords own) {
    if (item.firstLive() == null || !item.kind().isNews() || item.content().section().isEmpty()) {
      return;
    }
    Optional<PublishedItem> older = library.neighbourOf(item, false);
    Optional<PublishedItem> newer = library.neighbourOf(item, true);
    if (older.isEmpty() && newer.isEmpty()) {
      return;
    }
    out.open("nav").attribute("class", "neighbours");
    out.attribute("aria-label", own.get("neighbours")).endOpen();
    older.ifPresent(i -> writeNeighbour(out, i, "prev", own));
    newer.ifPresent(i -> writeNeighbour(out, i, "next", own));
    out.close("nav");
  }

  private void writeNeighbour(HtmlOut out, PublishedItem item, String rel, SiteWords own) {
    String language = item.content().languageOn(site.language());
    out.open("a").attribute("href", item.path()).attribute("rel", rel).endOpen();
    out.open("span").endOpen().text(own.get(rel.equals("prev") ? "previous" : "next"));
    out.close("span");
    out.text(" ");
    out.open("strong").attributeIf("lang", language.equals(own.language()) ? "" : language);
    out.endOpen().text(titleOf(item.content(), own)).close("strong");
    out.close("a");
  }

  private PageHead pageHead(PublishedItem item, SiteWords own, Map<String, String> languages) {
    Content content = item.content();
    SearchResult result = SearchResult.of(content, site.name());
    SharedLink shared = SharedLink.of(content);
    String alone = pictures.ofItem(item);
    String picture =
        alone.isEmpty()
            ? site.findSection(content.section())
                .map(section -> pictures.ofAsset(section.picture()))
                .orElse("")
            : alone;
    String untitled = own.get("untitled") + " · " + site.name();
    String title = result.title().words().isEmpty() ? untitled : result.title().words();
    String sharedTitle = shared.title().words().isEmpty() ? title : shared.title().words();
    return new PageHead(
        title,
        result.description().words(),
        item.path(),
        "article",
        new PageHead.Shared(sharedTitle, shared.text().words(), picture),
        new PageHead.OfItem(
            result.canonical(),
            result.hidden(),
            languages,
            LinkedData.of(site, item, result.description().words(), picture),
            DublinCore.of(site, item, result.description().words())),
        null);
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
      BodyRenderer.writeFile(out, library.findAsset(a.asset()), a.words(), own);
      out.close("li");
    }
    out.close("ul");
    out.close("section");
  }
}
