package app.blenner.server.item.published;

import app.blenner.core.merge.Filling;
import app.blenner.core.merge.MergeFields;
import app.blenner.core.related.Relation;
import app.blenner.core.related.TopicProfile;
import app.blenner.core.site.Fillings;
import app.blenner.core.site.Library;
import app.blenner.core.site.PublishedItem;
import app.blenner.core.site.Site;
import app.blenner.server.account.AccountService;
import app.blenner.server.find.ItemFinder;
import app.blenner.server.item.words.WordsInUse;
import app.blenner.server.problem.Problem;
import app.blenner.server.site.SiteService;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is offered to whoever fills in a card. */
@RestController
@RequestMapping("/editor/api")
@Transactional(readOnly = true)
class OfferController {
  /** So many of each topic, of the section and of all are looked at; older ones are seldom what readers want. */
  private static final int LOOKED_AT = 60;

  /** So many of its own words it is looked for by. */
  private static final int TERMS = 12;

  private static final int OFFERED = 8;

  /** A word in use, with how many items have it. */
  record OfferedWord(String word, long items) {}

  /**
   * An item that may be related to another.
   *
   * @param reason why, in words
   */
  record OfferedItem(String key, String title, String kindLabel, String reason) {}

  /**
   * A placeholder that can stand in an item's text.
   *
   * @param value what it is filled with now; empty where there is nothing yet
   */
  record OfferedField(String name, String label, String group, String value) {}

  private record Weighed(PublishedItem item, Relation relation) {}

  private final WordsInUse words;
  private final PublishedItems published;
  private final ItemFinder finder;
  private final SiteService sites;
  private final Library library;
  private final Clock clock;

  OfferController(
      WordsInUse words,
      PublishedItems published,
      ItemFinder finder,
      SiteService sites,
      Library library,
      Clock clock) {
    this.finder = finder;
    this.library = library;
    this.clock = clock;
    this.words = words;
    this.published = published;
    this.sites = sites;
  }

  @GetMapping("/words-in-use/{field}")
  List<OfferedWord> offeredWords(
      @PathVariable WordsInUse.Field field, @RequestParam(defaultValue = "") String begins) {
    return words.offered(field, begins, AccountService.current()).stream()
        .map(w -> new OfferedWord(w.word(), w.items()))
        .toList();
  }

  /** Live items that have something in common with an item, the nearest first. */
  @GetMapping("/items/{key}/related")
  List<OfferedItem> offeredItems(@PathVariable String key) {
    String language = sites.site().language();
    PublishedItem item =
        published.proof(key).orElseThrow(() -> Problem.notThere("There is no such item."));
    TopicProfile subject = TopicProfile.of(key, item.content(), language);
    return candidatesFor(item, subject).stream()
        .map(
            other ->
                new Weighed(
                    other,
                    Relation.betweenProfiles(
                        subject, TopicProfile.of(other.key(), other.content(), language))))
        .filter(w -> w.relation.weight() > 0)
        .sorted(Comparator.comparingInt((Weighed w) -> -w.relation.weight()))
        .limit(OFFERED)
        .map(
            w ->
                new OfferedItem(
                    w.item.key(),
                    w.item.content().title(),
                    w.item.kind().label(),
                    w.relation.reason()))
        .toList();
  }

  /** The placeholders for an item, with what they are filled with now. */
  @GetMapping("/items/{key}/merge-fields")
  List<OfferedField> offeredFields(@PathVariable String key) {
    PublishedItem item =
        published.proof(key).orElseThrow(() -> Problem.notThere("There is no such item."));
    Site site = sites.site();
    Filling from = Fillings.of(site, item, library, clock.getZone());
    return site.fields().of(item.kind()).stream()
        .map(f -> new OfferedField(f.name(), f.label(), f.group(), value(site, f.name(), from)))
        .toList();
  }

  /** A reader who is signed in, which whoever asks is, reads their own name. */
  private static String value(Site site, String name, Filling from) {
    return name.equals(MergeFields.READER)
        ? AccountService.current().name()
        : site.fields().findValue(name, from).orElse("");
  }

  private List<PublishedItem> candidatesFor(PublishedItem item, TopicProfile subject) {
    Map<String, PublishedItem> out = new LinkedHashMap<>();
    subject.links().forEach(k -> published.findLive(k).ifPresent(i -> out.put(k, i)));
    String section = item.content().section();
    for (String topic : item.content().topics()) {
      latest(out, section, topic, item.key());
    }
    if (!section.isEmpty()) {
      latest(out, section, "", item.key());
    }
    latest(out, "", "", item.key());
    // What speaks of the same stands anywhere, and need not be new.
    List<String> telling = new ArrayList<>(subject.keywords());
    subject.terms().values().stream().limit(TERMS).forEach(telling::add);
    finder
        .speakingOf(telling, LOOKED_AT)
        .forEach(k -> published.findLive(k).ifPresent(i -> out.putIfAbsent(k, i)));
    out.remove(item.key());
    return List.copyOf(out.values());
  }

  private void latest(Map<String, PublishedItem> out, String section, String topic, String except) {
    for (boolean news : new boolean[] {true, false}) {
      published
          .latestWhole(new PublishedItems.Wanted(section, topic, news, except), LOOKED_AT)
          .forEach(i -> out.putIfAbsent(i.key(), i));
    }
  }
}
