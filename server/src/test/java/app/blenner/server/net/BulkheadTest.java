package app.blenner.server.net;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

public class BulkheadTest {

  @Test
  public void oneAddressTakesAtMostHalf() {
    Bulkhead room = new Bulkhead(6, 0);
    for (int i = 0; i < 3; i++) {
      assertTrue(room.enter("greedy"));
    }
    assertFalse(room.enter("greedy"));
    for (int i = 0; i < 3; i++) {
      assertTrue(room.enter("other " + i));
    }
    assertFalse(room.enter("one more"));
  }

  @Test
  public void whoeverLeavesMakesRoom() {
    Bulkhead room = new Bulkhead(4, 0);
    assertTrue(room.enter("a") && room.enter("a"));
    assertFalse(room.enter("a"));
    room.leave("a");
    assertTrue(room.enter("a"));
  }

  @Test
  public void whoeverWaitsAtTheDoorGetsInOnceSomebodyLeaves() throws Exception {
    Bulkhead room = new Bulkhead(2, 1);
    assertTrue(room.enter("a"));
    assertTrue(room.enter("b"));
    CompletableFuture<Boolean> waiting = CompletableFuture.supplyAsync(() -> room.enter("c"));
    // Leaves at any moment before the wait is over: the answer is the same.
    room.leave("a");
    assertTrue(waiting.get(60, TimeUnit.SECONDS));
  }

  @Test
  public void nobodyGetsInWhoNobodyMakesRoomFor() {
    Bulkhead room = new Bulkhead(2, 1);
    assertTrue(room.enter("a"));
    assertTrue(room.enter("b"));
    assertFalse(room.enter("c"));
  }

  @Test
  public void neverAreMoreInsideThanThereArePlaces() {
    Bulkhead room = new Bulkhead(8, 100);
    int[] inside = {0, 0};
    long in =
        IntStream.range(0, 200)
            .parallel()
            .filter(
                i -> {
                  String address = "from " + i % 5;
                  if (!room.enter(address)) {
                    return false;
                  }
                  synchronized (inside) {
                    inside[1] = Math.max(inside[1], ++inside[0]);
                  }
                  Thread.yield();
                  synchronized (inside) {
                    inside[0]--;
                  }
                  room.leave(address);
                  return true;
                })
            .count();
    assertTrue(inside[1] <= 8, inside[1] + " at once");
    assertEquals(in, 200);
  }
}
