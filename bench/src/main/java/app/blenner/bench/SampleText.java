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

  /** The same kind of article as a word processor puts it on the clipboard. */
  static String pasted(int words) {
    Random random = new Random(2);
    StringBuilder out = new StringBuilder("<html><body>");
    int written = 0;
    for (int block = 0; written < words; block++) {
      if (block % 8 == 0) {
        out.append(
            "<p class=MsoNormal><b><span style='font-size:14.0pt;font-family:\"Calibri\",sans-serif'>");
        out.append(phrase(random, 5)).append("<o:p></o:p></span></b></p>\n");
        written += 5;
      } else if (block % 8 == 4) {
        for (int i = 0; i < 4; i++) {
          out.append(
              "<p class=MsoListParagraph style='margin-left:36.0pt;text-indent:-18.0pt;mso-list:l0 level1 lfo1'><![if !supportLists]><span style='font-family:Symbol'><span style='mso-list:Ignore'>·<span style='font:7.0pt \"Times New Roman\"'>&nbsp;&nbsp; </span></span></span><![endif]>");
          out.append(phrase(random, 8)).append("<o:p></o:p></p>\n");
          written += 8;
        }
      } else {
        out.append(
            "<p class=MsoNormal style='margin-bottom:8.0pt;line-height:107%'><span lang=EN-GB style='font-size:11.0pt;color:black'>");
        out.append(phrase(random, 24))
            .append(" <b style='mso-bidi-font-weight:normal'>")
            .append(phrase(random, 3));
        out.append("</b> ").append(phrase(random, 10));
        out.append(
            " <a href=\"https://mail.example/click?url=https%3A%2F%2Fexample.org%2Fpage&amp;u=3\"><span style='color:#0563C1'>");
        out.append(phrase(random, 3))
            .append("</span></a> ")
            .append(phrase(random, 20))
            .append(".<o:p></o:p></span></p>\n");
        written += 60;
      }
    }
    return out.append("</body></html>").toString();
  }

  private static String phrase(Random random, int length) {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < length; i++) {
      out.append(i > 0 ? " " : "").append(WORDS[random.nextInt(WORDS.length)]);
    }
    return out.toString();
  }
}
