package app.blenner.core.related;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.item.Content;
import java.util.List;
import org.testng.annotations.Test;

/** Why one item is offered beside another. */
public class RelationTest {
  private static TopicProfile subject(
      String key, String body, String section, List<String> topics, String language) {
    return TopicProfile.of(
        key,
        Content.builder()
            .title("T")
            .body(HtmlReader.read(body))
            .section(section)
            .topics(topics)
            .keywords(List.of("Lamp"))
            .slug("t")
            .language(language)
            .build(),
        "en");
  }

  private static TopicProfile plain(String key, String body) {
    return subject(key, body, "sky", List.of(), "en");
  }

  @Test
  public void theReasonNamesWhatIsSharedInTheOrderOfItsWeight() {
    TopicProfile one =
        subject(
            "aaaaaaaaaa",
            "<p>A meter here, two meters there. <a href=\"../items/bbbbbbbbbb.html\">See</a></p>",
            "sky",
            List.of("kit", "moon"),
            "en");
    TopicProfile other =
        subject(
            "bbbbbbbbbb",
            "<p>Meters measure. Every meter differs.</p>",
            "sky",
            List.of("moon", "kit", "way"),
            "en");
    Relation relation = Relation.betweenProfiles(one, other);
    assertEquals(
        relation.reason(),
        "is linked to, shares 2 topics, has the keyword lamp, both speak of "
            + one.terms().values().iterator().next());
    assertTrue(
        relation.weight()
            > Relation.betweenProfiles(one, plain("cccccccccc", "<p>x</p>")).weight());
    assertTrue(Relation.betweenProfiles(other, one).reason().startsWith("links here, "));
  }

  @Test
  public void topicsOfTwoSectionsAndWordsOfTwoLanguagesHaveNothingInCommon() {
    TopicProfile one = subject("a", "<p>Gift, gift.</p>", "sky", List.of("moon"), "en");
    TopicProfile other = subject("b", "<p>Gift, Gift.</p>", "visit", List.of("moon"), "de");
    assertEquals(Relation.betweenProfiles(one, other).reason(), "has the keyword lamp");
  }

  @Test
  public void nothingInCommonIsNoReason() {
    Content bare = Content.builder().title("T").body(HtmlReader.read("<p>x</p>")).slug("t").build();
    Relation relation =
        Relation.betweenProfiles(
            TopicProfile.of("a", bare, "en"), TopicProfile.of("b", bare, "en"));
    assertEquals(relation, new Relation(0, ""));
  }
}
