package app.blenner.core.format.docx;

import app.blenner.core.format.office.OfficeFile;
import app.blenner.core.format.office.Pictures;
import app.blenner.core.format.office.UnreadableFileException;
import app.blenner.core.format.office.WordText;
import app.blenner.core.format.office.Xml;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.jsoup.nodes.Element;

/** Reads Office Open XML text files (ECMA-376). */
public final class DocxReader {
  private static final String MAIN = "/relationships/officeDocument";

  private DocxReader() {}

  /**
   * Reads a file.
   *
   * @param pictures where its pictures go
   * @throws UnreadableFileException where it is none, or may not be read
   */
  public static WordText read(Path file, Pictures pictures) throws IOException {
    try (OfficeFile office = OfficeFile.open(file)) {
      String main = mainOf(office);
      String folder = main.substring(0, main.lastIndexOf('/') + 1);
      Xml document = office.xml(main).flatMap(d -> d.child("w:body")).orElseThrow(DocxReader::none);
      Map<String, String> links = links(office, folder, main);
      DocxStyles styles = new DocxStyles(office.xml(folder + "styles.xml"));
      DocxNumbering lists = new DocxNumbering(office.xml(folder + "numbering.xml"));
      DocxBody reader = new DocxBody(office, links, styles, lists, pictures);
      Element body = new Element("body");
      reader.text(document, body);
      reader.notes(
          body,
          "footnote",
          office.xml(folder + "footnotes.xml"),
          links(office, folder, folder + "footnotes.xml"));
      reader.notes(
          body,
          "endnote",
          office.xml(folder + "endnotes.xml"),
          links(office, folder, folder + "endnotes.xml"));
      String title =
          office
              .xml("docProps/core.xml")
              .flatMap(c -> c.child("dc:title"))
              .map(Xml::text)
              .orElse("");
      return reader.result(body, title.strip());
    }
  }

  private static UnreadableFileException none() {
    return new UnreadableFileException("This file is no .docx text: it lacks the text itself.");
  }

  private static String mainOf(OfficeFile office) {
    Xml relations = office.xml("_rels/.rels").orElseThrow(DocxReader::none);
    for (Xml r : relations.childrenOf("rel:Relationship")) {
      if (r.attr("Type").endsWith(MAIN)) {
        return r.attr("Target").replaceFirst("^/", "");
      }
    }
    throw none();
  }

  private static Map<String, String> links(OfficeFile office, String folder, String part) {
    Map<String, String> out = new HashMap<>();
    String name = part.substring(part.lastIndexOf('/') + 1);
    Optional<Xml> relations = office.xml(folder + "_rels/" + name + ".rels");
    if (relations.isPresent()) {
      for (Xml r : relations.get().childrenOf("rel:Relationship")) {
        boolean outside = r.attr("TargetMode").equals("External");
        String target = r.attr("Target");
        String full =
            outside ? target : target.startsWith("/") ? target.substring(1) : folder + target;
        out.put(r.attr("Id"), full);
      }
    }
    return out;
  }
}
