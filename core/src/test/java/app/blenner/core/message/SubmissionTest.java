package app.blenner.core.message;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.ContactForm;
import app.blenner.core.document.ContactForm.Field;
import app.blenner.core.document.ContactForm.Kind;
import app.blenner.core.language.SiteWords;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** What visitors fill into forms. */
public class SubmissionTest {
  private static final ContactForm FORM =
      new ContactForm(
          List.of(
              new Field(Kind.NAME, "Your name", true, List.of()),
              new Field(Kind.EMAIL, "Mail", true, List.of()),
              new Field(Kind.PHONE, "Telephone", false, List.of()),
              new Field(Kind.CHOICE, "Night", false, List.of("Friday", "Saturday")),
              new Field(Kind.MESSAGE, "Message", true, List.of()),
              new Field(Kind.AGREEMENT, "I agree", true, List.of())),
          "Send");

  private static final Map<String, String> GOOD =
      Map.of(
          "name-1", "Ada",
          "email-2", "ada@example.org",
          "phone-3", "+44 1632 960001",
          "choice-4", "Friday",
          "message-5", "Line one\nline two",
          "agreement-6", "yes");

  private static Submission with(String name, String value) {
    Map<String, String> given = new java.util.HashMap<>(GOOD);
    given.put(name, value);
    return Submission.read(FORM, given, SiteWords.of("en"));
  }

  @Test
  public void aGoodMessageHasNoProblem() {
    Submission s = Submission.read(FORM, GOOD, SiteWords.of("en"));
    assertEquals(s.problems(), Map.of());
    assertFalse(s.robot());
    assertEquals(s.replyTo(), "ada@example.org");
    assertEquals(s.answers().get(4).text(), "Line one\nline two");
  }

  @Test
  public void eachAnswerIsLookedAt() {
    assertEquals(with("name-1", "  ").problems().get("name-1"), "This is needed.");
    assertTrue(with("email-2", "ada@").problems().get("email-2").startsWith("A mail address"));
    assertTrue(with("email-2", "a@b").problems().containsKey("email-2"));
    assertTrue(with("phone-3", "call me").problems().containsKey("phone-3"));
    assertTrue(with("choice-4", "Monday").problems().containsKey("choice-4"));
    assertTrue(with("message-5", "x".repeat(10_001)).problems().containsKey("message-5"));
    assertEquals(with("agreement-6", "").problems().get("agreement-6"), "This must be agreed to.");
    assertEquals(with("phone-3", "").problems(), Map.of());
  }

  @Test
  public void whoeverFillsInTheUnseenFieldIsARobot() {
    assertTrue(with(Submission.TRAP, "https://spam.example").robot());
  }

  /** RFC 5322, section 2.2: a header field ends with its line, so nobody may begin another. */
  @Test
  public void nothingAVisitorWroteAddsAHeaderLine() {
    Submission s = with("name-1", "Ada\r\nBcc: all@example.org");
    Letter letter = Letter.of("lodge@tarnlow.example", "Tarnlow", "About\r\nX-A: b", s);
    String head = letter.source().substring(0, letter.source().indexOf("\n\n"));
    assertEquals(
        head.lines().map(l -> l.substring(0, l.indexOf(':'))).toList(),
        List.of("To", "Reply-To", "Subject", "Content-Type"));
    assertTrue(letter.text().contains("Message:\nLine one\nline two"));
  }
}
