package app.blenner.core.archive;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.blenner.core.document.Address;
import app.blenner.core.document.Picture;
import app.blenner.core.document.Trees;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Attachment;
import app.blenner.core.item.Content;
import app.blenner.core.item.Stage;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.rule.Checked;
import app.blenner.core.rule.Severity;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** The demo site, which is a package. */
public class SitePackageTest {
  private static final Path DEMO = Path.of("../demo");
  private static final Instant NOW = Instant.parse("2026-11-24T20:00:00Z");

  @Test
  public void theDemoHasItemsOfEveryKindInSeveralStages() throws IOException {
    SitePackage demo = SitePackage.read(DEMO, NOW);
    assertTrue(demo.items().size() >= 12);
    assertEquals(demo.items().stream().map(PackedItem::kind).distinct().count(), 3);
    assertTrue(demo.items().stream().map(PackedItem::stage).distinct().count() >= 4);
    assertEquals(demo.site().sections().size(), 5);
  }

  @Test
  public void whatTheDemoRefersToIsThere() throws IOException {
    SitePackage demo = SitePackage.read(DEMO, NOW);
    Set<String> assets = demo.assets().stream().map(PackedAsset::name).collect(Collectors.toSet());
    Set<String> people =
        demo.people().stream().map(PackedPerson::signIn).collect(Collectors.toSet());
    demo.assets().forEach(a -> assertTrue(Files.isRegularFile(a.file()), a.name()));
    for (PackedItem item : demo.items()) {
      assertTrue(Address.isItemKey(item.key()), item.key());
      assertTrue(people.contains(item.people().owner()), item.key());
      assertTrue(demo.site().findSection(item.content().section()).isPresent(), item.key());
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
    for (PackedItem item : SitePackage.read(DEMO, NOW).items()) {
      if (item.live() != null) {
        assertEquals(Preflight.count(Checked.of(item.live()), Severity.MUST_FIX), 0, item.key());
      }
    }
  }

  @Test
  public void oneLiveItemHasANewerText() throws IOException {
    PackedItem torch =
        SitePackage.read(DEMO, NOW).items().stream()
            .filter(i -> i.key().equals("red-torch"))
            .findFirst()
            .orElseThrow();
    assertEquals(torch.stage(), Stage.LIVE);
    assertNotEquals(torch.live().body(), torch.content().body());
  }

  @Test
  public void itsTextsAreCanonical() throws IOException {
    for (PackedItem item : SitePackage.read(DEMO, NOW).items()) {
      String html = HtmlWriter.write(item.content().body());
      assertTrue(
          Files.readString(DEMO.resolve("items/" + item.key() + ".html")).contains(html),
          item.key());
      assertEquals(HtmlReader.read(html), item.content().body());
    }
  }

  /** Written and read again, a site is the same, and so are its files. */
  @Test
  public void whatIsWrittenIsReadAsTheSameSite() throws IOException {
    SitePackage demo = SitePackage.read(DEMO, NOW);
    Path once = Files.createTempDirectory("package").resolve("once");
    demo.write(once);
    SitePackage again = SitePackage.read(once, NOW.plusSeconds(86_400));
    assertEquals(again.items(), demo.items());
    // Their order is that of their files, which are called after them.
    assertEquals(Set.copyOf(again.outlines()), Set.copyOf(demo.outlines()));
    assertEquals(again.house(), demo.house());
    assertEquals(again.site(), demo.site());
    assertEquals(again.hosts(), demo.hosts());
    assertEquals(again.people(), demo.people());
    Path twice = Files.createTempDirectory("package").resolve("twice");
    again.write(twice);
    try (var files = Files.walk(once)) {
      for (Path file : files.filter(Files::isRegularFile).toList()) {
        assertEquals(
            Files.mismatch(file, twice.resolve(once.relativize(file))), -1L, file.toString());
      }
    }
  }

  @Test
  public void anItemKeepsEverythingThatIsHardToSay() throws IOException {
    Content words =
        Content.builder()
            .title("Yes: no # \"quotes\" ‘and’ 'so'")
            .summary("- a\u2028 list? 2026-01-01")
            .body(new Trees(3).document())
            .topics(List.of("no", "on"))
            .keywords(List.of("null", "1e3", "yes"))
            .slug("x")
            .language("no")
            .attachments(
                List.of(
                    new Attachment("a.png", "yes: \"this\" # one"), new Attachment("b.txt", "no")))
            .build();
    Content live =
        Content.builder()
            .title("on")
            .body(new Trees(9).document())
            .section("visit")
            .slug("y")
            .leadPicture("a.png")
            .build();
    PackedItem item =
        new PackedItem(
            "abc",
            "post",
            Stage.ARCHIVED,
            new PackedItem.People("ilse", "Ilse: M"),
            new PackedItem.Times(NOW, NOW, NOW, "~", NOW, NOW),
            false,
            words,
            live,
            List.of("/a", "/visit/y"),
            new PackedItem.Notebook(
                List.of(new PackedNote("[ ] a: b", true), new PackedNote("x", false)),
                List.of("yes", "3.10")),
            List.of(new PackedDismissal("a-rule:x1.2", "no: it is “so”", "Ilse: M", NOW, true)));
    assertEquals(ItemFile.read(ItemFile.write(item), "items/abc.html", NOW.plusSeconds(5)), item);
  }

  @Test
  public void mistakesAreToldInWords() throws IOException {
    Path folder = Files.createTempDirectory("package");
    told(folder, "no site.yaml");
    Files.writeString(folder.resolve("site.yaml"), "name: [unclosed");
    told(folder, "not the YAML");
    Files.writeString(folder.resolve("site.yaml"), "form: 9");
    told(folder, "of form 9");
    Files.writeString(
        folder.resolve("site.yaml"), "name: A\npeople:\n- sign-in: a\n  name: A\n  role: king");
    told(folder, "“king” is no role");
    Files.writeString(folder.resolve("site.yaml"), "name: A");
    Files.createDirectories(folder.resolve("items"));
    Files.writeString(folder.resolve("items/x.html"), "<p>no fields</p>");
    told(folder, "no fields in front");
    Files.writeString(
        folder.resolve("items/x.html"), "---\nkind: post\nstage: draft\nowner: me\n---\n<p>x</p>");
    told(folder, "belongs to “me”");
  }

  private static void told(Path folder, String why) {
    IllegalArgumentException e =
        expectThrows(IllegalArgumentException.class, () -> SitePackage.read(folder, NOW));
    assertTrue(e.getMessage().contains(why), e.getMessage());
  }

  @Test
  public void anArchiveCannotReachOutOfItsFolder() throws IOException {
    Path zip = Files.createTempFile("out", ".zip");
    try (var out = new java.util.zip.ZipOutputStream(Files.newOutputStream(zip))) {
      out.putNextEntry(new java.util.zip.ZipEntry("../../outside.txt"));
      out.write(1);
    }
    Path folder = Files.createTempDirectory("package");
    IllegalArgumentException e =
        expectThrows(IllegalArgumentException.class, () -> PackageZip.unpack(zip, folder));
    assertTrue(e.getMessage().contains("reaches out"), e.getMessage());
  }
}
