package app.blenner.server.find;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import org.testng.annotations.Test;

public class IndexWorkTest {
  private final Deque<Runnable> thread = new ArrayDeque<>();
  private final List<String> again = new ArrayList<>();

  private IndexWork begin() {
    thread.clear();
    again.clear();
    return new IndexWork(thread::add, again::addAll);
  }

  @Test
  public void anIndexIsDoneOnceAllWorkIs() {
    IndexWork work = begin();
    assertFalse(work.isDone());
    work.announce(IndexStanding.State.SORTING_IN);
    work.add(() -> {});
    work.add(() -> {});
    work.nothing();
    assertFalse(work.isDone());
    thread.remove().run();
    assertEquals(work.state(), IndexStanding.State.SORTING_IN);
    thread.remove().run();
    assertTrue(work.isDone());
    assertEquals(work.state(), IndexStanding.State.WHOLE);
    work.add(() -> {});
    assertFalse(work.isDone());
  }

  /** Whoever makes an index may have read an item before it was changed. */
  @Test
  public void whatIsChangedMeanwhileIsToldAgainAfterwards() {
    IndexWork work = begin();
    work.nothing();
    work.noteChanged(List.of("before"));
    work.add(() -> work.noteChanged(List.of("meanwhile")));
    thread.remove().run();
    assertEquals(again, List.of("meanwhile"));
  }

  @Test
  public void workThatFailsIsOwedNoLonger() {
    IndexWork work = begin();
    work.add(
        () -> {
          throw new IllegalStateException("planted");
        });
    assertThrows(IllegalStateException.class, () -> thread.remove().run());
    assertTrue(work.isDone());
  }

  /** What was cut short by the end of the server is compared with the database at the next start. */
  @Test
  public void workThatEndsWithTheServerMakesNothingWhole() {
    IndexWork work = begin();
    work.announce(IndexStanding.State.CATCHING_UP);
    work.add(work::stop);
    thread.remove().run();
    assertFalse(work.isDone());
    assertEquals(work.state(), IndexStanding.State.CATCHING_UP);
  }
}
