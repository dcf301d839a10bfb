package app.blenner.server.file;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.testng.annotations.Test;

public class PixelBudgetTest {

  private static PixelBudget.Work<Integer> fails() {
    return () -> {
      throw new IOException("planted");
    };
  }

  /** What fails gives its room back: sixty failures would fill it otherwise. */
  @Test
  public void whatFailsGivesItsRoomBack() throws Exception {
    PixelBudget budget = new PixelBudget();
    for (int i = 0; i < 100; i++) {
      assertThrows(IOException.class, () -> budget.runAlone(fails()));
    }
    assertEquals(budget.runAlone(() -> 7), Integer.valueOf(7));
  }

  @Test
  public void whatRunsAloneHasNobodyBesideIt() throws Exception {
    PixelBudget budget = new PixelBudget();
    ExecutorService threads = Executors.newFixedThreadPool(4);
    int[] inside = {0, 0};
    CountDownLatch begun = new CountDownLatch(4);
    List<Future<Integer>> all = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      all.add(
          threads.submit(
              () -> {
                begun.countDown();
                assertTrue(begun.await(60, TimeUnit.SECONDS));
                return budget.runAlone(
                    () -> {
                      synchronized (inside) {
                        inside[1] = Math.max(inside[1], ++inside[0]);
                      }
                      Thread.yield();
                      synchronized (inside) {
                        return --inside[0];
                      }
                    });
              }));
    }
    for (Future<Integer> one : all) {
      assertEquals(one.get(60, TimeUnit.SECONDS), Integer.valueOf(0));
    }
    threads.shutdown();
    assertEquals(inside[1], 1);
  }
}
