package app.blenner.server.proofread;

import app.blenner.core.proofread.ProofreadRemark;
import app.blenner.core.proofread.ProofreadRequest;
import app.blenner.server.change.ChangeBus;
import app.blenner.server.schedule.BackgroundThreads;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ScheduledExecutorService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;

/**
 * Has texts read in the background, and remembers what was said of them. There is a process for each language that is asked
 * for, started when it first is, two at most at a time; without the program that reads, nothing is ever said.
 */
@Service
public class Proofreading implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(Proofreading.class);

  /** Characters of texts and of what is said of them. */
  private static final long ROOM = 8_000_000;

  private static final int OF_A_REMARK = 200;

  /** More than this nobody is about to read. */
  private static final int MOST_WAITING = 20_000;

  /** In seconds. The first text of a language waits for its dictionaries, on a busy machine for minutes. */
  private static final int FIRST = 600;

  private static final int LATER = 60;

  private static final int PROCESSES = 2;
  private static final Duration IDLE = Duration.ofMinutes(10);

  /** After so many processes that ended one after the other, none is started for a while. */
  private static final int MOST_FAILURES = 3;

  private static final long REST_MILLIS = 600_000;

  private final Path folder;
  private final int niceness;
  private final ChangeBus changes;
  private final Cache<ProofreadRequest, List<ProofreadRemark>> read =
      Caffeine.newBuilder()
          .maximumWeight(ROOM)
          .weigher(
              (ProofreadRequest q, List<ProofreadRemark> remarks) ->
                  q.text().length() + OF_A_REMARK * (1 + remarks.size()))
          .build();
  private final MisspelledWords words = new MisspelledWords();
  private final Set<ProofreadRequest> waiting = new LinkedHashSet<>();
  private final Map<String, Set<ProofreadRequest>> items = new HashMap<>();
  private final ScheduledExecutorService watch = BackgroundThreads.timer("proofreading");
  private final Map<String, ReaderProcess> processes = new LinkedHashMap<>(4, 0.75f, true);
  private Thread reader;
  private boolean ending;
  private int failures;
  private long restsUntil;

  Proofreading(
      @Value("${blenner.spelling:}") String folder,
      @Value("${blenner.spelling-niceness:5}") int niceness,
      ChangeBus changes) {
    this.niceness = niceness;
    this.folder = folder.isEmpty() ? null : Path.of(folder);
    this.changes = changes;
  }

  private static Thread daemon(Runnable task) {
    Thread thread = new Thread(task, "proofreading");
    thread.setDaemon(true);
    return thread;
  }

  /** Whether there is a program that reads. */
  public boolean isThere() {
    return folder != null && Files.isDirectory(folder.resolve("lib"));
  }

  /** What was said of some texts, those left out of which nothing was; of what nobody has read yet, what is known of its words. */
  public Map<ProofreadRequest, List<ProofreadRemark>> knownRemarks(
      Collection<ProofreadRequest> questions) {
    if (folder == null) {
      return Map.of();
    }
    Map<ProofreadRequest, List<ProofreadRemark>> out = new HashMap<>();
    Map<ProofreadRequest, List<ProofreadRemark>> there = read.getAllPresent(questions);
    for (ProofreadRequest question : questions) {
      // Whoever writes on sees no mark vanish and come back: a word misspelled a moment ago still
      // is.
      List<ProofreadRemark> remarks =
          there.containsKey(question) ? there.get(question) : words.remarksIn(question);
      if (!remarks.isEmpty()) {
        out.put(question, remarks);
      }
    }
    return out;
  }

  /**
   * Has the texts of an item read, before those of others; says so once all are.
   *
   * @return whether some still have to be
   */
  public synchronized boolean want(String item, Collection<ProofreadRequest> questions) {
    if (!isThere() || ending || System.currentTimeMillis() < restsUntil) {
      return false;
    }
    Set<ProofreadRequest> missing = new LinkedHashSet<>(questions);
    missing.removeAll(read.getAllPresent(questions).keySet());
    if (missing.isEmpty()) {
      return false;
    }
    items.put(item, new HashSet<>(missing));
    List<ProofreadRequest> before = new ArrayList<>(waiting);
    waiting.clear();
    waiting.addAll(missing);
    before.stream().limit(MOST_WAITING).forEach(waiting::add);
    if (reader == null) {
      reader = daemon(this::readOn);
      reader.setPriority(Thread.MIN_PRIORITY);
      reader.start();
    }
    notifyAll();
    return true;
  }

  /** Waits until texts have been read, but no longer than this; what has not been by then is not waited for. */
  public synchronized void await(Collection<ProofreadRequest> questions, Duration longest) {
    long end = System.currentTimeMillis() + longest.toMillis();
    long left = longest.toMillis();
    while (left > 0 && waiting.stream().anyMatch(Set.copyOf(questions)::contains)) {
      try {
        wait(left);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        return;
      }
      left = end - System.currentTimeMillis();
    }
  }

  private void readOn() {
    while (true) {
      ProofreadRequest next = next();
      if (next == null) {
        return;
      }
      List<ProofreadRemark> remarks = readOne(next);
      List<String> done;
      synchronized (this) {
        if (remarks != null) {
          read.put(next, remarks);
          words.learn(next, remarks);
        }
        waiting.remove(next);
        done = doneWith(next);
        notifyAll();
      }
      done.forEach(item -> changes.publish(new ItemProofread(item)));
    }
  }

  private List<String> doneWith(ProofreadRequest question) {
    List<String> done = new ArrayList<>();
    items.values().removeIf(Set::isEmpty);
    items.forEach(
        (item, left) -> {
          if (left.remove(question) && left.isEmpty()) {
            done.add(item);
          }
        });
    return done;
  }

  /** Waits for a text; none where the server ends. Processes that have nothing to read for long are ended. */
  private synchronized ProofreadRequest next() {
    long idleSince = System.currentTimeMillis();
    while (!ending && waiting.isEmpty()) {
      try {
        wait(IDLE.toMillis());
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        return null;
      }
      if (waiting.isEmpty() && System.currentTimeMillis() - idleSince >= IDLE.toMillis()) {
        endAll();
      }
    }
    return ending ? null : waiting.iterator().next();
  }

  /** What is said of a text; null where nobody could read it for reasons that do not lie in it. */
  private List<ProofreadRemark> readOne(ProofreadRequest question) {
    String language = Locale.forLanguageTag(question.language()).getLanguage();
    boolean fresh;
    ReaderProcess process;
    synchronized (this) {
      process = processes.get(language);
      fresh = process == null;
    }
    try {
      if (fresh) {
        process = started(language);
      }
      List<ProofreadRemark> remarks = process.read(question, fresh ? FIRST : LATER);
      failures = 0;
      return remarks;
    } catch (IOException | ArrayIndexOutOfBoundsException e) {
      return failed(language, fresh, e);
    }
  }

  /** One that was read before by a process that ended over this text is not asked for again. */
  private synchronized List<ProofreadRemark> failed(String language, boolean fresh, Exception e) {
    ReaderProcess ended = processes.remove(language);
    if (ended != null) {
      ended.close();
    }
    failures++;
    if (!ending) {
      LOG.warn("a text in {} could not be read: {}", language, e.toString());
    }
    if (failures >= MOST_FAILURES) {
      restsUntil = System.currentTimeMillis() + REST_MILLIS;
      waiting.clear();
      items.clear();
      failures = 0;
    }
    return fresh ? null : List.of();
  }

  private synchronized ReaderProcess started(String language) throws IOException {
    if (ending) {
      throw new IOException("the server ends");
    }
    if (processes.size() >= PROCESSES) {
      String longest = processes.keySet().iterator().next();
      processes.remove(longest).close();
    }
    ReaderProcess made = new ReaderProcess(folder, niceness, watch);
    processes.put(language, made);
    return made;
  }

  private void endAll() {
    processes.values().forEach(ReaderProcess::close);
    processes.clear();
  }

  @Override
  public synchronized void destroy() {
    ending = true;
    endAll();
    notifyAll();
    watch.shutdownNow();
  }
}
