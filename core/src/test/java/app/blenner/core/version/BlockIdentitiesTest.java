package app.blenner.core.version;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.Trees;
import app.blenner.core.format.html.HtmlReader;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

public class BlockIdentitiesTest {
  private static Document text(String... paragraphs) {
    return HtmlReader.read("<p>" + String.join("</p><p>", paragraphs) + "</p>");
  }

  private static final BlockIdentities FIRST =
      BlockIdentities.of(
          text("The ridge lies high.", "Bring a red torch.", "Bring a red torch.", "Come early."));

  @Test
  public void blocksThatSayTheSameAreToldApart() {
    assertEquals(new HashSet<>(FIRST.ids()).size(), 4);
    assertEquals(BlockIdentities.of(FIRST.document()), FIRST);
  }

  @Test
  public void aChangedBlockStaysItselfAndANewOneIsAnother() {
    BlockIdentities next =
        FIRST.afterChange(
            text(
                "Something new at the start.",
                "The ridge lies very high.",
                "Bring a red torch.",
                "Come early, and stay."));
    assertEquals(next.ids().get(1), FIRST.ids().get(0));
    assertEquals(next.ids().get(3), FIRST.ids().get(3));
    assertFalse(FIRST.ids().contains(next.ids().get(0)));
  }

  @Test
  public void theSameWordsAsAnotherKindOfBlockAreAnotherBlock() {
    BlockIdentities next =
        BlockIdentities.of(text("Bring a red torch."))
            .afterChange(HtmlReader.read("<h2>Bring a red torch.</h2>"));
    assertFalse(next.ids().equals(BlockIdentities.of(text("Bring a red torch.")).ids()));
  }

  /** Whatever is put in, taken out and written over: identities are never two of one, and what was not touched keeps its own. */
  @Test
  public void randomChangesLeaveTheOthersThemselves() {
    Random random = new Random(20261201);
    for (int round = 0; round < 300; round++) {
      List<Block> blocks = new ArrayList<>(new Trees(round).document().blocks());
      blocks.addAll(text("Kept %d once.".formatted(round), "Kept too.").blocks());
      BlockIdentities before = BlockIdentities.of(new Document(blocks));
      List<Block> changed = new ArrayList<>(blocks);
      changed.add(
          random.nextInt(changed.size()), text("New words of round " + round).blocks().get(0));
      BlockIdentities after = before.afterChange(new Document(changed));
      assertEquals(new HashSet<>(after.ids()).size(), changed.size());
      List<String> left = new ArrayList<>(after.ids());
      left.removeAll(before.ids());
      assertEquals(left.size(), 1, "one block is new in round " + round);
    }
  }
}
