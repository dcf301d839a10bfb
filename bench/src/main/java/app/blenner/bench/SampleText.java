package app.blenner.bench;

import java.util.Random;

/** A made-up article of so many words, with the headings, lists, links and pictures of a real one. */
final class SampleText {
  private static final String[] WORDS =
      "the sky over ridge is dark and every star has a place where people wait for light to go out"
          .split(" ");

  private SampleText() {}

  static String html(int words) {
    Random random = new Random(1);
    StringBuilder out = new StringBuilder();
    int written = 0;
    for (int block = 0; written < words; block++) {
      if (block % 8 == 0) {
        out.append("<h2>").append(phrase(random, 5)).append("</h2>\n");
        written += 5;
      } else if (block % 8 == 4) {
        out.append("<ul>\n");
        for (int i = 0; i < 4; i++) {
          out.append("<li>").append(phrase(random, 8)).append("</li>\n");
          written += 8;
        }
        out.append("</ul>\n");
      } else if (block % 8 == 6) {
        out.append("<figure class=\"picture\"><img src=\"../assets/ridge.jpg\" alt=\"A ridge\">");
        out.append("<figcaption>").append(phrase(random, 6)).append("</figcaption></figure>\n");
        written += 6;
      } else {
        out.append("<p>").append(phrase(random, 24)).append(" <strong>").append(phrase(random, 3));
        out.append("</strong> ")
            .append(phrase(random, 10))
            .append(" <a href=\"https://example.org/page\">");
        out.append(phrase(random, 3)).append("</a> ").append(phrase(random, 20)).append(".</p>\n");
        written += 60;
      }
    }
    return out.toString().strip();
  }

  /**
   * The same kind of article as a desktop word processor puts it on the clipboard: with definitions of
   * its styles and lists in front, and theme fonts and languages said of every run. The shape is
   * written down from memory of such clipboards.
   */
  static String pasted(int words) {
    Random random = new Random(2);
    StringBuilder out = new StringBuilder(definitions());
    int written = 0;
    for (int block = 0; written < words; block++) {
      if (block % 8 == 0) {
        out.append(
                "<p class=MsoNormal><b style='mso-bidi-font-weight:normal'><span lang=EN-GB style='font-size:14.0pt;line-height:107%;")
            .append(THEME)
            .append("'>");
        out.append(phrase(random, 5)).append("<o:p></o:p></span></b></p>\n\n");
        written += 5;
      } else if (block % 8 == 4) {
        for (int i = 0; i < 4; i++) {
          out.append(
              "<p class=MsoListParagraphCxSpMiddle style='margin-left:36.0pt;mso-add-space:auto;text-indent:-18.0pt;mso-list:l0 level1 lfo1'><![if !supportLists]><span lang=EN-GB style='font-family:Symbol;mso-fareast-font-family:Symbol;mso-bidi-font-family:Symbol'><span style='mso-list:Ignore'>·<span style='font:7.0pt \"Times New Roman\"'>&nbsp;&nbsp;&nbsp;&nbsp;&nbsp;&nbsp;&nbsp; </span></span></span><![endif]><span lang=EN-GB>");
          out.append(phrase(random, 8)).append("<o:p></o:p></span></p>\n\n");
          written += 8;
        }
      } else {
        out.append(
                "<p class=MsoNormal style='margin-top:0cm;margin-right:0cm;margin-bottom:8.0pt;margin-left:0cm;line-height:107%'><span lang=EN-GB style='font-size:11.0pt;line-height:107%;")
            .append(THEME)
            .append(";color:black'>");
        out.append(phrase(random, 24))
            .append(" <b style='mso-bidi-font-weight:normal'>")
            .append(phrase(random, 3));
        out.append("</b> ").append(phrase(random, 10));
        out.append(
            " <a href=\"https://mail.example/click?url=https%3A%2F%2Fexample.org%2Fpage&amp;u=3\"><span style='color:#0563C1'>");
        out.append(phrase(random, 3))
            .append("</span></a> ")
            .append(phrase(random, 20))
            .append(".<o:p></o:p></span></p>\n\n");
        written += 60;
      }
    }
    return out.append("<!--EndFragment-->\n</body>\n</html>").toString();
  }

  private static final String THEME =
      "font-family:\"Calibri\",sans-serif;mso-ascii-theme-font:minor-latin;mso-fareast-font-family:Calibri;mso-fareast-theme-font:minor-latin;"
          + "mso-hansi-theme-font:minor-latin;mso-bidi-font-family:\"Times New Roman\";mso-bidi-theme-font:minor-bidi;"
          + "mso-ansi-language:EN-GB;mso-fareast-language:EN-US;mso-bidi-language:AR-SA";

  private static String definitions() {
    StringBuilder out =
        new StringBuilder(
            "<html xmlns:o=\"urn:schemas-microsoft-com:office:office\" xmlns:w=\"urn:schemas-microsoft-com:office:word\">\n<head>\n<meta name=ProgId content=Word.Document>\n<!--[if gte mso 9]><xml><w:WordDocument><w:View>Normal</w:View></w:WordDocument></xml><![endif]-->\n<style>\n<!--\n");
    for (String name : "Normal Title Quote Caption ListParagraph Header Footer".split(" ")) {
      out.append(" p.Mso").append(name).append(", li.Mso").append(name);
      out.append("\n\t{mso-style-priority:34;mso-style-qformat:yes;margin:0cm;font-size:11.0pt;");
      out.append(THEME).append(";}\n");
    }
    for (int list = 0; list < 3; list++) {
      for (int level = 1; level <= 9; level++) {
        out.append("@list l").append(list).append(":level").append(level);
        out.append(
            "\n\t{mso-level-number-format:bullet;mso-level-text:·;mso-level-tab-stop:none;mso-level-number-position:left;text-indent:-18.0pt;font-family:Symbol;}\n");
      }
    }
    return out.append(
            "-->\n</style>\n</head>\n<body lang=EN-GB style='tab-interval:36.0pt;word-wrap:break-word'>\n<!--StartFragment-->\n")
        .toString();
  }

  private static String phrase(Random random, int length) {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < length; i++) {
      out.append(i > 0 ? " " : "").append(WORDS[random.nextInt(WORDS.length)]);
    }
    return out.toString();
  }
}
