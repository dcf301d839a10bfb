package app.blenner.spelling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.proofread.ProofreadRemark;
import app.blenner.core.proofread.ProofreadRemark.Sort;
import app.blenner.core.proofread.ProofreadRequest;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.languagetool.JLanguageTool;
import org.languagetool.Languages;
import org.languagetool.rules.CorrectExample;
import org.languagetool.rules.IncorrectExample;
import org.languagetool.rules.Rule;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Texts read in the languages that are there. LanguageTool’s own examples go the way that ours go. */
public class LanguageToolPoolTest {
  private static final LanguageToolPool READERS = new LanguageToolPool();

  private static List<ProofreadRemark> read(String language, String text) throws IOException {
    return READERS.read(new ProofreadRequest(language, text));
  }

  @DataProvider
  public Object[][] misspelled() {
    return new Object[][] {
      {"en-GB", "They recieve guests in the evening.", "recieve", "receive"},
      {"en", "The colour of the sky was beautifull.", "beautifull", "beautiful"},
      {"en-US", "The colour of the sky.", "colour", "color"},
      {"en-GB", "The color of the sky.", "color", "colour"},
      {"de", "Der Himmel ist heute seer dunkel.", "seer", "sehr"},
      {"de-AT", "Im Jänner liegt Schne.", "Schne", "Schnee"},
      {"fr", "Les étoiles brillent dans la nuitt.", "nuitt", "nuit"},
      {"es", "Las estrelas brillan en la noche.", "estrelas", "estrellas"},
      {"it", "Le stele brillano nella nottte.", "nottte", "notte"},
      {"nl", "De sterren schijnen in de nachtt.", "nachtt", "nacht"}
    };
  }

  @Test(dataProvider = "misspelled")
  public void misspelledWordsAreFoundAndWhatIsMeantIsSaid(
      String language, String text, String wrong, String right) throws IOException {
    List<ProofreadRemark> found =
        read(language, text).stream()
            .filter(r -> text.substring(r.from(), r.to()).equals(wrong))
            .toList();
    assertTrue(!found.isEmpty(), read(language, text) + "");
    assertEquals(found.get(0).sort(), Sort.SPELLING);
    assertTrue(found.get(0).better().contains(right), found.get(0).better() + "");
  }

  @Test
  public void wordsThatDoNotGoTogetherAreFound() throws IOException {
    String text = "She go home before the rain.";
    ProofreadRemark found = read("en-GB", text).get(0);
    assertEquals(text.substring(found.from(), found.to()), "go");
    assertEquals(found.sort(), Sort.GRAMMAR);
    assertTrue(found.better().contains("goes"), found + "");
    assertTrue(!found.message().contains("<"), found.message());
  }

  @DataProvider
  public Object[][] sound() {
    return new Object[][] {
      {"en-GB", "The reserve opens at dusk. Bring a red torch, a warm coat and a friend."},
      {"en-GB", "opening times"},
      {"de", "Das Gelände öffnet bei Einbruch der Dunkelheit."},
      {"fr", "La réserve ouvre à la tombée de la nuit."},
      {"xx", "Nobdy knoows thiss langguage."},
      {"ja", "星空を見上げる。"},
      {"en-GB", ""}
    };
  }

  @Test(dataProvider = "sound")
  public void soundTextsAreLeftAlone(String language, String text) throws IOException {
    assertEquals(read(language, text), List.of());
  }

  @Test
  public void thePlacesAreThoseOfTheTextAsItStands() throws IOException {
    String text = "🌌🌌 “Ünïcode” and recieve – it’s true.";
    ProofreadRemark found =
        read("en-GB", text).stream()
            .filter(r -> text.substring(r.from(), r.to()).equals("recieve"))
            .findFirst()
            .orElseThrow();
    assertEquals(found.from(), text.indexOf("recieve"));
  }

  @DataProvider
  public Object[][] tags() {
    return new Object[][] {
      {"en", "en-GB"},
      {"en-IE", "en-GB"},
      {"en-US", "en-US"},
      {"de", "de-DE"},
      {"de-CH", "de-CH"},
      {"fr-CA", "fr"},
      {"nl-BE", "nl"}
    };
  }

  @Test(dataProvider = "tags")
  public void aLanguageIsReadByTheSpellingOfItsCountry(String tag, String by) {
    assertEquals(LanguageToolPool.language(tag), Optional.of(by));
  }

  @Test
  public void whereThereIsNoDictionaryNobodyReads() {
    assertEquals(LanguageToolPool.language("ja"), Optional.empty());
    assertEquals(LanguageToolPool.language(""), Optional.empty());
  }

  /**
   * LanguageTool’s own examples, those that are in its rules: what it says is wrong with them by itself, it says by our way
   * too, at the same place.
   */
  @Test
  public void itsOwnExamplesAreFoundByOurWay() throws IOException {
    JLanguageTool itself = new JLanguageTool(Languages.getLanguageForShortCode("en-GB"));
    int asked = 0;
    List<String> missed = new ArrayList<>();
    for (Rule rule : itself.getAllActiveRules()) {
      List<IncorrectExample> wrong = rule.getIncorrectExamples();
      if (wrong.isEmpty() || asked >= 400) {
        continue;
      }
      String marked = wrong.get(0).getExample();
      String text = marked.replace("<marker>", "").replace("</marker>", "");
      boolean byItself =
          itself.check(text).stream().anyMatch(m -> m.getRule().getId().equals(rule.getId()));
      List<ProofreadRemark> ours = read("en-GB", text);
      boolean byUs = ours.stream().anyMatch(r -> r.rule().equals(rule.getId()));
      if (byItself && !byUs && !isLeftToTidy(rule)) {
        missed.add(rule.getId() + ": " + text);
      }
      asked++;
    }
    assertTrue(asked >= 300, asked + " examples");
    assertEquals(missed, List.of());
  }

  private static boolean isLeftToTidy(Rule rule) {
    return rule.getCategory().getId().toString().equals("TYPOGRAPHY")
        || rule.getId().contains("WHITESPACE")
        || rule.getId().contains("QUOTES")
        || rule.getId().startsWith("UPPERCASE_SENTENCE_START")
        || rule.getId().equals("DOUBLE_PUNCTUATION");
  }

  @Test
  public void itsSoundExamplesOfSpellingAreLeftAlone() throws IOException {
    JLanguageTool itself = new JLanguageTool(Languages.getLanguageForShortCode("en-GB"));
    for (Rule rule : itself.getAllActiveRules()) {
      if (rule.isDictionaryBasedSpellingRule()) {
        for (CorrectExample sound : rule.getCorrectExamples()) {
          String text = sound.getExample().replace("<marker>", "").replace("</marker>", "");
          assertEquals(
              read("en-GB", text).stream().filter(r -> r.sort() == Sort.SPELLING).toList(),
              List.of(),
              text);
        }
      }
    }
  }
}
