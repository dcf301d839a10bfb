package app.blenner.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a line begins with when it plays the item of a list. */
public class ListMarkerTest {

  @DataProvider
  public Object[][] lines() {
    return new Object[][] {
      // line, what it counts by ("" is a sign), its number, characters it takes; null is not an
      // item
      {"• one", "", 1, 2},
      {"•\tone", "", 1, 2},
      {"\u00A0• one", "", 1, 3},
      {"- one", "", 1, 2},
      {"– one", "", 1, 2},
      {"* one", "", 1, 2},
      {"o one", "", 1, 2},
      {"§ one", "", 1, 2},
      {"\uF0B7 one", "", 1, 2},
      {"1. one", "1", 1, 3},
      {"1) one", "1", 1, 3},
      {"(1) one", "1", 1, 4},
      {"12. one", "1", 12, 4},
      {"123. one", "1", 123, 5},
      {"a) one", "a", 1, 3},
      {"C. one", "A", 3, 3},
      {"i. one", "i", 1, 3},
      {"iv) one", "i", 4, 4},
      {"IX. one", "I", 9, 4},
      {"xiv. one", "i", 14, 5},
      {"-one", null, 0, 0},
      {"o’clock", null, 0, 0},
      {"one. two", null, 0, 0},
      {"1.5 metres", null, 0, 0},
      {"1998. It was cold.", null, 0, 0},
      {"e.g. this", null, 0, 0},
      {"A word", null, 0, 0},
      {"", null, 0, 0},
      {" ", null, 0, 0},
      {"(see there)", null, 0, 0},
      {"夜 空", null, 0, 0},
    };
  }

  @Test(dataProvider = "lines")
  public void aLineBeginsWith(String line, String type, int number, int length) {
    Optional<ListMarker> marker = ListMarker.of(line);
    if (type == null) {
      assertEquals(marker, Optional.empty(), line);
      return;
    }
    assertTrue(ListMarker.mayBegin(line), line);
    assertEquals(marker.orElseThrow().sign(), type.isEmpty(), line);
    assertEquals(marker.get().type(), type, line);
    assertEquals(marker.get().number(), number, line);
    assertEquals(marker.get().length(), length, line);
  }

  /** The usual subtractive form of roman numbers; common practice. */
  @DataProvider
  public Object[][] romans() {
    return new Object[][] {
      {"i", 1},
      {"ii", 2},
      {"iii", 3},
      {"iv", 4},
      {"v", 5},
      {"vi", 6},
      {"viii", 8},
      {"ix", 9},
      {"x", 10},
      {"xi", 11},
      {"xix", 19},
      {"xl", 40},
      {"xc", 90},
      {"cd", 400},
    };
  }

  @Test(dataProvider = "romans")
  public void romanNumbersAreRead(String roman, int number) {
    ListMarker marker = ListMarker.alone(roman + ".", "roman-lower");
    assertEquals(marker.type(), "i");
    assertEquals(marker.number(), number);
  }

  @Test
  public void aLetterThatMayBeBothIsWhatItsStyleSays() {
    assertEquals(ListMarker.alone("v.", "").type(), "a");
    assertEquals(ListMarker.alone("v.", "").number(), 22);
    assertEquals(ListMarker.alone("V.", "roman-upper").number(), 5);
    assertEquals(ListMarker.alone("i)", "alpha-lower").number(), 9);
    assertEquals(ListMarker.alone("i)", "").number(), 1);
    assertEquals(ListMarker.alone("2.3.4.", "").number(), 4, "the last of nested numbers");
    assertTrue(ListMarker.alone("o", "").sign(), "a ring drawn with a letter");
    assertTrue(ListMarker.alone("·", "").sign());
  }
}
