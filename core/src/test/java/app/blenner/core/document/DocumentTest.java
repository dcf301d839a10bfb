package app.blenner.core.document;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

public class DocumentTest {

  @Test
  public void everyBlockIsFoundAgainByItsPath() {
    for (int seed = 0; seed < 300; seed++) {
      Document document = new Trees(seed).document();
      document.walk((path, block) -> assertEquals(document.blockAt(path).orElseThrow(), block));
    }
  }

  @Test
  public void changingABlockChangesNothingElse() {
    Document before =
        new Document(
            List.of(
                Paragraph.of("a"),
                new BulletedList(
                    BulletedList.Bullet.PLAIN, List.of(ListItem.of("b"), ListItem.of("c")))));
    BlockPath second = BlockPath.TOP.appendStep(1).appendStep(1).appendStep(0);
    Document after = before.change(second, b -> Paragraph.of("C"));
    assertEquals(RunningText.of(after), List.of("a", "b", "C"));
    assertEquals(RunningText.of(before), List.of("a", "b", "c"));
    assertEquals(after.blocks().get(0), before.blocks().get(0));
  }

  @Test
  public void apathThatLeadsNowhereChangesNothing() {
    Document document = new Document(List.of(Paragraph.of("a")));
    BlockPath nowhere = BlockPath.TOP.appendStep(4).appendStep(0).appendStep(1);
    assertEquals(document.change(nowhere, b -> Paragraph.of("x")), document);
    assertFalse(document.blockAt(nowhere).isPresent());
  }

  @Test
  public void breaksCarryOnlyWhatBothSidesShare() {
    Marks strong = Marks.NONE.with(Mark.Plain.STRONG);
    Marks both = strong.with(Mark.Plain.EMPHASIS);
    List<Inline> content = new ArrayList<>();
    content.add(new Text("a ", both));
    content.add(new LineBreak(both));
    content.add(new Text(" b", strong));
    List<Inline> tidy = Inlines.tidyInlines(content);
    assertEquals(tidy.get(1), new LineBreak(strong));
    assertEquals(Inlines.textOf(tidy), "a\nb");
  }

  @Test
  public void valuesHaveOneSpelling() {
    assertEquals(MarkValues.toColour("RGB(255, 0 ,10)"), "#ff000a");
    assertEquals(MarkValues.toColour("rgba(0,0,0,.5)"), "#00000080");
    assertEquals(MarkValues.toColour("#ABC"), "#aabbcc");
    assertEquals(MarkValues.toColour("url(x)"), null);
    // BCP 47 (RFC 5646), section 2.1.1: the customary case of subtags
    assertEquals(MarkValues.toLanguage("mn-cyrl-MN"), "mn-Cyrl-MN");
    assertEquals(MarkValues.toLanguage("not a tag"), null);
    assertEquals(new Mark.Valued(Mark.Kind.SIZE, "1.50EM").value(), "1.5em");
    assertEquals(Mark.withValue(Mark.Kind.FONT, "x'; color: red"), null);
  }
}
