package app.blenner.core.message;

import java.util.List;
import java.util.stream.Collectors;

/**
 * The letter that tells the site's people of a message, as RFC 5322 has it: header lines, an empty
 * line, the text. Nothing a visitor wrote can add a header line.
 *
 * @param to who gets it
 * @param replyTo who an answer goes to, or empty
 * @param subject its subject
 * @param text its text
 */
public record Letter(String to, String replyTo, String subject, String text) {

  /** The letter for a message left at an item. */
  public static Letter of(String to, String site, String title, Submission submission) {
    String text =
        submission.answers().stream()
            .map(a -> a.label() + ":\n" + (a.text().isEmpty() ? "(left empty)" : a.text()))
            .collect(Collectors.joining("\n\n"));
    return new Letter(
        to, submission.replyTo(), "Message from “" + title + "”", text + "\n\n-- \n" + site + "\n");
  }

  /** The letter as it would go out. */
  public String source() {
    return List.of(
                "To: " + lineOf(to), "Reply-To: " + lineOf(replyTo), "Subject: " + lineOf(subject))
            .stream()
            .filter(l -> !l.endsWith(": "))
            .collect(Collectors.joining("\n"))
        + "\nContent-Type: text/plain; charset=utf-8\n\n"
        + text;
  }

  private static String lineOf(String value) {
    return value.replaceAll("[\\r\\n]+", " ");
  }
}
