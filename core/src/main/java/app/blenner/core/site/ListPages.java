package app.blenner.core.site;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.language.SiteWords;
import app.blenner.core.picture.Ratio;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** The pages that list items: the front page, sections, topics, keywords. */
public final class ListPages {
  private final Site site;
  private final Library library;
  private final SharedPictures pictures;
  private final ZoneId zone;
  private final PageFrame frame;
  private final SiteWords words;
  private final Teasers teasers;
  private final SectionTree tree;

  ListPages(Site site, Library library, ZoneId zone, PageFrame frame) {
    this.site = site;
    this.library = library;
    this.pictures = new SharedPictures(library);
    this.zone = zone;
    this.frame = frame;
    this.words = frame.words();
    this.teasers = new Teasers(site, library, zone, frame);
    this.tree = site.tree();
  }

  /**
   * The front page.
   *
   * @param items live items that are listed there, the newest first
   */
  public String front(List<PublishedItem> items, Paging paging) {
    HtmlOut out = new HtmlOut();
    out.open("h1").attribute("class", "unseen").endOpen().text(site.name()).close("h1");
    Optional<PublishedItem> composed = composed(site.front().composed(), paging);
    composed.ifPresent(item -> composed(out, item));
    boolean listed = site.front().listed() || composed.isEmpty();
    if (listed) {
      frontList(out, items, paging, composed.isPresent());
    }
    String title = titleOf(site.name(), paging);
    String path = Paging.addressOf("/", paging.number());
    return frame.renderPage(
        new PageHead(title, site.tagline(), path, "website")
            .withPicture(pictureOf("", composed, items))
            .withData(LinkedData.ofSite(site)),
        "",
        out.toString());
  }

  private void frontList(HtmlOut out, List<PublishedItem> items, Paging paging, boolean belowText) {
    if (items.isEmpty()) {
      empty(out, belowText ? "" : "empty.front");
    } else if (paging.number() == 1 && !belowText) {
      out.open("div").attribute("class", "lead").endOpen();
      teasers.teaser(out, items.get(0), true, Optional.empty());
      out.close("div");
      teasers.writeList(out, items.subList(1, items.size()), false);
    } else {
      teasers.writeList(out, items, false);
    }
    paging.write(out, "/", words);
  }

  private void empty(HtmlOut out, String sentence) {
    if (!sentence.isEmpty()) {
      out.open("p").attribute("class", "empty").endOpen();
      out.text(words.get(sentence)).close("p");
    }
  }

  /** What was composed for a page; it is on the first of several only. */
  private Optional<PublishedItem> composed(String key, Paging paging) {
    return key.isEmpty() || paging.number() > 1 ? Optional.empty() : library.findItem(key);
  }

  private void composed(HtmlOut out, PublishedItem item) {
    SiteWords own = SiteWords.of(item.content().languageOn(site.language()));
    out.open("div").attribute("class", "article composed");
    out.attributeIf("lang", own.language().equals(site.language()) ? "" : own.language());
    out.attributeIf("dir", PageFrame.directionOf(own, words)).endOpen().line();
    out.markup(
        BodyRenderer.render(
            item.key(), site.asRead(item.content().body(), item, library, zone), library, own));
    out.line();
    out.close("div");
  }

  /**
   * Some items of a topic.
   *
   * @param topic the topic; null for the items without one
   * @param hasMore whether there are more of it
   */
  public record Group(Topic topic, List<PublishedItem> items, boolean hasMore) {
    public Group {
      items = List.copyOf(items);
    }
  }

  /**
   * What a page of a section lists.
   *
   * @param fixed its fixed pages
   * @param news its live items that stand on this page, in their order
   * @param groups the same by topic, where that is how it is listed
   */
  public record Listed(List<PublishedItem> fixed, List<PublishedItem> news, List<Group> groups) {
    public Listed {
      fixed = List.copyOf(fixed);
      news = List.copyOf(news);
      groups = List.copyOf(groups);
    }

    /** All of them, in the order in which they are shown. */
    List<PublishedItem> all() {
      return Stream.of(
              fixed.stream(), groups.stream().flatMap(g -> g.items().stream()), news.stream())
          .flatMap(Function.identity())
          .toList();
    }

    /** Some items in one list: the news of them, and the fixed pages. */
    public static Listed of(List<PublishedItem> items) {
      return new Listed(
          items.stream().filter(i -> !i.kind().isNews()).toList(),
          items.stream().filter(i -> i.kind().isNews()).toList(),
          List.of());
    }

    boolean isEmpty() {
      return fixed.isEmpty() && news.isEmpty() && groups.isEmpty();
    }
  }

  /** A section's page. */
  public String renderSection(Section section, Listed listed, Paging paging) {
    HtmlOut out = new HtmlOut();
    String path = tree.pathOf(section.slug());
    frame.way(out, tree.way(section.parent()), section.name(), words);
    sectionHead(out, section);
    parts(out, section);
    Optional<PublishedItem> composed = composed(section.list().composed(), paging);
    composed.ifPresent(item -> composed(out, item));
    if (section.list().listed() || composed.isEmpty()) {
      if (listed.isEmpty() && composed.isEmpty()) {
        empty(out, "empty.section");
      }
      fixed(out, listed.fixed());
      for (Group group : listed.groups()) {
        group(out, group, path);
      }
      teasers.writeList(out, listed.news(), true);
      paging.write(out, path, words);
    }
    PageHead head =
        head(titleOf(section.name(), paging), section.description(), path, paging)
            .withPicture(pictureOf(section.picture(), composed, listed.all()))
            .withFeeds(section)
            .withData(LinkedData.ofSection(site, section));
    return frame.renderPage(head, section.slug(), out.toString());
  }

  /** The picture a list is shared with: its own, that of the text it begins with, or that of the first item with one. */
  private String pictureOf(
      String own, Optional<PublishedItem> composed, List<PublishedItem> items) {
    return Stream.<Supplier<String>>of(
            () -> pictures.ofAsset(own),
            () -> composed.map(pictures::ofItem).orElse(""),
            () -> pictures.ofFirst(items))
        .map(Supplier::get)
        .filter(p -> !p.isEmpty())
        .findFirst()
        .orElse("");
  }

  private void sectionHead(HtmlOut out, Section section) {
    Optional<SiteAsset> picture = library.findAsset(section.picture()).filter(a -> !a.gone());
    out.open("header");
    out.attribute("class", picture.isPresent() ? "section-head with-picture" : "section-head");
    out.endOpen().open("div").endOpen();
    out.tag("h1").text(section.name()).close("h1");
    if (!section.description().isEmpty()) {
      out.tag("p").text(section.description()).close("p");
    }
    out.close("div");
    picture.ifPresent(
        a -> new PictureTag(a, a.alternative(), Sizes.TEASER, Ratio.WIDE, true, words).write(out));
    out.close("header");
  }

  /** Links to the sections it is made of. */
  private void parts(HtmlOut out, Section section) {
    links(
        out,
        "parts",
        words.get("parts"),
        tree.partsOf(section.slug()).stream()
            .map(s -> new Link(tree.pathOf(s.slug()), s.name()))
            .toList());
  }

  private void fixed(HtmlOut out, List<PublishedItem> items) {
    links(
        out,
        "fixed-pages",
        words.get("pages"),
        items.stream().map(i -> new Link(i.path(), i.content().title())).toList());
  }

  private record Link(String path, String words) {}

  private static void links(HtmlOut out, String name, String label, List<Link> links) {
    if (links.isEmpty()) {
      return;
    }
    out.open("nav").attribute("class", name).attribute("aria-label", label).endOpen();
    out.tag("ul");
    links.forEach(l -> PageFrame.writeLink(out, "li", l.path, l.words));
    out.close("ul");
    out.close("nav");
  }

  private void group(HtmlOut out, Group group, String path) {
    out.open("section").attribute("class", "of-topic").endOpen();
    out.tag("h2");
    String name = group.topic() == null ? words.get("other.topics") : group.topic().name();
    out.text(name).close("h2");
    teasers.below(out, group.items());
    if (group.hasMore() && group.topic() != null) {
      PageFrame.writeLink(
          out, "p", SitePaths.topicPath(path, group.topic().slug()), words.get("all.of", name));
    }
    out.close("section");
  }

  /** The page of a topic of a section. */
  public String renderTopic(
      Section section, Topic topic, List<PublishedItem> items, Paging paging) {
    HtmlOut out = new HtmlOut();
    frame.way(out, tree.way(section.slug()), topic.name(), words);
    String path = SitePaths.topicPath(tree.pathOf(section.slug()), topic.slug());
    plainHead(out, topic.name());
    list(out, items, paging, path);
    return frame.renderPage(
        head(titleOf(topic.name() + " · " + section.name(), paging), "", path, paging)
            .withPicture(pictureOf(section.picture(), Optional.empty(), items)),
        section.slug(),
        out.toString());
  }

  /** The page of a keyword, as somebody wrote it. */
  public String renderKeyword(String keyword, List<PublishedItem> items, Paging paging) {
    HtmlOut out = new HtmlOut();
    String title = words.get("keyword", keyword);
    frame.way(out, List.of(), title, words);
    String path = SitePaths.keywordPath(keyword);
    plainHead(out, title);
    list(out, items, paging, path);
    return frame.renderPage(
        head(titleOf(title, paging), "", path, paging).withPicture(pictures.ofFirst(items)),
        "",
        out.toString());
  }

  private static void plainHead(HtmlOut out, String title) {
    out.open("header").attribute("class", "section-head").endOpen();
    out.tag("h1").text(title).close("h1");
    out.close("header");
  }

  private void list(HtmlOut out, List<PublishedItem> items, Paging paging, String path) {
    if (items.isEmpty()) {
      empty(out, "empty.list");
    }
    teasers.writeList(out, items, false);
    paging.write(out, path, words);
  }

  private PageHead head(String title, String description, String path, Paging paging) {
    String address = Paging.addressOf(path, paging.number());
    return new PageHead(title + " · " + site.name(), description, address, "website");
  }

  /** No two pages of a list have one title. */
  private String titleOf(String name, Paging paging) {
    return paging.number() == 1
        ? name
        : name + ", " + words.get("page.number", String.valueOf(paging.number()));
  }
}
