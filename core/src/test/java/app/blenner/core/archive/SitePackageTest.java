package app.blenner.core.archive;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Address;
import app.blenner.core.document.Picture;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Stage;
import app.blenner.core.preflight.Level;
import app.blenner.core.preflight.Preflight;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** The demo site, which is a package. */
public class SitePackageTest {
  private static final Path DEMO = Path.of("../demo");

  @Test
  public void theDemoHasItemsOfEveryKindInSeveralStages() throws IOException {
    SitePackage demo = SitePackage.read(DEMO);
    assertTrue(demo.items().size() >= 12);
    assertEquals(demo.items().stream().map(PackedItem::kind).distinct().count(), 3);
    assertTrue(demo.items().stream().map(PackedItem::stage).distinct().count() >= 4);
    assertEquals(demo.site().sections().size(), 5);
  }

  @Test
  public void whatTheDemoRefersToIsThere() throws IOException {
    SitePackage demo = SitePackage.read(DEMO);
    Set<String> assets = demo.assets().stream().map(PackedAsset::name).collect(Collectors.toSet());
    Set<String> people =
        demo.people().stream().map(PackedPerson::signIn).collect(Collectors.toSet());
    demo.assets().forEach(a -> assertTrue(Files.isRegularFile(a.file()), a.name()));
    for (PackedItem item : demo.items()) {
      assertTrue(Address.isItemKey(item.key()), item.key());
      assertTrue(people.contains(item.owner()), item.key());
      assertTrue(demo.site().section(item.content().section()).isPresent(), item.key());
      assertTrue(
          item.content().leadPicture().isEmpty() || assets.contains(item.content().leadPicture()),
          item.key());
      item.content()
          .body()
          .walk(
              (path, block) -> {
                if (block instanceof Picture p) {
                  assertTrue(assets.contains(p.source().assetName()), item.key());
                }
              });
    }
  }

  @Test
  public void whatIsLiveInTheDemoHasNothingToFix() throws IOException {
    for (PackedItem item : SitePackage.read(DEMO).items()) {
      if (item.live() != null) {
        assertEquals(Preflight.count(Preflight.check(item.live()), Level.MUST_FIX), 0, item.key());
      }
    }
  }

  @Test
  public void oneLiveItemHasANewerText() throws IOException {
    PackedItem torch =
        SitePackage.read(DEMO).items().stream()
            .filter(i -> i.key().equals("red-torch"))
            .findFirst()
            .orElseThrow();
    assertEquals(torch.stage(), Stage.LIVE);
    assertNotEquals(torch.live().body(), torch.content().body());
  }

  @Test
  public void itsTextsAreCanonical() throws IOException {
    for (PackedItem item : SitePackage.read(DEMO).items()) {
      String html = HtmlWriter.write(item.content().body());
      assertTrue(
          Files.readString(DEMO.resolve("items/" + item.key() + ".html")).contains(html),
          item.key());
      assertEquals(HtmlReader.read(html), item.content().body());
    }
  }
}
