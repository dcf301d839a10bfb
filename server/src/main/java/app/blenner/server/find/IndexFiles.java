package app.blenner.server.find;

import app.blenner.server.disk.DataFolderPermissions;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.function.Function;
import org.apache.lucene.index.IndexReader;
import org.hibernate.search.backend.lucene.LuceneExtension;
import org.hibernate.search.engine.backend.work.execution.DocumentCommitStrategy;
import org.hibernate.search.engine.backend.work.execution.DocumentRefreshStrategy;
import org.hibernate.search.engine.search.query.SearchScroll;
import org.hibernate.search.engine.search.query.SearchScrollResult;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.AnnotatedTypeSource;
import org.hibernate.search.mapper.pojo.standalone.mapping.CloseableSearchMapping;
import org.hibernate.search.mapper.pojo.standalone.mapping.SearchMapping;
import org.hibernate.search.mapper.pojo.standalone.session.SearchSession;
import org.hibernate.search.mapper.pojo.standalone.work.SearchIndexingPlan;
import org.hibernate.search.mapper.pojo.work.IndexingPlanSynchronizationStrategy;
import org.hibernate.search.mapper.pojo.work.IndexingPlanSynchronizationStrategyConfigurationContext;

/** The files of an index, opened. */
final class IndexFiles implements AutoCloseable {
  /** An index goes on being read as it was written. */
  private static final String LUCENE = "9.12.3";

  /** So many queues of so many documents wait in memory at most, which may be of a thousand words each. */
  private static final String QUEUES = "4";

  private static final String QUEUED = "50";

  private final Path folder;
  private final CloseableSearchMapping mapping;

  /** What waits in a queue, or is being written. */
  private final Set<CompletableFuture<?>> underWay = ConcurrentHashMap.newKeySet();

  /** What is being filled is written to the disk seldom, and at the end: nobody asks it before. */
  private static final String SELDOM = "3600000";

  private static final int SCROLLED = 1_000;

  private static final String OFTEN = "1000";

  private static final String BUFFER_IN_MB = "40";

  /** Opens an index that is asked, or begins an empty one. */
  static IndexFiles open(Path folder, Consumer<Throwable> failed) throws IOException {
    return new IndexFiles(folder, Map.of(), failed);
  }

  /** Begins an empty index that is asked while items are sorted in. */
  static IndexFiles beginAsked(Path folder, Consumer<Throwable> failed) throws IOException {
    return new IndexFiles(
        folder,
        Map.of(
            "hibernate.search.backend.io.refresh_interval", OFTEN,
            "hibernate.search.backend.io.writer.ram_buffer_size", BUFFER_IN_MB),
        failed);
  }

  /** Begins an empty index that very many items are added to before anybody asks it. */
  static IndexFiles begin(Path folder, Consumer<Throwable> failed) throws IOException {
    return new IndexFiles(
        folder,
        Map.of(
            "hibernate.search.backend.io.commit_interval", SELDOM,
            "hibernate.search.backend.io.refresh_interval", SELDOM,
            "hibernate.search.backend.io.writer.ram_buffer_size", BUFFER_IN_MB),
        failed);
  }

  /**
   * @param failed is told of what went wrong where nobody waits for an answer
   */
  private IndexFiles(Path folder, Map<String, String> settings, Consumer<Throwable> failed)
      throws IOException {
    this.folder = folder;
    Files.createDirectories(folder);
    DataFolderPermissions.close(folder);
    mapping =
        SearchMapping.builder(AnnotatedTypeSource.fromClasses(FoundItem.class))
            .properties(settings)
            .property("hibernate.search.backend.type", "lucene")
            .property("hibernate.search.backend.lucene_version", LUCENE)
            .property("hibernate.search.backend.directory.root", folder.toString())
            .property("hibernate.search.backend.indexing.queue_count", QUEUES)
            .property("hibernate.search.backend.indexing.queue_size", QUEUED)
            .property("hibernate.search.backend.analysis.configurer", new ItemAnalysis())
            .property("hibernate.search.schema_management.strategy", "create-or-update")
            // The one type is named above; to look for others would read whole jars at each start.
            .property("hibernate.search.mapping.build_missing_discovered_jandex_indexes", "false")
            .property(
                "hibernate.search.mapping.discover_annotated_types_from_root_mapping_annotations",
                "false")
            .property(
                "hibernate.search.background_failure_handler", new IndexFailureHandler(failed))
            .build();
  }

  Path folder() {
    return folder;
  }

  <T> T ask(Function<SearchSession, T> question) {
    try (SearchSession session = mapping.createSession()) {
      return question.apply(session);
    }
  }

  /** Nobody waits for what is written, until {@link #settle}. */
  private void later(IndexingPlanSynchronizationStrategyConfigurationContext writing) {
    writing.documentCommitStrategy(DocumentCommitStrategy.NONE);
    writing.documentRefreshStrategy(DocumentRefreshStrategy.NONE);
    writing.indexingFutureHandler(
        written -> {
          underWay.add(written);
          // Failures are told to whoever hears of all that nobody waits for.
          written.whenComplete((report, failure) -> underWay.remove(written));
        });
  }

  /** Has all that was told so far written to the disk, and found. */
  void settle() {
    // What waits in a queue would be missed: the queues are overtaken by what follows.
    for (CompletableFuture<?> written : List.copyOf(underWay)) {
      written.exceptionally(failure -> null).join();
    }
    try (SearchSession session = mapping.createSession()) {
      session.workspace(FoundItem.class).flush();
      session.workspace(FoundItem.class).refresh();
    }
  }

  /** Adds items of which none is there; does not wait until they are. */
  void add(Collection<FoundItem> found) {
    try (SearchSession session = mapping.createSession()) {
      session.indexingPlanSynchronizationStrategy(this::later);
      SearchIndexingPlan plan = session.indexingPlan();
      found.forEach(plan::add);
    }
  }

  /** Adds items, or puts them in the place of what is there of them; does not wait until that is done. */
  void putAll(Collection<FoundItem> found) {
    try (SearchSession session = mapping.createSession()) {
      session.indexingPlanSynchronizationStrategy(this::later);
      SearchIndexingPlan plan = session.indexingPlan();
      found.forEach(plan::addOrUpdate);
    }
  }

  /** The stamps of all items that are in it, by their keys. */
  Map<String, Long> stamps() {
    Map<String, Long> stamps = new HashMap<>();
    try (SearchSession session = mapping.createSession();
        SearchScroll<List<?>> scroll =
            session
                .search(FoundItem.class)
                .select(
                    f -> f.composite(f.id(String.class), f.field(IndexFields.STAMP, Long.class)))
                .where(f -> f.match().field(IndexFields.FOR_READERS).matching(false))
                .scroll(SCROLLED)) {
      for (SearchScrollResult<List<?>> some = scroll.next(); some.hasHits(); some = scroll.next()) {
        for (List<?> one : some.hits()) {
          stamps.put((String) one.get(0), (Long) one.get(1));
        }
      }
    }
    return stamps;
  }

  /** Puts items in the place of those with these keys, and waits until they are found so. */
  void replace(Collection<String> keys, List<FoundItem> found) {
    Set<String> there = new HashSet<>();
    try (SearchSession session = mapping.createSession()) {
      session.indexingPlanSynchronizationStrategy(IndexingPlanSynchronizationStrategy.readSync());
      SearchIndexingPlan plan = session.indexingPlan();
      for (FoundItem item : found) {
        plan.addOrUpdate(item);
        there.add(item.getId());
      }
      for (String key : keys) {
        for (boolean forReaders : new boolean[] {false, true}) {
          String id = FoundItem.idOf(key, forReaders);
          if (!there.contains(id)) {
            plan.purge(FoundItem.class, id, null);
          }
        }
      }
    }
  }

  /** Has what was told last made ready to be found, so that whoever asks next need not wait for that. */
  void warm() {
    try (SearchSession session = mapping.createSession();
        IndexReader reader =
            session.scope(FoundItem.class).extension(LuceneExtension.get()).openIndexReader()) {
      reader.numDocs();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public void close() {
    mapping.close();
  }
}
