package app.blenner.core.document;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.expectThrows;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

public class MarksTest {
  private static final List<Mark> ALL =
      List.of(
          Mark.Plain.STRONG,
          Mark.Plain.EMPHASIS,
          Mark.Plain.CODE,
          Mark.withValue(Mark.Kind.COLOUR, "#FF0000"),
          Mark.withValue(Mark.Kind.SIZE, "12pt"),
          Mark.withValue(Mark.Kind.LANGUAGE, "DE-at"),
          new Mark.Link(Address.parse("https://x.example/").orElseThrow(), "", false));

  /** In whatever order marks are put on, they nest the same way: one text has one spelling. */
  @Test
  public void theOrderInWhichMarksArePutOnDoesNotCount() {
    Random random = new Random(1);
    for (int n = 0; n < 200; n++) {
      List<Mark> some = new ArrayList<>(ALL);
      Collections.shuffle(some, random);
      some = some.subList(0, random.nextInt(some.size() + 1));
      List<Mark> other = new ArrayList<>(some);
      Collections.shuffle(other, random);
      Marks one = Marks.NONE;
      for (Mark m : some) {
        one = one.with(m);
      }
      Marks two = Marks.NONE;
      for (Mark m : other) {
        two = two.with(m);
      }
      assertEquals(one, two);
      assertEquals(one.hashCode(), two.hashCode());
      assertEquals(one, new Marks(other), "and as given all at once");
      for (int i = 1; i < one.all().size(); i++) {
        assertEquals(one.all().get(i - 1).rank() < one.all().get(i).rank(), true, one.toString());
      }
    }
  }

  @Test
  public void oneOfAKindTakesThePlaceOfAnother() {
    Marks red = Marks.NONE.with(Mark.withValue(Mark.Kind.COLOUR, "red"));
    Marks blue = red.with(Mark.withValue(Mark.Kind.COLOUR, "blue"));
    assertEquals(blue.all(), List.of(Mark.withValue(Mark.Kind.COLOUR, "#0000ff")));
    assertSame(blue.with(Mark.withValue(Mark.Kind.COLOUR, "#00F")), blue, "the same once more");
    assertSame(blue.with(null), blue);
    assertNotEquals(red, blue);
    IllegalArgumentException e =
        expectThrows(
            IllegalArgumentException.class,
            () ->
                new Marks(
                    List.of(
                        Mark.withValue(Mark.Kind.COLOUR, "red"),
                        Mark.withValue(Mark.Kind.COLOUR, "blue"))));
    assertEquals(e.getMessage().contains("two marks of one kind"), true);
  }

  @Test
  public void marksAreTakenOffAndAskedFor() {
    Marks marks = new Marks(ALL);
    assertEquals(marks.valueOf(Mark.Kind.LANGUAGE, ""), "de-AT");
    assertEquals(marks.valueOf(Mark.Kind.FONT, "none"), "none");
    assertEquals(marks.valueOf(Mark.Kind.SIZE).orElseThrow(), "12pt");
    assertEquals(marks.link().orElseThrow().address().value(), "https://x.example/");
    assertSame(marks.without(m -> false), marks);
    assertSame(marks.without(m -> true), Marks.NONE);
    Marks plain = marks.without(m -> m instanceof Mark.Valued);
    assertEquals(plain.all().size(), 4);
    assertEquals(plain.shared(marks), plain);
    assertEquals(Marks.NONE.link().isPresent(), false);
  }

  /** BCP 47, section 2.1.1: the case of a tag means nothing, and each part has its own by habit. */
  @Test
  public void aTagHasOneSpelling() {
    String[][] tags = {
      {"EN-gb", "en-GB"},
      {"zh-hant-TW", "zh-Hant-TW"},
      {"de", "de"},
      {"sl-rozaj", "sl-rozaj"},
      {"not a tag", null},
      {"", null},
      {"xx-XX", null}
    };
    for (String[] tag : tags) {
      for (int again = 0; again < 2; again++) {
        assertEquals(MarkValues.toLanguage(tag[0]), tag[1], tag[0]);
      }
    }
  }
}
