package app.blenner.core.format.odt;

import app.blenner.core.format.office.OfficeFile;
import app.blenner.core.format.office.Pictures;
import app.blenner.core.format.office.UnreadableFileException;
import app.blenner.core.format.office.WordText;
import app.blenner.core.format.office.Xml;
import java.io.IOException;
import java.nio.file.Path;

/** Reads OpenDocument text files (OpenDocument 1.3). */
public final class OdtReader {
  private OdtReader() {}

  /**
   * Reads a file.
   *
   * @param pictures where its pictures go
   * @throws UnreadableFileException where it is none, or may not be read
   */
  public static WordText read(Path file, Pictures pictures) throws IOException {
    try (OfficeFile office = OfficeFile.open(file)) {
      refuseLocked(office);
      Xml content = office.xml("content.xml").orElseThrow(OdtReader::none);
      Xml text = content.findPath("office:body", "office:text").orElseThrow(OdtReader::none);
      OdtBody body =
          new OdtBody(office, new OdtStyles(office.xml("styles.xml"), content), pictures);
      String title =
          office
              .xml("meta.xml")
              .flatMap(m -> m.findPath("office:meta", "dc:title"))
              .map(Xml::text)
              .orElse("");
      return body.read(text, title.strip());
    }
  }

  private static void refuseLocked(OfficeFile office) {
    boolean locked =
        office
            .xml("META-INF/manifest.xml")
            .map(m -> m.all("manifest:encryption-data").findFirst().isPresent())
            .orElse(false);
    if (locked) {
      throw new UnreadableFileException("This file is locked by a password. Save it without one.");
    }
  }

  private static UnreadableFileException none() {
    return new UnreadableFileException("This file is no .odt text: it lacks the text itself.");
  }
}
