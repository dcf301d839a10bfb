package app.blenner.core.format.office;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.blenner.core.format.docx.DocxReader;
import app.blenner.core.format.odt.OdtReader;
import app.blenner.core.intake.Destination;
import app.blenner.core.intake.FetchPolicy;
import app.blenner.core.intake.FileIntake;
import app.blenner.core.intake.PasteMode;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Files that were made to do harm, or are broken: each is refused in a plain sentence. */
public class HostileFilesTest {
  private static final String RELATIONS =
      "<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\"><Relationship Id=\"r\""
          + " Type=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument\" Target=\"word/document.xml\"/></Relationships>";
  private static final String OPEN =
      "<w:document xmlns:w=\"http://schemas.openxmlformats.org/wordprocessingml/2006/main\"><w:body>";
  private static final String CLOSE = "</w:body></w:document>";

  private static Path zip(Map<String, byte[]> parts) throws IOException {
    Path file = Files.createTempFile("hostile", ".zip");
    file.toFile().deleteOnExit();
    try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(file))) {
      for (Map.Entry<String, byte[]> part : parts.entrySet()) {
        out.putNextEntry(new ZipEntry(part.getKey()));
        out.write(part.getValue());
      }
    }
    return file;
  }

  private static byte[] bytes(String s) {
    return s.getBytes(StandardCharsets.UTF_8);
  }

  private static Path docx(String document) throws IOException {
    return zip(Map.of("_rels/.rels", bytes(RELATIONS), "word/document.xml", bytes(document)));
  }

  private static void isRefused(Path file, String why) {
    UnreadableFileException refused =
        expectThrows(UnreadableFileException.class, () -> DocxReader.read(file, Pictures.NONE));
    assertTrue(refused.getMessage().contains(why), refused.getMessage());
  }

  @Test
  public void anArchiveThatBurstsIsNotUnpacked() throws IOException {
    Path file = Files.createTempFile("bomb", ".docx");
    file.toFile().deleteOnExit();
    try (OutputStream raw = Files.newOutputStream(file);
        ZipOutputStream out = new ZipOutputStream(raw)) {
      out.putNextEntry(new ZipEntry("_rels/.rels"));
      out.write(bytes(RELATIONS));
      out.putNextEntry(new ZipEntry("word/document.xml"));
      byte[] spaces = new byte[1_000_000];
      java.util.Arrays.fill(spaces, (byte) ' ');
      for (int i = 0; i < 300; i++) {
        out.write(spaces);
      }
    }
    long before = System.nanoTime();
    isRefused(file, "far more than a text can hold");
    assertTrue(System.nanoTime() - before < 5_000_000_000L);
  }

  @Test
  public void entitiesAreNotFollowed() throws IOException {
    String outside = "<!DOCTYPE x [<!ENTITY e SYSTEM \"file:///etc/passwd\">]>";
    isRefused(
        docx(outside + OPEN + "<w:p><w:r><w:t>&e;</w:t></w:r></w:p>" + CLOSE), "outside itself");
    String laughs =
        "<!DOCTYPE x [<!ENTITY a \"ha\"><!ENTITY b \"&a;&a;&a;&a;\"><!ENTITY c \"&b;&b;&b;&b;\">]>";
    isRefused(
        docx(laughs + OPEN + "<w:p><w:r><w:t>&c;</w:t></w:r></w:p>" + CLOSE), "outside itself");
  }

  @Test
  public void depthBeyondAnyTextIsRefused() throws IOException {
    String deep = "<w:sdt><w:sdtContent>".repeat(5000) + "</w:sdtContent></w:sdt>".repeat(5000);
    isRefused(docx(OPEN + deep + CLOSE), "nested more deeply");
    Path page = Files.createTempFile("deep", ".html");
    page.toFile().deleteOnExit();
    Files.writeString(page, "<div>".repeat(200_000) + "x");
    UnreadableFileException refused =
        expectThrows(
            UnreadableFileException.class,
            () ->
                FileIntake.read(
                    page,
                    "deep.html",
                    new FileIntake.Wish(
                        Pictures.NONE, Destination.NEW, true, "", PasteMode.CLEAN, Set.of())));
    assertTrue(refused.getMessage().contains("nested more deeply"), refused.getMessage());
  }

  @Test
  public void brokenPartsAreToldSo() throws IOException {
    isRefused(docx(OPEN + "<w:p>"), "damaged");
    isRefused(zip(Map.of("a", bytes("b"))), "lacks the text");
    Path noise = Files.createTempFile("noise", ".docx");
    noise.toFile().deleteOnExit();
    Files.write(noise, bytes("PK\u0003\u0004 nothing at all"));
    isRefused(noise, "damaged");
  }

  @Test
  public void macrosAreRefused() throws IOException {
    isRefused(
        zip(
            Map.of(
                "_rels/.rels", bytes(RELATIONS),
                "word/document.xml", bytes(OPEN + CLOSE),
                "word/vbaProject.bin", new byte[] {1})),
        "macros");
    Path odt =
        zip(Map.of("content.xml", bytes("<x/>"), "Basic/Standard/Module1.xml", bytes("<x/>")));
    assertTrue(
        expectThrows(UnreadableFileException.class, () -> OdtReader.read(odt, Pictures.NONE))
            .getMessage()
            .contains("macros"));
  }

  @Test
  public void aPictureElsewhereIsNotFetchedButNamed() throws IOException {
    String relations =
        "<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\"><Relationship Id=\"p1\""
            + " Type=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships/image\" Target=\"../../../etc/passwd\"/></Relationships>";
    String drawing =
        "<w:p><w:r><w:drawing><a:blip xmlns:a=\"http://schemas.openxmlformats.org/drawingml/2006/main\""
            + " xmlns:r=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships\" r:embed=\"p1\"/></w:drawing></w:r></w:p>";
    Path file =
        zip(
            Map.of(
                "_rels/.rels", bytes(RELATIONS),
                "word/document.xml", bytes(OPEN + drawing + CLOSE),
                "word/_rels/document.xml.rels", bytes(relations)));
    WordText text = DocxReader.read(file, (n, t, b) -> java.util.Optional.of("never.png"));
    assertEquals(text.body().select("img").size(), 0);
    assertEquals(text.notes().size(), 1);
  }

  /** Addresses of the IANA special-purpose registries (RFC 6890), and some that are for everybody. */
  @DataProvider
  public Object[][] addresses() {
    return new Object[][] {
      {"127.0.0.1", false},
      {"10.1.2.3", false},
      {"172.16.0.1", false},
      {"172.31.255.255", false},
      {"172.32.0.1", true},
      {"192.168.1.1", false},
      {"169.254.169.254", false},
      {"100.64.0.1", false},
      {"100.128.0.1", true},
      {"0.0.0.0", false},
      {"192.0.2.1", false},
      {"198.18.0.1", false},
      {"198.51.100.7", false},
      {"203.0.113.9", false},
      {"224.0.0.1", false},
      {"255.255.255.255", false},
      {"8.8.4.4", true},
      {"::1", false},
      {"::", false},
      {"fe80::1", false},
      {"fc00::1", false},
      {"fd12::1", false},
      {"ff02::1", false},
      {"::ffff:127.0.0.1", false},
      {"64:ff9b::7f00:1", false},
      {"2002:7f00:1::", false},
      {"2001:db8::1", false},
      {"2606:4700::1", true},
    };
  }

  @Test(dataProvider = "addresses")
  public void onlyAddressesForEverybodyAreFetched(String address, boolean isPublic)
      throws IOException {
    assertEquals(FetchPolicy.isPublic(InetAddress.getByName(address)), isPublic);
  }

  @Test
  public void hostsAreNamedByThemselvesOrByWhatTheyAreBelow() {
    FetchPolicy policy = new FetchPolicy(List.of("notes.example", "*.fell.example"));
    assertTrue(policy.names("NOTES.example."));
    assertTrue(policy.names("a.fell.example"));
    assertEquals(policy.names("fell.example"), false);
    assertEquals(policy.names("notes.example.evil"), false);
    // A host that is named with a port is asked at that port, and at no other, also where all are
    // let in.
    FetchPolicy bound = new FetchPolicy(List.of("*", "localhost:8080"));
    assertTrue(bound.names("localhost"));
    assertEquals(bound.check("http://localhost:8080/a").getPort(), 8080);
    for (String other :
        List.of("http://localhost/", "http://localhost:22/", "https://LOCALHOST:8081/a")) {
      assertThrows(IllegalArgumentException.class, () -> bound.check(other));
    }
    assertEquals(bound.check("https://far.example:443/").getPort(), 443);
    assertThrows(IllegalArgumentException.class, () -> bound.check("https://far.example:8443/"));
    FetchPolicy own =
        new FetchPolicy(
            List.of("*", "localhost:8080"), List.of("localhost:8080", "site.example:443"), false);
    for (String page :
        List.of(
            "http://localhost:8080/editor/",
            "https://SITE.example/visit",
            "https://site.example.:443/",
            "http://localhost:8080/site/stand-in/../../editor/api/session")) {
      assertThrows(IllegalArgumentException.class, () -> own.check(page));
    }
    assertEquals(own.check("http://localhost:8080/site/stand-in/pages/a").getPort(), 8080);
    assertEquals(policy.check("notes.example/page").toString(), "https://notes.example/page");
  }
}
