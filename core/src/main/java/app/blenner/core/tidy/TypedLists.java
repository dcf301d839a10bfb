package app.blenner.core.tidy;

import app.blenner.core.document.Document;
import app.blenner.core.intake.TypedItems;
import app.blenner.core.rule.BasicRule;
import app.blenner.core.rule.RuleDescriptor;
import app.blenner.core.rule.Scope;
import java.util.List;

/** Lines that begin with “1.”, “-” or “•”, one below the other. */
final class TypedLists extends BasicRule implements CleanUpRule {
  private static final RuleDescriptor TOLD =
      CleanUpRule.describeAdvised(
          "typed-lists",
          "Hand-typed lists",
          "A real list tells a screen reader how many items there are, and numbers itself.",
          "WCAG 2.2, success criterion 1.3.1 Info and Relationships; technique H48");

  TypedLists() {
    super(TOLD, Scope.ITEM);
  }

  @Override
  public String message() {
    return "This list was typed, and is none.";
  }

  @Override
  public Document mend(Document document, String language, Ask take) {
    return TypedItems.makeLists(
        document,
        2,
        run -> take.take(CleanUpSpot.ofBlock(run.at(), before(run), before(run), after(run))));
  }

  private static String before(TypedItems.Run run) {
    List<String> items = run.items();
    return items.get(0)
        + (items.size() > 1 ? " / " + items.get(1) : "")
        + (items.size() > 2 ? " / …" : "");
  }

  private static String after(TypedItems.Run run) {
    String kind = run.numbered() ? "A numbered list" : "A bulleted list";
    return kind + " of " + run.items().size() + " items";
  }
}
