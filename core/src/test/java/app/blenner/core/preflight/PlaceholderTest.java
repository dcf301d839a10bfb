package app.blenner.core.preflight;

import static org.testng.Assert.assertEquals;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kinds;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.PassageCache;
import app.blenner.core.rule.RuleContext;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.testng.annotations.Test;

/** Each form of a placeholder is found wherever it stands and however its capitals are, and nothing like it is. */
public class PlaceholderTest {
  private static final List<String> IN_ANY_CASE =
      List.of(
          "lorem ipsum",
          "dolor sit amet",
          "Blindtext",
          "Platzhalter",
          "Platzhaltertext",
          "faux texte",
          "faux-texte",
          "texte à venir",
          "texto de relleno",
          "testo segnaposto",
          "vultekst",
          "placeholder text",
          "your text here",
          "xxxx",
          "xxxxxxx",
          "insert text here",
          "insert your name here",
          "insert the caption here",
          "(title to come)",
          "[figure to follow]",
          "(tbd)",
          "[TBC]",
          "(two words more tba)",
          "[todo]",
          "(tk)",
          "(folgt)",
          "[Text folgt noch]",
          "(Zahl folgt)",
          "(Foto kommt noch)",
          "[noch offen]",
          "(à compléter)",
          "[à venir]",
          "(por definir)",
          "(da completare)",
          "[nog in te vullen]",
          "(volgt nog)",
          "(do uzupełnienia)",
          "(a definir)",
          "copy to come",
          "figures to come");

  private static final List<String> AS_WRITTEN =
      List.of(
          "xxx", "TK", "TKTK", "TBD", "TODO", "???", "?????", "£XX", "$ XXX", "XX Euro", "XXX €");

  private static final List<String> NONE =
      List.of(
          "Todor came",
          "the tkinter window",
          "Is that so??",
          "exxon",
          "a fix in the text",
          "(see the text)",
          "folgt man dem Weg",
          "insert a coin here",
          "lorem",
          "XX. century");

  private static List<Finding> found(String text) {
    Content content = Content.EMPTY.withBody(HtmlReader.read("<p>" + text + "</p>"));
    return new Placeholder()
        .check(
            Subject.of(content, RuleContext.of(Kinds.STANDARD.get(0)), new PassageCache(0)),
            Settings.USUAL);
  }

  @Test
  public void eachFormIsFound() {
    Random random = new Random(3);
    for (String form : IN_ANY_CASE) {
      for (String written : List.of(form, form.toUpperCase(Locale.ROOT), mixed(form, random))) {
        assertEquals(found("At night, " + written + " and then.").size() > 0, true, written);
      }
    }
    for (String form : AS_WRITTEN) {
      assertEquals(found("At night, " + form + " and then.").size() > 0, true, form);
    }
  }

  private static String mixed(String form, Random random) {
    StringBuilder out = new StringBuilder();
    for (char c : form.toCharArray()) {
      out.append(random.nextBoolean() ? Character.toUpperCase(c) : c);
    }
    return out.toString();
  }

  @Test
  public void whatOnlyLooksLikeOneIsNot() {
    for (String words : NONE) {
      assertEquals(found("At night, " + words + " and then."), List.of(), words);
    }
  }
}
