package app.blenner.server.page;

import app.blenner.server.site.SiteChanged;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/** Rendered pages, kept until anything that readers see has changed. */
@Component
class PageCache {

  /**
   * A page ready to be sent.
   *
   * @param status the HTTP status
   * @param body the bytes
   * @param tag its entity tag
   * @param location where the page is now, or empty
   * @param isPersonal whether a signed-in reader finds their name in it
   */
  record Ready(int status, byte[] body, String tag, String location, boolean isPersonal) {}

  private final Map<String, Ready> pages = new ConcurrentHashMap<>();
  private final AtomicLong generation = new AtomicLong();
  private final PublicPages source;
  private final SiteLibrary library;
  private final Clock clock;

  /** When something readers see ends by itself, in milliseconds; what was kept until then is old. */
  private volatile long until;

  PageCache(PublicPages source, SiteLibrary library, Clock clock) {
    this.source = source;
    this.library = library;
    this.clock = clock;
  }

  private void lookAtTheClock() {
    long now = clock.millis();
    if (now >= until) {
      generation.incrementAndGet();
      pages.clear();
      until =
          library
              .nextExpiry(Instant.ofEpochMilli(now))
              .map(Instant::toEpochMilli)
              .map(end -> Math.min(end, midnightAfter(now)))
              .orElse(midnightAfter(now));
    }
  }

  /** Pages can say what day it is. */
  private long midnightAfter(long now) {
    return Instant.ofEpochMilli(now)
        .atZone(clock.getZone())
        .toLocalDate()
        .plusDays(1)
        .atStartOfDay(clock.getZone())
        .toInstant()
        .toEpochMilli();
  }

  /** The page at an address. */
  Ready page(String path) {
    lookAtTheClock();
    Ready kept = pages.get(path);
    if (kept != null) {
      return kept;
    }
    long begun = generation.get();
    PublicPages.Answer answer = source.answer(path);
    byte[] body = answer.html().getBytes(StandardCharsets.UTF_8);
    String tag = "\"" + Integer.toHexString(answer.html().hashCode()) + "-" + body.length + "\"";
    Ready ready =
        new Ready(answer.status(), body, tag, answer.location(), ReaderName.isIn(answer.html()));
    // Unknown addresses are endless, and a page made while the site changed may be old.
    if (answer.status() != 404 && begun == generation.get()) {
      pages.put(path, ready);
    }
    return ready;
  }

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
  void forget(SiteChanged changed) {
    generation.incrementAndGet();
    pages.clear();
    until = 0;
  }
}
