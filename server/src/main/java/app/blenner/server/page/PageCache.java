package app.blenner.server.page;

import app.blenner.server.site.SiteChanged;
import java.nio.charset.StandardCharsets;
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
   */
  record Ready(int status, byte[] body, String tag, String location) {}

  private final Map<String, Ready> pages = new ConcurrentHashMap<>();
  private final AtomicLong generation = new AtomicLong();
  private final PublicPages source;

  PageCache(PublicPages source) {
    this.source = source;
  }

  /** The page at an address. */
  Ready page(String path) {
    Ready kept = pages.get(path);
    if (kept != null) {
      return kept;
    }
    long begun = generation.get();
    PublicPages.Answer answer = source.answer(path);
    byte[] body = answer.html().getBytes(StandardCharsets.UTF_8);
    String tag = "\"" + Integer.toHexString(answer.html().hashCode()) + "-" + body.length + "\"";
    Ready ready = new Ready(answer.status(), body, tag, answer.location());
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
  }
}
