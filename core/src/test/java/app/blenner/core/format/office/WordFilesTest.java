package app.blenner.core.format.office;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Address;
import app.blenner.core.document.Document;
import app.blenner.core.document.RunningText;
import app.blenner.core.document.Trees;
import app.blenner.core.format.docx.DocxReader;
import app.blenner.core.format.docx.DocxWriter;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.odt.OdtReader;
import app.blenner.core.format.odt.OdtWriter;
import app.blenner.core.intake.Destination;
import app.blenner.core.intake.Intake;
import app.blenner.core.intake.PasteMode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.zip.ZipFile;
import org.apache.xmlbeans.XmlError;
import org.apache.xmlbeans.XmlObject;
import org.apache.xmlbeans.XmlOptions;
import org.jsoup.Jsoup;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.DocumentDocument;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.NumberingDocument;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.StylesDocument;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Word-processor files written by the core: what its own readers and LibreOffice make of them. */
public class WordFilesTest {
  private static final byte[] DOT =
      Base64.getDecoder()
          .decode(
              "iVBORw0KGgoAAAANSUhEUgAAAAoAAAAKCAIAAAACUFjqAAAAEklEQVR4nGP4z8CAB+GTG8HSALfKY52fTcuYAAAAAElFTkSuQmCC");
  private static final Media MEDIA =
      name ->
          name.equals("ridge.png")
              ? Optional.of(new Media.File(DOT, "image/png", 10, 10))
              : Optional.empty();

  private static final String ALL =
      """
      <p>The meter read <strong>21.4</strong> on a <em>good</em> night &amp; H<sub>2</sub>O &lt; 4<sup>th</sup>.</p>
      <h2 id="bring">What to bring</h2>
      <ul>
      <li>A red torch
      <ul>
      <li>with spare cells</li>
      </ul>
      </li>
      <li>A flask</li>
      </ul>
      <ol start="3" type="a">
      <li>Wait twenty minutes.</li>
      <li>Look up.</li>
      </ol>
      <p class="align-centre">In the middle</p>
      <h3>Further</h3>
      <p>See <a href="https://tarnlow.example/ridge?night=3&amp;x=1">the <strong>ridge</strong> page</a> or <a href="#bring">what to bring</a>.<br>Second line with <code>sky.csv</code>.</p>
      <figure class="picture"><img src="../assets/ridge.png" alt="A dark ridge"></figure>
      <table>
      <thead>
      <tr>
      <th scope="col">Place</th>
      <th colspan="2" scope="col">Reading</th></tr>
      </thead>
      <tbody>
      <tr>
      <td rowspan="2">Ridge</td>
      <td>21.4</td>
      <td>clear</td></tr>
      <tr>
      <td>21.1</td>
      <td>haze</td></tr>
      </tbody>
      </table>
      <figure class="quote"><blockquote>
      <p>Wait, and the dark fills up.</p>
      </blockquote></figure>
      <pre><code>mag = 21.4
        err = 0.1</code></pre>
      <hr>
      <p>A <span lang="de-DE">dunkle Nacht</span>.</p>""";

  @DataProvider
  public Object[][] forms() {
    return new Object[][] {{"docx"}, {"odt"}};
  }

  private static byte[] write(String form, String title, Document document) {
    AddressResolver addresses = Address::value;
    return form.equals("docx")
        ? DocxWriter.write(title, "", document, addresses, "en-GB", MEDIA)
        : OdtWriter.write(title, "", document, addresses, "en-GB", MEDIA);
  }

  private static Document read(Path file) throws IOException {
    Pictures pictures = (name, type, bytes) -> Optional.of("ridge.png");
    WordText text =
        file.toString().endsWith("docx")
            ? DocxReader.read(file, pictures)
            : OdtReader.read(file, pictures);
    text.body().select("h1").first().remove(); // the title
    return Intake.read(text, PasteMode.CLEAN, Destination.NEW, Set.of()).document();
  }

  private static Path keep(byte[] bytes, String form) throws IOException {
    Path file = Files.createTempFile("out", "." + form);
    file.toFile().deleteOnExit();
    Files.write(file, bytes);
    return file;
  }

  @Test(dataProvider = "forms")
  public void whatIsWrittenIsReadAsTheSameText(String form) throws IOException {
    Path file = keep(write(form, "A winter", HtmlReader.read(ALL)), form);
    assertEquals(HtmlWriter.write(read(file)), ALL.replace(" class=\"align-centre\"", ""));
  }

  /** LibreOffice opens the file, writes it again in both forms, and the text is still the same. */
  @Test(dataProvider = "forms")
  public void libreOfficeOpensItAndGivesItBack(String form) throws Exception {
    Path file = keep(write(form, "A winter", HtmlReader.read(ALL)), form);
    for (String other : List.of("docx", "odt")) {
      Path back = convert(file, other.equals("docx") ? "docx:MS Word 2007 XML" : "odt", other);
      assertEquals(
          HtmlWriter.write(read(back)),
          ALL.replace(" class=\"align-centre\"", ""),
          form + " to " + other);
    }
  }

  /** Every word of any text is in the file, as LibreOffice shows it. */
  @Test(dataProvider = "forms")
  public void noWordOfAnyTextIsLost(String form) throws Exception {
    StringBuilder html = new StringBuilder();
    for (int seed = 0; seed < 60; seed++) {
      html.append(HtmlWriter.write(new Trees(seed).document())).append('\n');
    }
    Document document = HtmlReader.read(html.toString());
    Path file = keep(write(form, "All", document), form);
    assertEquals(read(file).blocks().isEmpty(), false);
    Path text = convert(file, "html:HTML (StarWriter)", "html");
    String found = letters(Jsoup.parse(Files.readString(text)).wholeText());
    for (String piece : RunningText.of(document)) {
      assertTrue(found.contains(letters(piece)), "“" + piece + "” is missing");
    }
  }

  private static String letters(String text) {
    return text.replaceAll("[^\\p{L}\\p{M}\\p{N}]", "");
  }

  /** The schemas of ECMA-376 as Apache POI carries them. */
  @Test
  public void docxFollowsThePublishedSchemas() throws Exception {
    for (int seed = 0; seed < 40; seed++) {
      Document document = seed == 0 ? HtmlReader.read(ALL) : new Trees(seed).document();
      Path file = keep(write("docx", "A winter", document), "docx");
      try (ZipFile zip = new ZipFile(file.toFile())) {
        valid(
            DocumentDocument.Factory.parse(zip.getInputStream(zip.getEntry("word/document.xml"))),
            seed);
        valid(
            StylesDocument.Factory.parse(zip.getInputStream(zip.getEntry("word/styles.xml"))),
            seed);
        valid(
            NumberingDocument.Factory.parse(zip.getInputStream(zip.getEntry("word/numbering.xml"))),
            seed);
      }
    }
  }

  private static void valid(XmlObject part, int seed) {
    List<XmlError> errors = new ArrayList<>();
    part.validate(new XmlOptions().setErrorListener(errors));
    assertEquals(errors.stream().map(XmlError::getMessage).toList(), List.of(), "seed " + seed);
  }

  /** The schemas of OpenDocument 1.3 as the validator of the ODF Toolkit carries them. */
  @Test
  public void odtFollowsThePublishedSchemas() throws Exception {
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(
        List.of(
            "-cp",
            System.getProperty("java.class.path"),
            "org.odftoolkit.odfvalidator.Main",
            "-1.3"));
    for (int seed = 0; seed < 20; seed++) {
      Document document = seed == 0 ? HtmlReader.read(ALL) : new Trees(seed).document();
      command.add(keep(write("odt", "A winter", document), "odt").toString());
    }
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String said = new String(process.getInputStream().readAllBytes());
    assertEquals(process.waitFor(), 0, said);
    assertFalse(said.contains("Error:") || said.contains("Fatal:"), said);
  }

  private static Path convert(Path file, String filter, String ending)
      throws IOException, InterruptedException {
    Path folder = Files.createTempDirectory("office");
    Process process =
        new ProcessBuilder(
                "soffice",
                "--headless",
                "-env:UserInstallation=file://"
                    + System.getProperty("java.io.tmpdir")
                    + "/blenner-office-test",
                "--convert-to",
                filter,
                "--outdir",
                folder.toString(),
                file.toString())
            .redirectErrorStream(true)
            .start();
    String said = new String(process.getInputStream().readAllBytes());
    assertTrue(process.waitFor(120, TimeUnit.SECONDS), said);
    String name = file.getFileName().toString().replaceFirst("\\.\\w+$", "." + ending);
    assertTrue(Files.exists(folder.resolve(name)), said);
    return folder.resolve(name);
  }
}
