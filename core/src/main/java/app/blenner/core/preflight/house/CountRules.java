package app.blenner.core.preflight.house;

import app.blenner.core.document.Address;
import app.blenner.core.document.Picture;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.language.Counts;
import app.blenner.core.language.WordCounts;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Subject;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;

/** The lengths and counts that a house can set. All are off until it does: no number is right for every site. */
public final class CountRules {
  private static final String PRACTICE = "Common practice: ";

  private CountRules() {}

  /** Lengths of an item’s fields, and counts of what it has. */
  public static List<Rule> ofItems() {
    return List.of(
        of(
            "title-length",
            "The length of the title",
            "A title that is too short says little, and a long one is cut off in lists.",
            "some 20 to 70 characters",
            new CountedPart(
                "The title has",
                "character",
                "characters",
                "title",
                s -> length(title(s)),
                s -> !title(s).isEmpty()),
            300,
            20,
            70),
        of(
            "summary-characters",
            "The length of the summary, least and most",
            "A summary tells in a line or two what readers get.",
            "some 50 to 200 characters",
            new CountedPart(
                "The summary has",
                "character",
                "characters",
                "summary",
                s -> length(s.content().summary()),
                s -> !s.content().summary().isEmpty()),
            2000,
            50,
            200),
        of(
            "body-words",
            "Words in the text",
            "Readers and search engines take a very short text for an empty page, and few read a very long one to its end.",
            "from some 200 words",
            new CountedPart(
                "The text has",
                "word",
                "words",
                "body",
                s -> WordCounts.of(s.content().body()).words(),
                s -> true),
            100_000,
            200,
            3000),
        of(
            "headings-count",
            "Headings in the text",
            "Headings let readers find the part they came for.",
            "one for every few paragraphs",
            counted("The text has", "heading", s -> s.headings().size()),
            500,
            1,
            30),
        of(
            "pictures-count",
            "Pictures in the text",
            "A house decides how richly its items are illustrated.",
            "one or more for a longer text",
            counted("The text has", "picture", s -> count(s, p -> p.block() instanceof Picture)),
            500,
            1,
            20),
        of(
            "sections-count",
            "In no section",
            "Readers find an item in its section; one in none is only found by its address.",
            "each item has its place",
            new CountedPart(
                "The item is in",
                "section",
                "sections",
                "section",
                s -> s.content().section().isEmpty() ? 0 : 1,
                s -> true),
            1,
            1,
            1),
        of(
            "topics-count",
            "Topics",
            "Topics lead readers from one item to others like it.",
            "one to five",
            new CountedPart(
                "The item has",
                "topic",
                "topics",
                "topics",
                s -> s.content().topics().size(),
                s -> true),
            100,
            1,
            5),
        of(
            "keywords-count",
            "Keywords",
            "Keywords lead readers from one item to others like it; with too many none says much.",
            "one to ten",
            new CountedPart(
                "The item has",
                "keyword",
                "keywords",
                "keywords",
                s -> s.content().keywords().size(),
                s -> true),
            200,
            1,
            10));
  }

  /** Counts of links. */
  public static List<Rule> ofLinks() {
    return List.of(
        of(
            "links-inside",
            "Links within the site",
            "They lead readers on, and search engines to pages they would not find.",
            "at least one or two",
            counted("The text has", "link within the site", s -> links(s, false)),
            1000,
            1,
            50),
        of(
            "links-outside",
            "Links to other sites",
            "They show where a text has its facts from; very many are taken for a list of links.",
            "a few that are worth it",
            counted("The text has", "link to other sites", s -> links(s, true)),
            1000,
            0,
            20));
  }

  /** Lengths of what search engines and lists show. */
  public static List<Rule> ofSearch() {
    return List.of(
        field(
            "search-title-length",
            "The length of the search title",
            "Search results show so much of it and no more.",
            "some 30 to 60 characters",
            "The search title has",
            StandardFields.SEARCH_TITLE,
            300,
            20,
            60),
        field(
            "search-description-length",
            "The length of the search description",
            "Search results show so much of it and no more.",
            "some 50 to 160 characters",
            "The search description has",
            StandardFields.SEARCH_DESCRIPTION,
            1000,
            50,
            160),
        field(
            "teaser-text-length",
            "The length of the teaser text",
            "Teasers stand beside each other; one much longer than the others breaks their row.",
            "some 50 to 200 characters",
            "The teaser text has",
            StandardFields.TEASER_TEXT,
            500,
            30,
            200));
  }

  private static Rule field(
      String id,
      String label,
      String why,
      String practice,
      String has,
      String field,
      int limit,
      int least,
      int most) {
    return of(
        id,
        label,
        why,
        practice,
        new CountedPart(
            has,
            "character",
            "characters",
            Finding.FIELD + field,
            s -> length(text(s, field)),
            s -> !text(s, field).isEmpty()),
        limit,
        least,
        most);
  }

  private static Rule of(
      String id,
      String label,
      String why,
      String practice,
      CountedPart counted,
      int limit,
      int least,
      int most) {
    String noun = counted.several();
    return new CountRule(
        new RuleDescriptor(
            id,
            label,
            why,
            PRACTICE + practice,
            RuleSeverity.OFF,
            "another number of " + noun,
            "other numbers of " + noun),
        counted,
        new Parameter(Parameter.LEAST, "Least " + noun, 0, limit, least),
        new Parameter(Parameter.MOST, "Most " + noun, 0, limit, most));
  }

  private static CountedPart counted(String has, String one, ToIntFunction<Subject> count) {
    String several = one.startsWith("link ") ? one.replaceFirst("link", "links") : one + "s";
    return new CountedPart(has, one, several, "body", count, s -> true);
  }

  private static String title(Subject subject) {
    return subject.content().title();
  }

  private static String text(Subject subject, String field) {
    return StandardFields.text(subject.content(), field);
  }

  private static int length(String text) {
    return Counts.characters(text);
  }

  private static int count(Subject subject, Predicate<Place> wanted) {
    return subject.passages().stream()
        .mapToInt(p -> (int) p.places().stream().filter(wanted).count())
        .sum();
  }

  private static int links(Subject subject, boolean outside) {
    return subject.passages().stream()
        .mapToInt(
            p ->
                (int)
                    p.links().stream()
                        .map(l -> l.link().address())
                        .filter(
                            a ->
                                outside
                                    ? a.kind() == Address.Kind.WEB
                                    : a.kind() == Address.Kind.ITEM
                                        || a.kind() == Address.Kind.PATH)
                        .count())
        .sum();
  }
}
