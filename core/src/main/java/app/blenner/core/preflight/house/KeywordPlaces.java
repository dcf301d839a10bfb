package app.blenner.core.preflight.house;

import app.blenner.core.document.Paragraph;
import app.blenner.core.item.Content;
import app.blenner.core.language.Slug;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Place;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Scope;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What an item is about stands where readers and search engines look first. */
public final class KeywordPlaces extends BasicRule {
  private static final RuleDescriptor TOLD =
      new RuleDescriptor(
          "keyword-places",
          "The main keyword where it is looked for",
          "Whoever looks for it reads the title, the address and the first lines, and decides by them.",
          "Common practice: the first keyword stands in the title, the address, the first paragraph and a heading",
          RuleSeverity.OFF,
          "the main keyword in its places",
          "the main keyword in its places");

  public KeywordPlaces() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public List<Finding> check(Subject subject, Settings settings) {
    Content content = subject.content();
    if (content.keywords().isEmpty()) {
      return List.of();
    }
    String keyword = content.keywords().get(0);
    List<String> missing = new ArrayList<>();
    missing(missing, keyword, content.title(), "the title");
    if (!content.slug().isEmpty() && !content.slug().contains(Slug.of(keyword))) {
      missing.add("the address");
    }
    missing(missing, keyword, firstParagraph(subject), "the first paragraph");
    if (!subject.headings().isEmpty()
        && subject.headings().stream().noneMatch(h -> holds(h.text(), keyword))) {
      missing.add("any heading");
    }
    return missing.isEmpty()
        ? List.of()
        : List.of(
            Finding.onField(
                this,
                settings.severityOf(this),
                "The main keyword, “" + keyword + "”, is not in " + listed(missing) + ".",
                "keywords",
                List.of()));
  }

  private static String listed(List<String> places) {
    int last = places.size() - 1;
    return last == 0
        ? places.get(0)
        : String.join(", ", places.subList(0, last)) + " or " + places.get(last);
  }

  private static void missing(List<String> out, String keyword, String text, String where) {
    if (!holds(text, keyword)) {
      out.add(where);
    }
  }

  private static boolean holds(String text, String keyword) {
    return text.toLowerCase(Locale.ROOT).contains(keyword.toLowerCase(Locale.ROOT));
  }

  private static String firstParagraph(Subject subject) {
    return subject.passages().stream()
        .flatMap(p -> p.places().stream())
        .filter(p -> p.block() instanceof Paragraph && !p.text().isBlank())
        .map(Place::text)
        .findFirst()
        .orElse("");
  }
}
