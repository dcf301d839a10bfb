package app.blenner.core.media;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.picture.Drawn;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.testng.annotations.Test;

/** What a PDF says and looks like, beside pdfinfo and pdftoppm (Debian's poppler-utils). */
public class PdfPagesTest {
  private static Path pdf(int pages, PDRectangle size, String password) throws Exception {
    Path file = Files.createTempFile("pages", ".pdf");
    file.toFile().deleteOnExit();
    try (PDDocument document = new PDDocument()) {
      document.getDocumentInformation().setTitle("Wege im Winter — 2026");
      document.getDocumentInformation().setAuthor("Ilse Marten");
      for (int i = 0; i < pages; i++) {
        PDPage page = new PDPage(size);
        document.addPage(page);
        try (PDPageContentStream out = new PDPageContentStream(document, page)) {
          out.setNonStrokingColor(0.1f, 0.2f, 0.5f);
          out.addRect(size.getWidth() / 4, size.getHeight() / 4, size.getWidth() / 3, 120);
          out.fill();
          out.beginText();
          out.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), 40);
          out.newLineAtOffset(40, size.getHeight() - 120);
          out.showText("Page " + (i + 1));
          out.endText();
        }
      }
      if (password != null) {
        document.protect(new StandardProtectionPolicy(password, password, new AccessPermission()));
      }
      document.save(file.toFile());
    }
    return file;
  }

  @Test
  public void pagesAndTitle() throws Exception {
    Path file = pdf(7, PDRectangle.A4, null);
    FileMetadata says = FileMetadata.of(file, FileType.PDF);
    String theirs = Drawn.run("pdfinfo", file.toString());
    assertTrue(theirs.matches("(?s).*Pages:\\s+" + says.pages() + "\\n.*"), theirs);
    assertEquals(says.pages(), 7);
    assertEquals(says.words().title(), "Wege im Winter — 2026");
    assertEquals(says.words().credit(), "Ilse Marten");
  }

  @Test
  public void theFirstPageLooksAsElsewhere() throws Exception {
    Path file = pdf(2, PDRectangle.A4, null);
    BufferedImage ours = PdfPages.drawFirst(file, 842).orElseThrow();
    Path base = Files.createTempDirectory("page").resolve("theirs");
    Drawn.run("pdftoppm", "-png", "-singlefile", "-r", "72", file.toString(), base.toString());
    BufferedImage theirs = ImageIO.read(Path.of(base + ".png").toFile());
    int width = Math.min(ours.getWidth(), theirs.getWidth());
    int height = Math.min(ours.getHeight(), theirs.getHeight());
    double same =
        Drawn.similarity(
            ours.getSubimage(0, 0, width, height), theirs.getSubimage(0, 0, width, height));
    assertTrue(same > 0.97, "similarity " + same);
  }

  @Test
  public void whatIsHugeLockedOrBrokenIsNoPicture() throws Exception {
    Path huge = pdf(1, new PDRectangle(200_000, 200_000), null);
    assertEquals(PdfPages.drawFirst(huge, 500).orElseThrow().getWidth(), 500);
    Path locked = pdf(3, PDRectangle.A4, "secret");
    assertEquals(FileMetadata.of(locked, FileType.PDF), FileMetadata.NOTHING);
    assertFalse(PdfPages.drawFirst(locked, 500).isPresent());
    Path broken = Files.createTempFile("broken", ".pdf");
    Files.writeString(broken, "%PDF-1.7\n1 0 obj << /Type /Catalog /Pages 1 0 R >> endobj\n%%EOF");
    assertEquals(FileMetadata.of(broken, FileType.PDF).pages(), 0);
    assertFalse(PdfPages.drawFirst(broken, 500).isPresent());
  }
}
