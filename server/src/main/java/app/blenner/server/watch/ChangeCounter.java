package app.blenner.server.watch;

import app.blenner.server.change.OnChange;
import app.blenner.server.site.EditorChanged;
import app.blenner.server.site.SiteChanged;
import java.time.Clock;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;

/** Counts the changes of the site and of what the editor offers, so that open benches notice them. */
@Component
class ChangeCounter {
  private final AtomicLong count;

  /** Begins elsewhere after each start: what is open then asks again. */
  ChangeCounter(Clock clock) {
    count = new AtomicLong(clock.millis());
  }

  long count() {
    return count.get();
  }

  @OnChange
  void note(SiteChanged changed) {
    count.incrementAndGet();
  }

  @OnChange
  void note(EditorChanged changed) {
    count.incrementAndGet();
  }
}
