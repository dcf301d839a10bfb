package app.blenner.core.preflight.house;

import app.blenner.core.document.Address;
import app.blenner.core.document.Picture;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.language.Counts;
import app.blenner.core.language.WordCounts;
import app.blenner.core.rule.LinkOccurrence;
import app.blenner.core.rule.Parameter;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.Rule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.RuleTable;
import app.blenner.core.rule.Subject;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;

/**
 * The lengths and counts that a house can set: a table of what each counts and within which limits, and here how each is
 * counted.
 */
public final class CountRules {
  private static final RuleTable TABLE = RuleTable.readBeside(CountRules.class, "counts.yaml");

  private static final Map<String, ToIntFunction<Subject>> COUNTS =
      Map.of(
          "body-words", s -> WordCounts.of(s.content().body()).words(),
          "headings-count", s -> s.headings().size(),
          "pictures-count", s -> count(s, p -> p.block() instanceof Picture),
          "sections-count", s -> s.content().section().isEmpty() ? 0 : 1,
          "topics-count", s -> s.content().topics().size(),
          "keywords-count", s -> s.content().keywords().size(),
          "links-inside", s -> linksOf(s, false),
          "links-outside", s -> linksOf(s, true));

  /** Fields whose characters are counted; one left out is not a field that is too short. */
  private static final Map<String, Function<Subject, String>> TEXTS =
      Map.of(
          "title-length", s -> s.content().title(),
          "summary-characters", s -> s.content().summary(),
          "search-title-length", s -> textOf(s, StandardFields.SEARCH_TITLE),
          "search-description-length", s -> textOf(s, StandardFields.SEARCH_DESCRIPTION),
          "teaser-text-length", s -> textOf(s, StandardFields.TEASER_TEXT));

  private CountRules() {}

  /** Lengths of an item’s fields, and counts of what it has. */
  public static List<Rule> ofItems() {
    return rules("items");
  }

  /** Counts of links. */
  public static List<Rule> ofLinks() {
    return rules("links");
  }

  /** Lengths of what search engines and lists show. */
  public static List<Rule> ofSearch() {
    return rules("search");
  }

  private static List<Rule> rules(String group) {
    return TABLE.rowsOf(group).stream().map(CountRules::ruleOf).toList();
  }

  private static Rule ruleOf(RuleTable.Row row) {
    String noun = row.text("many");
    int limit = row.number("limit");
    return new CountRule(
        new RuleDescriptor(
            row.id(),
            row.text("label"),
            row.text("why"),
            "Common practice: " + row.text("practice"),
            RuleSeverity.OFF,
            "another number of " + noun,
            "other numbers of " + noun),
        new CountedPart(
            row.text("has"),
            row.text("one"),
            noun,
            row.text("field"),
            counting(row.id()),
            applying(row.id())),
        new Parameter(Parameter.LEAST, "Least " + noun, 0, limit, row.number("least")),
        new Parameter(Parameter.MOST, "Most " + noun, 0, limit, row.number("most")));
  }

  private static ToIntFunction<Subject> counting(String rule) {
    Function<Subject, String> text = TEXTS.get(rule);
    return text == null
        ? Objects.requireNonNull(COUNTS.get(rule), rule)
        : s -> Counts.countCharacters(text.apply(s));
  }

  private static Predicate<Subject> applying(String rule) {
    Function<Subject, String> text = TEXTS.get(rule);
    return text == null ? s -> true : s -> !text.apply(s).isEmpty();
  }

  private static String textOf(Subject subject, String field) {
    return StandardFields.textOf(subject.content(), field);
  }

  private static int count(Subject subject, Predicate<Place> wanted) {
    return subject.passages().stream()
        .mapToInt(p -> (int) p.places().stream().filter(wanted).count())
        .sum();
  }

  private static int linksOf(Subject subject, boolean outside) {
    return subject.passages().stream()
        .mapToInt(
            p ->
                (int)
                    p.leads().stream()
                        .map(LinkOccurrence::address)
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
