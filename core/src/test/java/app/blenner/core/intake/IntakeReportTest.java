package app.blenner.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.RunningText;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.office.Pictures;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * The report as a property: what it says was kept is there, what it says was dropped is gone, and what is gone was said;
 * over random clipboards of nested and mixed pieces, in which every visible and every hidden word is known.
 */
public class IntakeReportTest {
  private static final String DOT = "https://t.example/p.gif";

  /** A random clipboard, and what is in it. */
  private static final class Clipboard {
    private final Random random;
    private final Map<String, Integer> holds = new HashMap<>();
    private final StringBuilder shown = new StringBuilder();
    private int words;

    Clipboard(long seed) {
      random = new Random(seed);
    }

    private void count(String what) {
      holds.merge(what, 1, Integer::sum);
    }

    private String word() {
      String word = "w" + words++ + "x";
      shown.append(word).append(' ');
      return word;
    }

    private String inline() {
      return switch (random.nextInt(12)) {
        case 0 -> {
          count("link");
          yield "<a href='https://x.example/" + random.nextInt(9) + "'>" + word() + "</a>";
        }
        case 1 -> {
          count("link that led nowhere");
          yield "<a href='file:///C:/x'>" + word() + "</a>";
        }
        case 2 -> {
          count("tracking picture");
          yield word() + "<img src='" + DOT + "' height=1>";
        }
        case 3 -> {
          count("hidden piece");
          yield word() + "<span class=away>secret</span>";
        }
        case 4 -> {
          count("detour around a link");
          count("link");
          yield "<a href='https://x.example/url?q=https%3A%2F%2Fgoal.example%2F'>"
              + word()
              + "</a>";
        }
        case 5 -> word() + " <img alt='🎉' src='https://x.example/e.png' width=18> " + word();
        case 6 -> "<b>" + word() + "</b>";
        case 7 -> "<span class=heavy>" + word() + "</span>";
        case 8 -> "<i>" + word() + " <s>" + word() + "</s></i>";
        default -> word() + " " + word();
      };
    }

    private String block(int depth) {
      if (depth > 5) {
        return "<p>" + inline() + "</p>";
      }
      return switch (random.nextInt(11)) {
        case 0 -> {
          count("heading");
          yield "<h2>" + word() + "</h2>";
        }
        case 1 -> {
          if (depth == 0) {
            count("list");
          }
          yield "<ul><li>" + inline() + "</li><li>" + inline() + "</li></ul>";
        }
        case 2 -> {
          count("even edge of a justified paragraph");
          yield "<p style='text-align:justify'>" + inline() + "</p>";
        }
        case 3 -> "<div>" + block(depth + 1) + block(depth + 1) + "</div>";
        case 4 -> {
          count("table that only laid the page out");
          yield "<table role=presentation><tr><td>" + block(depth + 1) + "</td></tr></table>";
        }
        case 5 -> {
          count("quote");
          yield "<blockquote>" + block(6) + "</blockquote>";
        }
        case 6 -> "<section><p>" + inline() + "</p>" + block(depth + 1) + "</section>";
        case 7 -> {
          count("empty line");
          yield "<p>" + inline() + "</p><p>&nbsp;</p>";
        }
        default -> "<p>" + inline() + " " + inline() + "</p>";
      };
    }

    String html() {
      StringBuilder out =
          new StringBuilder("<style>.away{display:none} .heavy{font-weight:700}</style>");
      for (int i = 1 + random.nextInt(6); i > 0; i--) {
        out.append(block(0));
      }
      return out.toString();
    }
  }

  private static Map<String, Integer> told(List<IntakeReport.Count> counts) {
    Map<String, Integer> out = new HashMap<>();
    for (IntakeReport.Count c : counts) {
      String one = c.what().replaceFirst("^(\\w+?)s( that| around| of|$)", "$1$2");
      out.put(
          switch (c.what()) {
            case "links that led nowhere" -> "link that led nowhere";
            case "tables that only laid the page out" -> "table that only laid the page out";
            case "tracking pictures" -> "tracking picture";
            case "hidden pieces" -> "hidden piece";
            case "empty lines" -> "empty line";
            case "detours around links" -> "detour around a link";
            case "even edges of justified paragraphs" -> "even edge of a justified paragraph";
            default -> one;
          },
          c.number());
    }
    return out;
  }

  @DataProvider
  public Object[][] seeds() {
    return new Object[][] {{1_000L}, {2_000L}, {3_000L}, {4_000L}};
  }

  @Test(dataProvider = "seeds")
  public void saysWhatWasKeptAndDroppedAndNothingElse(long seed) {
    for (int n = 0; n < 500; n++) {
      Clipboard clipboard = new Clipboard(seed + n);
      String html = clipboard.html();
      Intake intake = SecondRoundTest.take(html);
      String got = String.join(" ", RunningText.of(intake.document()));
      assertEquals(
          got.replace("🎉", " ").trim().split("\\s+"),
          clipboard.shown.toString().trim().split("\\s+"),
          html);
      Map<String, Integer> kept = told(intake.report().kept());
      Map<String, Integer> dropped = told(intake.report().dropped());
      dropped.keySet().removeIf(what -> what.startsWith("style setting"));
      Element out = Jsoup.parse(HtmlWriter.write(intake.document())).body();
      // What is said to be kept is there.
      assertEquals(kept.getOrDefault("heading", 0).intValue(), out.select("h2").size(), html);
      assertEquals(kept.getOrDefault("quote", 0).intValue(), out.select("blockquote").size(), html);
      assertEquals(out.select("img").size(), 0, html);
      // What went in came out, or was said to be gone.
      for (String what : List.of("heading", "link", "quote")) {
        assertEquals(
            kept.getOrDefault(what, 0),
            clipboard.holds.getOrDefault(what, 0),
            what + " in " + html);
      }
      for (String what :
          List.of(
              "link that led nowhere",
              "tracking picture",
              "hidden piece",
              "detour around a link",
              "even edge of a justified paragraph",
              "table that only laid the page out",
              "empty line")) {
        assertEquals(
            dropped.getOrDefault(what, 0),
            clipboard.holds.getOrDefault(what, 0),
            what + " in " + html);
        dropped.remove(what);
      }
      assertTrue(dropped.isEmpty(), dropped + " in " + html);
    }
  }

  /** However deep something is nested, it is a text or refused in words; it never hangs, and loses no word. */
  @Test(timeOut = 180_000)
  public void nothingNestedHoldsAnybodyUp() {
    for (String[] piece :
        new String[][] {
          {"<table><tr><td>", "</td></tr></table>"},
          {"<ul><li>", "</li></ul>"},
          {"<ol><li><p>", "</p></li></ol>"},
          {"<blockquote>", "</blockquote>"},
          {"<div class=a>", "</div>"},
          {"<span style='font-size:12pt'>", "</span>"},
          {"<b><i><u>", "</u></i></b>"},
          {"<font size=2>", "</font>"},
          {"<section><p>", "</p></section>"},
          {"<a href='#x'>", "</a>"},
          {"<details><summary>", "</summary></details>"},
          {"<ul><li aria-level=1>", "</li></ul>"},
          {"<table><tr><td><ul><li><div>", "</div></li></ul></td></tr></table>"},
        }) {
      for (int deep : new int[] {40, 500, 10_000}) {
        String html =
            "<p>before</p>"
                + piece[0].repeat(deep)
                + "within"
                + piece[1].repeat(deep)
                + "<p>after</p>";
        for (PasteMode mode : List.of(PasteMode.CLEAN, PasteMode.FORMATTED, PasteMode.PARAGRAPHS)) {
          Intake intake =
              Intake.read(IntakeSource.ofHtml(html), mode, Pictures.NONE, Destination.NEW);
          String words = String.join(" ", RunningText.of(intake.document()));
          // Beyond what a parser holds, the order is its own; the words are all there.
          for (String word : List.of("before", "within", "after")) {
            assertEquals(words.split(word, -1).length, 2, word + " in " + piece[0] + deep + mode);
          }
        }
      }
    }
  }
}
