package app.blenner.server.page;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static org.testng.Assert.assertEquals;

import app.blenner.server.site.SiteChanged;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.testng.annotations.Test;

/** What is kept of pages never outlives what they show. */
public class PageCacheTest {
  private static final int ROUNDS = 3_000;

  private final AtomicInteger text = new AtomicInteger();
  private final PublicPages source = mock(PublicPages.class);
  private final SiteLibrary library = mock(SiteLibrary.class);

  private PageCache cache() {
    when(library.nextExpiry(any())).thenReturn(Optional.empty());
    when(source.answer(anyString(), anyInt()))
        .thenAnswer(
            asked -> new PublicPages.Answer(200, "text " + text.get(), "", Set.of("item a")));
    return new PageCache(source, library, Clock.systemDefaultZone());
  }

  private static String read(PageCache cache) {
    return new String(cache.body(cache.pageAt("/a", 1)), StandardCharsets.UTF_8);
  }

  /** Readers ask all the while; whoever asks after a change was told has what it made of the page. */
  @Test
  public void aPageMadeWhileTheSiteChangesIsNotKept() throws Exception {
    PageCache cache = cache();
    ExecutorService readers = Executors.newFixedThreadPool(2);
    try {
      AtomicInteger rounds = new AtomicInteger();
      Future<?> reading =
          readers.submit(
              () -> {
                while (rounds.get() < ROUNDS) {
                  read(cache);
                }
              });
      for (int i = 1; i <= ROUNDS; i++) {
        text.set(i);
        cache.forget(i % 2 == 0 ? new SiteChanged() : new SiteChanged(Set.of("item a")));
        assertEquals(read(cache), "text " + i);
        rounds.set(i);
      }
      reading.get();
    } finally {
      readers.shutdownNow();
    }
  }
}
