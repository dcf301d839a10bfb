package app.blenner.core.version;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Held against java-diff-utils 4.18, which finds the fewest differences by Myers' algorithm. */
public class DifferencesTest {
  private static final long SEED = 20261126;

  @DataProvider
  Object[][] lists() {
    Random random = new Random(SEED);
    List<Object[]> out = new ArrayList<>();
    for (int i = 0; i < 200; i++) {
      int kinds = 1 + random.nextInt(12);
      out.add(
          new Object[] {
            random.ints(random.nextInt(60), 0, kinds).boxed().toList(),
            random.ints(random.nextInt(60), 0, kinds).boxed().toList()
          });
    }
    return out.toArray(Object[][]::new);
  }

  @Test(dataProvider = "lists")
  public void betweenTheStretchesBothAreTheSame(List<Integer> one, List<Integer> other) {
    holdsTogether(one, other, Differences.of(one, other));
  }

  @Test(dataProvider = "lists")
  public void ofShortListsNoMoreDiffersThanMust(List<Integer> one, List<Integer> other) {
    int fewest = 0;
    for (AbstractDelta<Integer> d : DiffUtils.diff(one, other).getDeltas()) {
      fewest += d.getSource().size() + d.getTarget().size();
    }
    assertEquals(size(Differences.of(one, other)), fewest);
  }

  @Test
  public void fewChangesInALongTextAreFoundEach() {
    List<Integer> one = new ArrayList<>(IntStream.range(0, 40_000).boxed().toList());
    List<Integer> other = new ArrayList<>(one);
    other.set(10, -1);
    other.remove(20_000);
    other.add(30_000, -2);
    List<Differences.Stretch> found = Differences.of(one, other);
    assertEquals(size(found), 4);
    assertEquals(found.size(), 3);
    holdsTogether(one, other, found);
  }

  @Test
  public void aMovedHalfLeavesTheOtherHalfTheSame() {
    List<Integer> one = IntStream.range(0, 30_000).boxed().toList();
    List<Integer> other = new ArrayList<>(one.subList(20_000, 30_000));
    other.addAll(one.subList(0, 20_000));
    List<Differences.Stretch> found = Differences.of(one, other);
    assertEquals(size(found), 20_000);
    holdsTogether(one, other, found);
  }

  @Test
  public void longTextsWithNothingSingleAreStillToldTruly() {
    Random random = new Random(SEED);
    List<Integer> one = random.ints(50_000, 0, 3).boxed().toList();
    List<Integer> other = random.ints(50_000, 0, 3).boxed().toList();
    List<Differences.Stretch> found = Differences.of(one, other);
    assertTrue(!found.isEmpty());
    holdsTogether(one, other, found);
  }

  private static int size(List<Differences.Stretch> stretches) {
    return stretches.stream().mapToInt(s -> s.to() - s.from() + s.otherTo() - s.otherFrom()).sum();
  }

  private static void holdsTogether(
      List<Integer> one, List<Integer> other, List<Differences.Stretch> stretches) {
    int at = 0;
    int otherAt = 0;
    for (Differences.Stretch s : stretches) {
      assertEquals(one.subList(at, s.from()), other.subList(otherAt, s.otherFrom()));
      at = s.to();
      otherAt = s.otherTo();
    }
    assertEquals(one.subList(at, one.size()), other.subList(otherAt, other.size()));
  }
}
