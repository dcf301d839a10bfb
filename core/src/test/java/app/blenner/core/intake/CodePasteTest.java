package app.blenner.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Block;
import app.blenner.core.document.Code;
import app.blenner.core.format.office.Pictures;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.jsoup.nodes.Entities;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Program text keeps every space, however it comes: the same lines, put on the clipboard in all the ways in which editors,
 * terminals, word processors and web pages do. The dialects are common practice; the lines are made up.
 */
public class CodePasteTest {
  private static final String MONO = "font-family: Consolas, 'Courier New', monospace";

  private static final List<String> LINES =
      List.of(
          "def walk(steps):",
          "    # how far   it is",
          "    if steps < 3 and steps > 0:",
          "        return \"a & b\"",
          "",
          "    return [s for s in  steps]");

  private static String escaped(String line) {
    return Entities.escape(line);
  }

  private static String hard(String line) {
    return escaped(line).replace("  ", " &nbsp;").replaceFirst("^ ", "&nbsp;");
  }

  /** Each word in a span of some colour, as it is highlighted. */
  private static String coloured(String line, boolean hard) {
    if (line.isEmpty()) {
      return "";
    }
    Random chance = new Random(line.hashCode());
    return Arrays.stream((hard ? hard(line) : escaped(line)).split("(?<=\\s)(?=\\S)"))
        .map(
            w ->
                chance.nextBoolean()
                    ? "<span style=\"color: #" + (100 + chance.nextInt(899)) + "\">" + w + "</span>"
                    : w)
        .collect(Collectors.joining());
  }

  private static String lines(String before, String after, String between, boolean hard) {
    return LINES.stream()
        .map(l -> before + coloured(l, hard) + after)
        .collect(Collectors.joining(between));
  }

  @DataProvider
  public Object[][] dialects() {
    String pre = "white-space: pre";
    return new Object[][] {
      {"an element for code", "<pre><code>" + lines("", "", "\n", false) + "</code></pre>"},
      {"one without code in it", "<pre>" + lines("", "", "\n", false) + "</pre>"},
      {
        "a box for each line",
        "<pre>"
            + lines("<div>", "</div>", "", false).replace("<div></div>", "<div><br></div>")
            + "</pre>"
      },
      {"line breaks in it", "<pre><code>" + lines("", "", "<br>", false) + "</code></pre>"},
      {
        "an editor's boxes",
        "<div style=\""
            + MONO
            + "; "
            + pre
            + "\">"
            + lines("<div>", "</div>", "", false).replace("<div></div>", "<br>")
            + "</div>"
      },
      {
        "an editor's boxes, wrapped",
        "<meta charset=\"utf-8\"><div style=\"color: #000; "
            + MONO
            + "; white-space: pre-wrap;\"><div>"
            + lines("<span>", "</span>", "</div><div>", false).replace("<span></span>", "<br>")
            + "</div></div>"
      },
      {
        "one box with line breaks",
        "<div style=\"" + MONO + "\">" + lines("", "", "<br>", true) + "</div>"
      },
      {
        "a paragraph with line breaks",
        "<p style=\"" + MONO + "\">" + lines("", "", "<br>\n", true) + "</p>"
      },
      {
        "paragraphs of a word processor",
        lines("<p style=\"margin: 0; " + MONO + "\">", "</p>", "\n", true)
            .replace("></p>", ">&nbsp;</p>")
      },
      {
        "paragraphs whose words wear the font",
        lines("<p><span style=\"" + MONO + "\">", "</span></p>", "", true)
            .replace("></span>", ">&nbsp;</span>")
      },
      {
        "a font element",
        "<p><font face=\"Courier New\">" + lines("", "", "<br>", true) + "</font></p>"
      },
      {
        "a class of a sheet",
        "<style>.c { font-family: 'DejaVu Sans Mono'; white-space: pre }</style><div class=\"c\">"
            + lines("<div>", "</div>", "", false).replace("<div></div>", "<div><br></div>")
            + "</div>"
      },
      {
        "numbers in a cell beside it",
        "<table><tr><td><pre>1\n2\n3\n4\n5\n6</pre></td><td><pre>"
            + lines("", "", "\n", false)
            + "</pre></td></tr></table>"
      },
      {"a row for each line", "<table><tbody>" + rows() + "</tbody></table>"},
      {"a list in it", "<pre><ol>" + lines("<li>", "</li>", "", false) + "</ol></pre>"},
      {
        "words for code, with line breaks",
        "<p><code style=\"white-space: pre\">" + lines("", "", "\n", false) + "</code></p>"
      },
    };
  }

  private static String rows() {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < LINES.size(); i++) {
      out.append("<tr><td data-line-number=\"").append(i + 1).append("\"></td><td style=\"");
      out.append(MONO).append("; white-space: pre\">").append(coloured(LINES.get(i), false));
      out.append("</td></tr>");
    }
    return out.toString();
  }

  @Test(dataProvider = "dialects")
  public void everySpaceIsKept(String dialect, String html) {
    Intake intake =
        Intake.read(
            IntakeSource.ofHtml("<p>Before it.</p>" + html + "<p>After it.</p>"),
            PasteMode.CLEAN,
            Pictures.NONE,
            Destination.NEW);
    List<Block> blocks = intake.document().blocks();
    List<Code> code = blocks.stream().filter(Code.class::isInstance).map(Code.class::cast).toList();
    assertEquals(code.size(), 1, blocks.toString());
    assertEquals(code.get(0).text().stripTrailing(), String.join("\n", LINES), dialect);
    assertEquals(code.get(0).language(), "python");
    assertEquals(blocks.size(), 3, blocks.toString());
    assertTrue(
        intake.report().notes().stream().anyMatch(n -> n.contains("Python")),
        intake.report().notes().toString());
  }

  @Test
  public void tabsAreKept() {
    String text = "all:\n\tmvn test\n\t\tnext";
    Intake intake =
        Intake.read(
            IntakeSource.ofHtml("<pre>" + text + "</pre>"),
            PasteMode.CLEAN,
            Pictures.NONE,
            Destination.NEW);
    assertEquals(((Code) intake.document().blocks().get(0)).text(), text);
  }

  @DataProvider
  public Object[][] prose() {
    return new Object[][] {
      {
        "<p style=\"" + MONO + "\">A letter that somebody typed in this font, as one paragraph.</p>"
      },
      {"<p>Press <span style=\"" + MONO + "\">Ctrl S</span> to save.</p><p>Then go.</p>"},
      {
        "<div style=\"white-space: pre-wrap\"><div>A note of a chat.</div><div>And another.</div></div>"
      },
      {"<table><tr><td>1</td><td>One</td></tr><tr><td>2</td><td>Two</td></tr></table>"},
      {
        "<p style=\""
            + MONO
            + "\">Dear all,</p><p style=\""
            + MONO
            + "\">the hall is closed on Monday. Ada will be there on Tuesday, and so will the keeper.</p><p style=\""
            + MONO
            + "\">Until then, with best wishes from the hill</p>"
      },
    };
  }

  /** A font alone makes no program. */
  @Test(dataProvider = "prose")
  public void wordsStayWords(String html) {
    Intake intake =
        Intake.read(IntakeSource.ofHtml(html), PasteMode.CLEAN, Pictures.NONE, Destination.NEW);
    assertTrue(
        intake.document().blocks().stream().noneMatch(Code.class::isInstance),
        intake.document().toString());
  }

  @Test
  public void plainLinesOfAProgramAreOne() {
    Intake intake =
        Intake.read(
            IntakeSource.ofText(String.join("\n", LINES)),
            PasteMode.CLEAN,
            Pictures.NONE,
            Destination.NEW);
    assertEquals(intake.document().blocks(), List.of(new Code("python", String.join("\n", LINES))));
  }

  @DataProvider
  public Object[][] languages() {
    return new Object[][] {
      {
        "java",
        "public class Walk {\n  private int steps;\n\n  public int far() {\n    return steps * 2;\n  }\n}"
      },
      {"javascript", "const steps = [1, 2]\nfunction far() {\n  return steps.map((s) => s * 2)\n}"},
      {"css", ".walk {\n  color: #123;\n  margin: 0 auto;\n}"},
      {"html", "<ul>\n  <li class=\"walk\">One</li>\n  <li>Two</li>\n</ul>"},
      {"json", "{\n  \"walk\": 3,\n  \"open\": true\n}"},
      {"sql", "SELECT name, length\nFROM walk\nWHERE length > 3\nORDER BY name;"},
      {"bash", "#!/bin/bash\nfor f in *.txt; do\n  echo \"$f\"\ndone"},
      {"yaml", "walk:\n  length: 3\n  open: true\nkeeper: ada"},
    };
  }

  @Test(dataProvider = "languages")
  public void itsLanguageIsGuessed(String language, String text) {
    String html = "<pre>" + Entities.escape(text) + "</pre>";
    List<Block> blocks =
        Intake.read(IntakeSource.ofHtml(html), PasteMode.CLEAN, Pictures.NONE, Destination.NEW)
            .document()
            .blocks();
    assertEquals(blocks, List.of(new Code(language, text)));
  }
}
