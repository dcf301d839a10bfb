package app.blenner.server.item.transfer;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

public class WorkersTest {

  /** Whoever writes what was worked out gets it in the order it was asked for, however long each took. */
  @Test
  public void whatIsWorkedOutAheadComesInOrder() {
    try (Workers workers = new Workers()) {
      Iterator<Integer> all =
          workers.ahead(
              1_000,
              i -> {
                for (int turns = (i * 7_919) % 50; turns > 0; turns--) {
                  Thread.yield();
                }
                return i * i;
              });
      List<Integer> seen = new ArrayList<>();
      all.forEachRemaining(seen::add);
      assertEquals(seen, IntStream.range(0, 1_000).map(i -> i * i).boxed().toList());
    }
  }

  /** A site has more items than fit into memory. */
  @Test
  public void onlySomeAreWorkedOutBeforeTheyAreTaken() {
    AtomicInteger worked = new AtomicInteger();
    try (Workers workers = new Workers()) {
      Iterator<Integer> all = workers.ahead(10_000, i -> worked.incrementAndGet());
      for (int i = 0; i < 50; i++) {
        all.next();
      }
      assertTrue(worked.get() <= 150, worked.get() + " were worked out, 50 were taken");
    }
  }

  @Test
  public void whatGoesWrongInAThreadGoesWrongWhereItIsTaken() {
    try (Workers workers = new Workers()) {
      Iterator<Integer> all =
          workers.ahead(
              10,
              i -> {
                if (i == 4) {
                  throw new IllegalArgumentException("planted");
                }
                return i;
              });
      for (int i = 0; i < 4; i++) {
        assertEquals(all.next(), Integer.valueOf(i));
      }
      assertThrows(IllegalArgumentException.class, all::next);
    }
  }

  @Test
  public void thereIsNothingOfNothing() {
    try (Workers workers = new Workers()) {
      assertFalse(workers.ahead(0, i -> i).hasNext());
    }
  }
}
