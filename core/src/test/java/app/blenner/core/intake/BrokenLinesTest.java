package app.blenner.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.RunningText;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.office.Pictures;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Lines of plain text and of PDFs: which were meant, and which the edge of a page has made. */
public class BrokenLinesTest {
  private static final String ENGLISH =
      "The ridge has been measured on every clear night since the winter of the long frost. Nobody had"
          + " expected the readings to rise, but rise they did, by a tenth of a magnitude in each decade,"
          + " and nobody can say for certain why that is so.";
  private static final String GERMAN =
      "Der Grat wird seit dem Winter des langen Frosts in jeder klaren Nacht vermessen. Niemand hatte"
          + " erwartet, dass die Werte steigen, doch sie stiegen in jedem Jahrzehnt um ein Zehntel einer"
          + " Größenklasse, und niemand weiß genau, warum.";
  private static final String ARABIC =
      "تُقاس الحافة في كل ليلة صافية منذ شتاء الصقيع الطويل ولم يتوقع أحد أن ترتفع القراءات لكنها ارتفعت"
          + " بعشر قدر في كل عقد ولا يستطيع أحد أن يقول على وجه اليقين لماذا حدث ذلك في هذا الوادي البعيد";

  /** Breaks a text as a page of so many characters would. */
  static List<String> wrapped(String text, int width) {
    List<String> out = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : text.split(" ")) {
      if (line.length() > 0 && line.length() + 1 + word.length() > width) {
        out.add(line.toString());
        line.setLength(0);
      }
      line.append(line.length() > 0 ? " " : "").append(word);
    }
    out.add(line.toString());
    return out;
  }

  private static Intake plain(String text, Offer.Kind... taken) {
    return Intake.read(
        IntakeSource.ofText(text), PasteMode.CLEAN, Pictures.NONE, Destination.NEW, Set.of(taken));
  }

  private static List<String> paragraphs(Intake intake) {
    return RunningText.of(intake.document());
  }

  @DataProvider
  public Object[][] widths() {
    return new Object[][] {
      {ENGLISH, 28},
      {ENGLISH, 40},
      {ENGLISH, 64},
      {ENGLISH, 78},
      {GERMAN, 32},
      {GERMAN, 60},
      {GERMAN, 78},
      {ARABIC, 36},
      {ARABIC, 60},
    };
  }

  @Test(dataProvider = "widths")
  public void linesOfOneParagraphAreJoinedAtAnyWidth(String text, int width) {
    String two =
        String.join("\n", wrapped(text, width)) + "\n\n" + String.join("\n", wrapped(text, width));
    Intake intake = plain(two);
    assertEquals(intake.read(), PasteMode.JOINED, two);
    assertEquals(intake.other(), PasteMode.PARAGRAPHS);
    assertEquals(paragraphs(intake), List.of(text, text));
    assertTrue(
        intake.report().notes().get(0).startsWith("Joined "), intake.report().notes().toString());
    // In HTML with line breaks as in plain text.
    Intake html = SecondRoundTest.take("<p>" + String.join("<br>", wrapped(text, width)) + "</p>");
    assertEquals(paragraphs(html), List.of(text));
  }

  /** What is meant line by line, though nothing says so but its shape. */
  @DataProvider
  public Object[][] meant() {
    return new Object[][] {
      {"Dark the hill\nand still\nthe water below\nwaits for the snow\nto go"},
      {"Keeper’s Lodge\nTarnlow\nUpper Road 12\nTN 4 7QX"},
      {"lamp\nhood\nflask\nred torch\nmap of the ridge"},
      {"21.75\n21.60\n21.41\n20.98"},
      {"Mo 18:00 – 22:00\nTu closed\nWe 18:00 – 23:30\nTh 19:00 – 22:00"},
      {"Roses are red,\nViolets are blue,\nThe sky is so dark,\nAnd the meter says two."},
    };
  }

  @Test(dataProvider = "meant")
  public void linesThatWereMeantStay(String text) {
    Intake intake = plain(text);
    assertEquals(intake.read(), PasteMode.PARAGRAPHS);
    assertEquals(paragraphs(intake), text.lines().toList());
    assertEquals(intake.other(), PasteMode.JOINED, "the other way is offered");
    assertTrue(intake.report().notes().get(0).startsWith("Each line became a paragraph"));
    String html = "<p>" + text.replace("\n", "<br>") + "</p>";
    assertEquals(HtmlWriter.write(SecondRoundTest.take(html).document()), html);
  }

  @Test
  public void partedWordsAreClosedAndLigaturesOpened() {
    String text =
        "In that year the ﬁrst of all measure-\nments of the night were made by a lamp\n"
            + "on the ridge, and the ofﬁce kept them\nin a book that nobody opened for years\n"
            + "after the frost, when a warden found it\nunder the ﬂoor of the old lodge there.";
    Intake intake = plain(text);
    String all = String.join("\n", paragraphs(intake));
    assertTrue(all.contains("first of all measurements of the night"), all);
    assertTrue(all.contains("office kept") && all.contains("floor of"), all);
    assertTrue(intake.report().notes().stream().anyMatch(n -> n.startsWith("Opened 3 letters")));
  }

  /** Readers of PDF write such marks (UAX #9, 2.1); the letters of a line say the same, and a search finds the words. */
  @Test
  public void marksAroundALineGoWhereItsLettersSayTheSame() {
    Intake intake =
        plain(
            "\u202B\u05E9\u05DC\u05D5\u05DD \u202Aabc\u202C\u202C\n\u202Aone\u202C\n"
                + "\u202Bone\u202C\n\u202B\u05D0\u202C two \u202Bthree\u202C\n\u202B\u2022\u202C");
    assertEquals(
        paragraphs(intake),
        List.of(
            "\u05E9\u05DC\u05D5\u05DD \u202Aabc\u202C",
            "one",
            "\u202Bone\u202C",
            "\u202B\u05D0\u202C two \u202Bthree\u202C",
            "\u202B\u2022\u202C"));
    assertTrue(
        intake
            .report()
            .notes()
            .contains(
                "Left out the unseen marks of direction around 2 lines; the letters say the same."));
  }

  /** Some text that never says the same twice. */
  private static String many() {
    String[] words =
        "the night was dark over long ridges where wardens waited for stars and counted them"
            .split(" ");
    java.util.Random random = new java.util.Random(5);
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < 330; i++) {
      out.append(words[random.nextInt(words.length)]).append(i % 17 == 16 ? ". Then " : " ");
    }
    return out.toString().strip();
  }

  @Test
  public void whatStandsOnEveryPageIsOfferedAndNotTaken() {
    StringBuilder text = new StringBuilder();
    List<String> lines = wrapped(many(), 60);
    for (int page = 0; page < 3; page++) {
      text.append("The Tarnlow Reader\n\n");
      text.append(String.join("\n", lines.subList(page * 9, page * 9 + 9))).append("\n\n");
      text.append(page + 4).append("\n\n");
    }
    Intake left = plain(text.toString());
    Offer offer =
        left.offers().stream()
            .filter(o -> o.kind() == Offer.Kind.RUNNING_LINES)
            .findFirst()
            .orElseThrow();
    assertEquals(
        offer.lines().stream().map(Offer.Line::words).toList(),
        List.of("The Tarnlow Reader", "4", "5", "6"));
    assertTrue(paragraphs(left).contains("5"), "nothing goes unasked");
    String taken = String.join(" ", paragraphs(plain(text.toString(), Offer.Kind.RUNNING_LINES)));
    assertFalse(taken.contains("Tarnlow Reader"), taken);
    assertEquals(
        taken.split("\\s+").length, String.join(" ", lines.subList(0, 27)).split("\\s+").length);
    // Numbers that only happen to stand alone are no pages.
    assertEquals(plain("21\n\nnights\n\n7\n\nstars").offers(), List.of());
  }

  @Test
  public void typedListsAreOfferedAndTakenWithOnePress() {
    for (String[] typed :
        new String[][] {
          {"1. one\n2. two\n3. three", "<ol>"},
          {"1) one\n2) two\n3) three", "<ol>"},
          {"a) one\nb) two\nc) three", "<ol type=\"a\">"},
          {"– one\n– two\n– three", "<ul>"},
        }) {
      for (IntakeSource material :
          List.of(
              IntakeSource.ofText(typed[0]),
              IntakeSource.ofHtml("<p>" + typed[0].replace("\n", "<br>") + "</p>"),
              IntakeSource.ofHtml("<p>" + typed[0].replace("\n", "</p><p>") + "</p>"))) {
        Intake left = Intake.read(material, PasteMode.PARAGRAPHS, Pictures.NONE, Destination.NEW);
        if (!material.html().isEmpty()) {
          left = Intake.read(material, PasteMode.CLEAN, Pictures.NONE, Destination.NEW);
        }
        assertEquals(left.offers().get(0).kind(), Offer.Kind.LISTS, typed[0]);
        Intake made =
            Intake.read(
                material,
                material.html().isEmpty() ? PasteMode.PARAGRAPHS : PasteMode.CLEAN,
                Pictures.NONE,
                Destination.NEW,
                Set.of(Offer.Kind.LISTS));
        assertEquals(
            HtmlWriter.write(made.document()),
            typed[1]
                + "\n<li>one</li>\n<li>two</li>\n<li>three</li>\n</"
                + typed[1].substring(1, 3)
                + ">");
        assertEquals(made.offers(), left.offers(), "what was taken can be left again");
      }
    }
    // Two could be anything, and so could numbers that do not count on.
    assertEquals(plain("– one\n– two").offers(), List.of());
    assertEquals(plain("1. one\n7. two\n3. three").offers(), List.of());
  }
}
