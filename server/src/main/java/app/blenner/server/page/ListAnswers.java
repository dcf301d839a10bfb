package app.blenner.server.page;

import app.blenner.core.site.ListPages;
import app.blenner.core.site.ListPlace;
import app.blenner.core.site.PageRenderer;
import app.blenner.core.site.Paging;
import app.blenner.core.site.PublishedItem;
import app.blenner.core.site.Section;
import app.blenner.core.site.SectionList;
import app.blenner.core.site.Site;
import app.blenner.core.site.SitePaths;
import app.blenner.core.site.Topic;
import app.blenner.server.item.published.PublishedItems;
import app.blenner.server.page.PublicPages.Answer;
import app.blenner.server.site.SiteChanged;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Answers for the pages that list items. */
final class ListAnswers {
  private static final int ON_FRONT_PAGE = 12;
  private static final int ON_PAGE = 20;

  /** So many of each topic stand on the page of a section that is listed by topic. */
  private static final int OF_TOPIC = 4;

  /** A section has few fixed pages, and they stand together. */
  private static final int FIXED_PAGES = 100;

  private final Site site;
  private final PublishedItems items;
  private final PageRenderer pages;
  private final NotingLibrary noting;

  ListAnswers(Site site, PublishedItems items, PageRenderer pages, NotingLibrary noting) {
    this.site = site;
    this.items = items;
    this.pages = pages;
    this.noting = noting;
  }

  Answer notFound() {
    return new Answer(404, pages.notFound(), "", Set.of());
  }

  private Answer moved(String path) {
    return new Answer(301, "", path, Set.of());
  }

  private Answer found(String html) {
    return new Answer(200, html, "", noting.notedKeys());
  }

  Answer front(int number) {
    News news = news(ListPlace.EVERYTHING, number, ON_FRONT_PAGE, List.of());
    return number > 1 && news.items.isEmpty()
        ? notFound()
        : found(pages.lists().front(news.items, new Paging(number, news.hasOlder)));
  }

  Answer answerSection(String slug, String path, int number) {
    Section section = site.findSection(slug).orElse(null);
    if (section == null) {
      return moved("/");
    }
    if (!site.pathOf(section).equals(path)) {
      return moved(site.pathOf(section));
    }
    SectionList list = section.list();
    String place = ListPlace.ofSection(slug);
    if (list.order() == SectionList.Order.BY_TOPIC && !section.topics().isEmpty()) {
      return number > 1 ? notFound() : byTopic(section);
    }
    List<PublishedItem> first = number == 1 ? picked(list.first()) : List.of();
    News news = news(place, number, list.size(), list.first());
    if (number > 1 && news.items.isEmpty()) {
      return notFound();
    }
    List<PublishedItem> all = new ArrayList<>(first);
    all.addAll(news.items);
    ListPages.Listed listed =
        new ListPages.Listed(number == 1 ? fixed(place, list) : List.of(), all, List.of());
    return found(pages.lists().renderSection(section, listed, new Paging(number, news.hasOlder)));
  }

  private List<PublishedItem> picked(List<String> keys) {
    return keys.stream().flatMap(key -> noting.findItem(key).stream()).toList();
  }

  private List<PublishedItem> fixed(String place, SectionList list) {
    return items.listItems(place, false, List.of(list.composed()), 0, FIXED_PAGES);
  }

  private Answer byTopic(Section section) {
    List<ListPages.Group> groups = new ArrayList<>();
    for (Topic topic : section.topics()) {
      group(section, topic, topic.slug(), OF_TOPIC, groups);
    }
    group(section, null, "", section.list().size(), groups);
    List<PublishedItem> fixed = fixed(ListPlace.ofSection(section.slug()), section.list());
    noting.note(SiteChanged.list(ListPlace.ofSection(section.slug())));
    return found(
        pages
            .lists()
            .renderSection(section, new ListPages.Listed(fixed, List.of(), groups), Paging.ONLY));
  }

  private void group(
      Section section, Topic topic, String slug, int count, List<ListPages.Group> groups) {
    News news = news(ListPlace.ofTopic(section.slug(), slug), 1, count, List.of());
    if (!news.items.isEmpty()) {
      groups.add(new ListPages.Group(topic, news.items, news.hasOlder));
    }
  }

  Answer answerTopic(String slug, String topic, String path, int number) {
    Section section = site.findSection(slug).orElse(null);
    Topic of =
        section == null
            ? null
            : section.topicsNamed(List.of(topic)).stream().findFirst().orElse(null);
    if (of == null) {
      return notFound();
    }
    String now = SitePaths.topicPath(site.pathOf(section), topic);
    if (!now.equals(path)) {
      return moved(now);
    }
    News news = news(ListPlace.ofTopic(slug, topic), number, ON_PAGE, List.of());
    return number > 1 && news.items.isEmpty()
        ? notFound()
        : found(
            pages.lists().renderTopic(section, of, news.items, new Paging(number, news.hasOlder)));
  }

  Answer answerKeyword(String word, String path, int number) {
    News news = news(ListPlace.ofKeyword(word), number, ON_PAGE, List.of());
    if (news.items.isEmpty()) {
      return notFound();
    }
    String now = SitePaths.keywordPath(word);
    if (!now.equals(path)) {
      return moved(now);
    }
    String written =
        news.items.get(0).content().keywords().stream()
            .filter(word::equalsIgnoreCase)
            .findFirst()
            .orElse(word);
    return found(
        pages.lists().renderKeyword(written, news.items, new Paging(number, news.hasOlder)));
  }

  /**
   * Some of what is listed.
   *
   * @param hasOlder whether there is more behind it
   */
  private record News(List<PublishedItem> items, boolean hasOlder) {}

  private News news(String place, int number, int size, List<String> except) {
    noting.note(SiteChanged.list(place));
    // No key is empty; a question needs at least one.
    List<String> without = except.isEmpty() ? List.of("") : except;
    // One more tells whether there is another page, without counting them all.
    List<PublishedItem> some =
        items.listItems(place, true, without, (number - 1L) * size, size + 1);
    boolean hasOlder = some.size() > size;
    return new News(hasOlder ? some.subList(0, size) : some, hasOlder);
  }
}
