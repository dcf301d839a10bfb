package app.blenner.core.language;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;

import app.blenner.core.item.Content;
import app.blenner.core.related.TopicProfile;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The language tags of RFC 5646, Appendix A, as an item carries them. */
public class LanguageTagsTest {

  /** Each example with its canonical form (RFC 5646, 4.5), where that is another. */
  @DataProvider
  public Object[][] examples() {
    return new Object[][] {
      {"de", "de"},
      {"fr", "fr"},
      {"ja", "ja"},
      {"zh-Hant", "zh-Hant"},
      {"zh-Hans", "zh-Hans"},
      {"sr-Cyrl", "sr-Cyrl"},
      {"sr-Latn", "sr-Latn"},
      {"zh-cmn-Hans-CN", "cmn-Hans-CN"},
      {"cmn-Hans-CN", "cmn-Hans-CN"},
      {"zh-yue-HK", "yue-HK"},
      {"yue-HK", "yue-HK"},
      {"zh-Hans-CN", "zh-Hans-CN"},
      {"sr-Latn-RS", "sr-Latn-RS"},
      {"sl-rozaj", "sl-rozaj"},
      {"sl-rozaj-biske", "sl-rozaj-biske"},
      {"sl-nedis", "sl-nedis"},
      {"de-CH-1901", "de-CH-1901"},
      {"sl-IT-nedis", "sl-IT-nedis"},
      {"hy-Latn-IT-arevela", "hy-Latn-IT-arevela"},
      {"de-DE", "de-DE"},
      {"en-US", "en-US"},
      {"es-419", "es-419"},
      {"de-CH-x-phonebk", "de-CH-x-phonebk"},
      {"az-Arab-x-AZE-derbend", "az-Arab-x-aze-derbend"},
      {"x-whatever", "x-whatever"},
      {"qaa-Qaaa-QM-x-southern", "qaa-Qaaa-QM-x-southern"},
      {"de-Qaaa", "de-Qaaa"},
      {"sr-Latn-QM", "sr-Latn-QM"},
      {"sr-Qaaa-RS", "sr-Qaaa-RS"},
      {"en-US-u-islamcal", "en-US-u-islamcal"},
      {"zh-CN-a-myext-x-private", "zh-CN-a-myext-x-private"},
      {"en-a-myext-b-another", "en-a-myext-b-another"},
      // RFC 5646, 2.1.1: case says nothing.
      {"MN-cYRL-mn", "mn-Cyrl-MN"},
    };
  }

  @Test(dataProvider = "examples")
  public void aTagIsKeptInItsCanonicalForm(String given, String canonical) {
    Content content = Content.builder().title("T").slug("t").language(given).build();
    assertEquals(content.language(), canonical);
    assertNotNull(SiteWords.of(content.language()).get("skip"));
    assertNotNull(WritingLanguage.of(content.language()).quotes());
    assertNotNull(TopicProfile.of("k", content, "en").language());
  }

  /** Something that is not a tag names no language, and takes no text with it. */
  @Test
  public void whatIsNoTagIsNone() {
    for (String no : new String[] {"a-DE", "", "-", "ä", "de_DE", "1234"}) {
      Content content = Content.builder().title("T").slug("t").language(no).build();
      assertEquals(content.language(), "", no);
      assertEquals(content.languageOn("en-GB"), "en-GB");
    }
  }
}
