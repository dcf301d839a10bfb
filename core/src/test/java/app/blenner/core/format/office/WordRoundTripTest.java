package app.blenner.core.format.office;

import static org.testng.Assert.assertEquals;

import app.blenner.core.document.Address;
import app.blenner.core.document.Document;
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
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Random texts of all that word-processor files can say themselves: what is written into a file is read
 * from it as the very same text. (LibreOffice's own reading of the files is in WordFilesTest.)
 */
public class WordRoundTripTest {
  private static final String[] WORDS = {
    "ridge",
    "night",
    "Über",
    "21.75",
    "夜空",
    "שלום",
    "it’s",
    "a & b",
    "x < y",
    "“quoted”",
    "naïve",
    "e\u0301"
  };

  private final Random random;
  private final StringBuilder out = new StringBuilder();

  public WordRoundTripTest() {
    this(0);
  }

  private WordRoundTripTest(long seed) {
    random = new Random(seed);
  }

  private String words(int most) {
    StringBuilder text = new StringBuilder();
    for (int i = 1 + random.nextInt(most); i > 0; i--) {
      text.append(text.length() == 0 ? "" : " ");
      text.append(WORDS[random.nextInt(WORDS.length)].replace("&", "&amp;").replace("<", "&lt;"));
    }
    return text.toString();
  }

  /** A run of words in one dress, after words in none, so that no two runs say the same. */
  private String inline() {
    StringBuilder text = new StringBuilder("plain " + words(3));
    for (int i = random.nextInt(3); i > 0; i--) {
      String w = words(2);
      text.append(' ')
          .append(
              switch (random.nextInt(9)) {
                case 0 -> "<strong>" + w + "</strong>";
                case 1 -> "<em>" + w + "</em>";
                case 2 -> "<strong><em>" + w + "</em></strong>";
                case 3 -> "<s>" + w + "</s>";
                case 4 -> "<u>" + w + "</u>";
                case 5 -> "<sup>" + w + "</sup>";
                case 6 ->
                    "<a href=\"https://tarnlow.example/"
                        + random.nextInt(9)
                        + "?a=1&amp;b=2\">"
                        + w
                        + "</a>";
                case 7 -> "<code>" + w + "</code>";
                default -> "<a href=\"https://tarnlow.example/x\"><strong>" + w + "</strong></a>";
              })
          .append(" then");
    }
    return text.toString();
  }

  private void list(int depth) {
    boolean numbered = random.nextBoolean();
    String type =
        numbered ? new String[] {"", " type=\"a\"", " type=\"I\""}[random.nextInt(3)] : "";
    String start =
        numbered && random.nextInt(3) == 0 ? " start=\"" + (2 + random.nextInt(7)) + "\"" : "";
    out.append(numbered ? "<ol" + start + type + ">" : "<ul>");
    for (int i = 1 + random.nextInt(3); i > 0; i--) {
      out.append("<li>").append(inline());
      if (depth < 3 && random.nextInt(3) == 0) {
        list(depth + 1);
      }
      out.append("</li>");
    }
    out.append(numbered ? "</ol>" : "</ul>");
  }

  private void table() {
    int columns = 2 + random.nextInt(3);
    out.append("<table>");
    boolean header = random.nextBoolean();
    for (int row = 0; row < 3; row++) {
      String cell = header && row == 0 ? "th" : "td";
      out.append("<tr>");
      int wide = random.nextInt(4) == 0 ? 2 : 1;
      for (int c = 0; c < columns; c += c == 0 ? wide : 1) {
        out.append('<').append(cell).append(c == 0 && wide > 1 ? " colspan=2" : "").append('>');
        // A header is bold by itself, so that bold within one says nothing.
        String text =
            cell.equals("th") ? "plain " + words(3) + " <em>" + words(1) + "</em>" : inline();
        out.append(text).append("</").append(cell).append('>');
      }
      out.append("</tr>");
    }
    out.append("</table>");
  }

  private String page() {
    for (int i = 2 + random.nextInt(6); i > 0; i--) {
      switch (random.nextInt(8)) {
        case 0, 1 -> {
          int level = 2 + random.nextInt(4);
          out.append("<h" + level + ">" + "about " + words(4) + "</h" + level + ">");
        }
        case 2 -> list(0);
        case 3 -> table();
        case 4 -> out.append("<blockquote><p>" + inline() + "</p></blockquote>");
        case 5 -> out.append("<pre><code>a = 1\n  b = " + words(1) + "</code></pre>");
        case 6 -> out.append("<p>" + inline() + "<br>" + inline() + "</p>");
        default -> out.append("<p>" + inline() + "</p>");
      }
      // What stands directly beside its like would be one with it in a file.
      out.append("<p>Between.</p>");
    }
    return out.toString();
  }

  @DataProvider
  public Object[][] forms() {
    Object[][] all = new Object[8][];
    for (int i = 0; i < all.length; i++) {
      all[i] = new Object[] {i % 2 == 0 ? "docx" : "odt", 500L + i};
    }
    return all;
  }

  @Test(dataProvider = "forms")
  public void whatIsWrittenIsReadAsTheSameText(String form, long seed) throws IOException {
    for (int n = 0; n < 25; n++) {
      Document document = HtmlReader.read(new WordRoundTripTest(seed * 1000 + n).page());
      byte[] bytes =
          form.equals("docx")
              ? DocxWriter.write(
                  "T", "", document, Address::value, "en-GB", name -> Optional.empty())
              : OdtWriter.write(
                  "T", "", document, Address::value, "en-GB", name -> Optional.empty());
      Path file = Files.createTempFile("round", "." + form);
      try {
        Files.write(file, bytes);
        WordText text =
            form.equals("docx")
                ? DocxReader.read(file, Pictures.NONE)
                : OdtReader.read(file, Pictures.NONE);
        text.body().select("h1").first().remove(); // the title
        Document back = Intake.read(text, PasteMode.CLEAN, Destination.NEW, Set.of()).document();
        assertEquals(
            HtmlWriter.write(back), HtmlWriter.write(document), form + " " + seed + " " + n);
      } finally {
        Files.delete(file);
      }
    }
  }
}
