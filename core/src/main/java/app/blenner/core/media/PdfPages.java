package app.blenner.core.media;

import app.blenner.core.document.PlainText;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.PDFRenderer;

/** A PDF: how many pages it has, what it is called, and what its first page looks like. */
public final class PdfPages {
  private PdfPages() {}

  private static PDDocument open(Path file) throws IOException {
    return Loader.loadPDF(file.toFile(), "", IOUtils.createTempFileOnlyStreamCache());
  }

  static FileMetadata says(Path file) throws IOException {
    try (PDDocument document = open(file)) {
      PDDocumentInformation said = document.getDocumentInformation();
      Description words =
          new Description(
              line(said.getTitle()),
              "",
              "",
              line(said.getAuthor()),
              "",
              "",
              line(said.getSubject()),
              List.of());
      return new FileMetadata(1, Duration.ZERO, document.getNumberOfPages(), words);
    }
  }

  private static String line(String said) {
    return PlainText.toLine(Objects.requireNonNullElse(said, ""));
  }

  /**
   * Draws the first page on white.
   *
   * @param longest its longer side in pixels, whatever size the page says it is of
   * @return empty where it has no page, is locked, or cannot be drawn
   */
  public static Optional<BufferedImage> drawFirst(Path file, int longest) {
    try (PDDocument document = open(file)) {
      if (document.getNumberOfPages() == 0) {
        return Optional.empty();
      }
      PDRectangle size = document.getPage(0).getCropBox();
      float side = Math.max(size.getWidth(), size.getHeight());
      boolean drawable = side > 1 && Math.min(size.getWidth(), size.getHeight()) > side / 100;
      return drawable
          ? Optional.of(new PDFRenderer(document).renderImage(0, longest / side))
          : Optional.empty();
    } catch (IOException | RuntimeException | StackOverflowError e) {
      return Optional.empty();
    }
  }
}
