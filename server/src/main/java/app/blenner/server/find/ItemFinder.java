package app.blenner.server.find;

import app.blenner.core.item.Stage;
import app.blenner.server.problem.Problem;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.apache.lucene.index.IndexReader;
import org.apache.lucene.search.BooleanClause;
import org.apache.lucene.search.BooleanQuery;
import org.apache.lucene.search.IndexSearcher;
import org.apache.lucene.search.Query;
import org.hibernate.search.backend.lucene.LuceneExtension;
import org.hibernate.search.backend.lucene.search.spi.LuceneMigrationUtils;
import org.hibernate.search.engine.search.predicate.SearchPredicate;
import org.hibernate.search.engine.search.predicate.dsl.BooleanPredicateClausesStep;
import org.hibernate.search.engine.search.predicate.dsl.PredicateFinalStep;
import org.hibernate.search.engine.search.predicate.dsl.SearchPredicateFactory;
import org.hibernate.search.engine.search.query.SearchResult;
import org.hibernate.search.mapper.pojo.standalone.scope.SearchScope;
import org.hibernate.search.mapper.pojo.standalone.session.SearchSession;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Finds items by the index. */
@Component
public class ItemFinder {
  /** Nobody looks for more words than this. */
  public static final int MOST_WORDS = WordQuery.MOST_WORDS;

  private static final String DRAFT = Stage.DRAFT.name();
  static final String BINNED = Stage.BINNED.name();

  /** An answer nobody reads to the end. */
  private static final int DEEPEST = 1_000_000;

  /** What was counted, at an edition of the index: whoever turns pages does not count them all again. */
  private record Counted(ItemFilter filter, boolean forgiving, long edition) {}

  private static final int REMEMBERED = 500;

  private final Cache<Counted, Counts> counted =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  private final ItemIndex index;

  ItemFinder(ItemIndex index) {
    this.index = index;
  }

  /**
   * What was found.
   *
   * @param keys the items of the page that was asked for, in their order
   * @param total how many there are altogether
   * @param isForgiven whether nothing has the words as they were typed, and one wrong letter each was forgiven
   * @param isCut whether there were more words than are looked for
   */
  public record Found(List<String> keys, long total, boolean isForgiven, boolean isCut) {}

  /**
   * How many items there are.
   *
   * @param stages at each stage
   * @param mine that belong to who asks
   * @param waiting that wait for who asks
   */
  public record Counts(Map<String, Long> stages, long mine, long waiting) {
    /** How many there are altogether, without what is in the bin. */
    public long total() {
      return stages.entrySet().stream()
          .filter(e -> !e.getKey().equals(BINNED))
          .mapToLong(Map.Entry::getValue)
          .sum();
    }

    /** How many there are at a stage; empty for all but the bin. */
    long at(String stage) {
      return stage.isEmpty() ? total() : stages.getOrDefault(stage, 0L);
    }
  }

  /**
   * What a filter of working copies finds.
   *
   * @param found a page of it
   * @param own how many items the filter finds at any stage
   * @param any the same, whosever they are
   * @param standing how much of the items was looked through
   */
  public record Listed(Found found, Counts own, Counts any, IndexStanding standing) {}

  /**
   * Finds working copies, and how many there are of what.
   *
   * @throws Problem where the files of the index can neither be read nor made
   */
  public Listed find(ItemFilter filter, int from, int count) {
    WordQuery words = new WordQuery(filter.words());
    IndexStanding standing = index.standing();
    return ask(
        session -> {
          long edition = index.edition();
          Function<Counted, Counts> counts =
              asked -> counted.get(asked, a -> count(session, a.filter, words, a.forgiving));
          ItemFilter own = filter.withStage("").withoutOrder();
          Counts owns = counts.apply(new Counted(own, false, edition));
          boolean forgives = owns.at(filter.stage()) == 0 && !words.isEmpty();
          if (forgives) {
            owns = counts.apply(new Counted(own, true, edition));
          }
          ItemFilter any = own.withWhose(null, false);
          Counts all = own.equals(any) ? owns : counts.apply(new Counted(any, forgives, edition));
          long total = owns.at(filter.stage());
          // They are counted already, so that only the page itself is to be found.
          List<String> keys =
              total == 0 ? List.of() : run(session, filter, words, forgives, from, count);
          return new Listed(
              new Found(keys, total, forgives && total > 0, words.isCut()), owns, all, standing);
        });
  }

  /** What is found by the words as they were typed or, where nothing has them, with one wrong letter each forgiven. */
  private static Found found(WordQuery words, Function<Boolean, SearchResult<String>> search) {
    SearchResult<String> result = search.apply(false);
    boolean forgives = result.total().hitCount() == 0 && !words.isEmpty();
    if (forgives) {
      result = search.apply(true);
    }
    long total = result.total().hitCount();
    return new Found(
        result.hits().stream().map(FoundItem::key).toList(),
        total,
        forgives && total > 0,
        words.isCut());
  }

  /**
   * Finds what readers see of live items by their words.
   *
   * @return nothing while items are still being sorted in
   */
  public Optional<Found> forReaders(String typed, int from, int count) {
    WordQuery words = new WordQuery(typed);
    boolean all = index.standing().state() != IndexStanding.State.SORTING_IN || index.isReadySoon();
    return all
        ? Optional.of(
            ask(
                session ->
                    found(words, forgiving -> readers(session, words, forgiving, from, count))))
        : Optional.empty();
  }

  /** The keys of live items whose texts have any of some words, those first that have most of them. */
  public List<String> speakingOf(Collection<String> words, int count) {
    WordQuery query = new WordQuery(String.join(" ", words));
    return query.isEmpty()
        ? List.of()
        : ask(
            session ->
                session
                    .search(FoundItem.class)
                    .select(f -> f.id(String.class))
                    .where(
                        f ->
                            f.bool()
                                .filter(f.match().field(IndexFields.FOR_READERS).matching(true))
                                .must(query.any(f)))
                    .fetchHits(count)
                    .stream()
                    .map(FoundItem::key)
                    .toList());
  }

  private static SearchResult<String> readers(
      SearchSession session, WordQuery words, boolean forgiving, int from, int count) {
    return session
        .search(FoundItem.class)
        .select(f -> f.id(String.class))
        .where(
            f -> {
              BooleanPredicateClausesStep<?, ?> all = f.bool();
              all.filter(f.match().field(IndexFields.FOR_READERS).matching(true));
              return all.must(
                  words.isEmpty() ? f.matchNone().toPredicate() : words.predicate(f, forgiving));
            })
        .sort(f -> f.score().then().field(IndexFields.AT).desc())
        .fetch(Math.min(from, DEEPEST), count);
  }

  private <T> T ask(Function<SearchSession, T> question) {
    try {
      return index.ask(question);
    } catch (ItemIndex.IndexNotThere gone) {
      try {
        // An empty one has taken its place.
        return index.ask(question);
      } catch (ItemIndex.IndexNotThere again) {
        throw new Problem(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The list of items cannot be read just now. Nothing is lost; try again in a moment.");
      }
    }
  }

  private static List<String> run(
      SearchSession session,
      ItemFilter filter,
      WordQuery words,
      boolean forgiving,
      int from,
      int count) {
    return session
        .search(FoundItem.class)
        .select(f -> f.id(String.class))
        .where(f -> matchesOf(f, filter, words, forgiving))
        .sort(
            f ->
                switch (filter.order()) {
                  case TITLE -> f.field(IndexFields.ORDER).then().field(IndexFields.AT).desc();
                  case OLDEST -> f.field(IndexFields.AT).asc();
                  case CHANGED -> f.field(IndexFields.AT).desc();
                  case BEST ->
                      words.isEmpty()
                          ? f.field(IndexFields.AT).desc()
                          : f.score().then().field(IndexFields.AT).desc();
                })
        .totalHitCountThreshold(1)
        .fetch(Math.min(from, DEEPEST), count)
        .hits()
        .stream()
        .map(FoundItem::key)
        .toList();
  }

  /** Those of which a page is wanted. */
  private static PredicateFinalStep matchesOf(
      SearchPredicateFactory f, ItemFilter filter, WordQuery words, boolean forgiving) {
    BooleanPredicateClausesStep<?, ?> all = f.bool();
    all.filter(f.match().field(IndexFields.FOR_READERS).matching(false));
    if (filter.stage().isEmpty()) {
      all.mustNot(f.match().field(IndexFields.STAGE).matching(BINNED));
    }
    seen(f, all, filter);
    narrow(f, all, filter, words, forgiving);
    return all;
  }

  /**
   * Those that are counted. With them are what is in the bin, the drafts of others, and what readers see: whoever counts can
   * tell them by their groups, which costs less than to ask for each item.
   */
  private static SearchPredicate counted(
      SearchPredicateFactory f, ItemFilter filter, WordQuery words, boolean forgiving) {
    BooleanPredicateClausesStep<?, ?> all = f.bool();
    narrow(f, all, filter, words, forgiving);
    return all.hasClause() ? all.toPredicate() : f.matchAll().toPredicate();
  }

  private static void narrow(
      SearchPredicateFactory f,
      BooleanPredicateClausesStep<?, ?> all,
      ItemFilter filter,
      WordQuery words,
      boolean forgiving) {
    only(f, all, IndexFields.STAGE, filter.stage());
    any(f, all, IndexFields.SECTION, filter.sections());
    if (filter.among() != null) {
      all.filter(filter.among().isEmpty() ? f.matchNone() : f.id().matchingAny(filter.among()));
    }
    only(f, all, IndexFields.TOPIC, filter.topic());
    only(f, all, IndexFields.KIND, filter.kind());
    only(f, all, IndexFields.AUTHOR, filter.author());
    only(f, all, IndexFields.LANGUAGE, filter.language());
    only(f, all, IndexFields.KEYWORD, filter.keyword());
    only(f, all, IndexFields.RULE, filter.rule());
    if (filter.owner() != null) {
      all.filter(f.match().field(IndexFields.OWNER).matching(filter.owner()));
    }
    if (filter.mustFix() != null) {
      all.filter(f.match().field(IndexFields.MUST_FIX).matching(filter.mustFix()));
    }
    if (filter.from() != null) {
      all.filter(f.range().field(IndexFields.AT).atLeast(filter.from()));
    }
    if (filter.until() != null) {
      all.filter(f.range().field(IndexFields.AT).lessThan(filter.until()));
    }
    if (filter.waiting()) {
      all.filter(waits(f, filter.who()));
    }
    if (words.isEmpty() && !filter.words().isBlank()) {
      // Signs alone are no word, and nothing has them.
      all.must(f.matchNone());
    }
    if (!words.isEmpty()) {
      all.must(words.predicate(f, forgiving));
    }
  }

  private static void any(
      SearchPredicateFactory f,
      BooleanPredicateClausesStep<?, ?> all,
      String name,
      Collection<String> values) {
    if (!values.isEmpty()) {
      all.filter(f.terms().field(name).matchingAny(values));
    }
  }

  private static void only(
      SearchPredicateFactory f, BooleanPredicateClausesStep<?, ?> all, String name, String value) {
    if (value != null && !value.isEmpty()) {
      all.filter(f.match().field(name).matching(value));
    }
  }

  /** A draft is its owner's alone until it is sent for review. */
  private static void seen(
      SearchPredicateFactory f, BooleanPredicateClausesStep<?, ?> all, ItemFilter filter) {
    if (!filter.who().readsDrafts()) {
      all.filter(
          f.bool()
              .should(f.not(f.match().field(IndexFields.STAGE).matching(DRAFT)))
              .should(f.match().field(IndexFields.OWNER).matching(filter.who().id())));
    }
  }

  private static PredicateFinalStep waits(SearchPredicateFactory f, ItemFilter.Viewer who) {
    BooleanPredicateClausesStep<?, ?> any = f.bool();
    if (who.decides()) {
      any.should(f.match().field(IndexFields.FOR_EDITORS).matching(true));
    }
    return any.should(
        f.bool()
            .filter(f.match().field(IndexFields.OWNER).matching(who.id()))
            .filter(f.match().field(IndexFields.FOR_OWNER).matching(true)));
  }

  /** How many items there are of a filter, by stage; those in the bin too. */
  private static Counts count(
      SearchSession session, ItemFilter filter, WordQuery words, boolean forgiving) {
    SearchScope<FoundItem> items = session.scope(FoundItem.class);
    SearchPredicate asked = counted(items.predicate(), filter, words, forgiving);
    try (IndexReader reader = items.extension(LuceneExtension.get()).openIndexReader()) {
      Query query =
          new BooleanQuery.Builder()
              .add(LuceneMigrationUtils.toLuceneQuery(asked), BooleanClause.Occur.FILTER)
              .build();
      return counts(new IndexSearcher(reader).search(query, GroupCounter.manager()), filter.who());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Counts counts(Map<WorklistGroup, Long> groups, ItemFilter.Viewer who) {
    Map<String, Long> stages = new HashMap<>();
    long mine = 0;
    long waiting = 0;
    for (Map.Entry<WorklistGroup, Long> one : groups.entrySet()) {
      WorklistGroup group = one.getKey();
      long count = one.getValue();
      boolean own = group.owner() == who.id();
      if (group.stage().equals(DRAFT) && !own && !who.readsDrafts()) {
        continue;
      }
      stages.merge(group.stage(), count, Long::sum);
      mine += own && !group.stage().equals(BINNED) ? count : 0;
      waiting +=
          switch (group.waits()) {
            case FOR_EDITORS -> who.decides() ? count : 0;
            case FOR_ITS_OWNER -> own ? count : 0;
            case FOR_NOBODY -> 0;
          };
    }
    return new Counts(Map.copyOf(stages), mine, waiting);
  }
}
