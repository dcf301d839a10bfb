package app.blenner.server.page;

import app.blenner.server.change.OnChange;
import app.blenner.server.site.SiteChanged;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.Collections;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;

/**
 * Rendered pages, kept until something has changed that they show; as many as there is room for, those longest that are
 * read most.
 */
@Component
class PageCache {

  /**
   * A page ready to be sent.
   *
   * @param status the HTTP status
   * @param packed the bytes, compressed by gzip (RFC 1952)
   * @param tag its entity tag
   * @param packedTag that of its compressed form, since each form has its own (RFC 9110, 8.8.3)
   * @param location where the page is now, or empty
   * @param isPersonal whether a signed-in reader finds their name in it
   * @param shows the names of what it shows, as changes call it
   */
  record Ready(
      int status,
      byte[] packed,
      String tag,
      String packedTag,
      String location,
      boolean isPersonal,
      Set<String> shows) {}

  /** An address, and which of its pages; 1 where it has no others. */
  private record Address(String path, int page) {}

  /** The bytes of pages that are kept. */
  private static final long ROOM = 64L * 1024 * 1024;

  private static final long PLAIN_ROOM = 16L * 1024 * 1024;

  /** What a page takes besides its bytes: its address and the names of what it shows. */
  private static final int BESIDES = 1024;

  private final Cache<Address, Ready> pages =
      Caffeine.newBuilder()
          .maximumWeight(ROOM)
          .weigher((Address at, Ready page) -> page.packed.length + BESIDES)
          .build();

  /** The bytes of some as they are, for the few who take nothing compressed. */
  private final Cache<Ready, byte[]> plain =
      Caffeine.newBuilder()
          .weakKeys()
          .maximumWeight(PLAIN_ROOM)
          .weigher((Ready page, byte[] body) -> body.length)
          .build();

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
      if (until > 0) {
        generation.incrementAndGet();
        pages.invalidateAll();
      }
      long begun = generation.get();
      long end =
          library
              .nextExpiry(Instant.ofEpochMilli(now))
              .map(Instant::toEpochMilli)
              .map(expiry -> Math.min(expiry, midnightAfter(now)))
              .orElse(midnightAfter(now));
      synchronized (generation) {
        if (begun == generation.get()) {
          until = end; // else it was worked out from what has changed since
        }
      }
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

  /**
   * The page at an address.
   *
   * @param number which of several, from 1
   */
  Ready pageAt(String path, int number) {
    lookAtTheClock();
    Address at = new Address(path, number);
    Ready kept = pages.getIfPresent(at);
    if (kept != null) {
      return kept;
    }
    long begun = generation.get();
    PublicPages.Answer answer = source.answer(path, number);
    byte[] body = answer.html().getBytes(StandardCharsets.UTF_8);
    String tag = Integer.toHexString(answer.html().hashCode()) + "-" + body.length;
    Ready ready =
        new Ready(
            answer.status(),
            Gzip.pack(body),
            "\"" + tag + "\"",
            "\"" + tag + "-gzip\"",
            answer.location(),
            ReaderName.isIn(answer.html()),
            answer.shows());
    // Unknown addresses are endless.
    if (answer.status() != 404) {
      keep(at, ready, begun);
    }
    return ready;
  }

  /**
   * Keeps a page, unless the site has changed since somebody began to make it. One lock with {@link #forget}: between the look
   * and the keeping nothing may change, since nobody would throw the old page away again.
   */
  private void keep(Address at, Ready page, long begun) {
    synchronized (generation) {
      if (begun == generation.get()) {
        pages.put(at, page);
      }
    }
  }

  /** The bytes of a page as they are. */
  byte[] body(Ready page) {
    return plain.get(page, p -> Gzip.unpack(p.packed));
  }

  @OnChange
  void forget(SiteChanged changed) {
    synchronized (generation) {
      generation.incrementAndGet();
      if (changed.touched().isEmpty()) {
        pages.invalidateAll();
      } else {
        pages
            .asMap()
            .values()
            .removeIf(page -> !Collections.disjoint(page.shows, changed.touched()));
      }
      until = 0;
    }
  }
}
