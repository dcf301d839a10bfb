package app.blenner.core.preflight;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import java.util.List;

/** Each field of the item's kind holds what its kind asks for. */
public final class FieldValues implements Rule {
  /** What stands before the name of a field, where a finding says on which it is. */
  public static final String PLACE = "field:";

  @Override
  public String id() {
    return "field-values";
  }

  @Override
  public String why() {
    return "Whoever set this kind of item up asks for it, and pages and lists count on it.";
  }

  @Override
  public String reference() {
    return "Common practice: what a kind of item carries is agreed on once, in Set-up.";
  }

  @Override
  public String need(int count) {
    return count == 1 ? "one field filled in as asked" : count + " fields filled in as asked";
  }

  @Override
  public List<Finding> check(Content content) {
    return List.of();
  }

  @Override
  public List<Finding> check(Content content, Kind kind) {
    return kind.problems(content.values()).entrySet().stream()
        .map(
            e -> Finding.onField(this, Level.MUST_FIX, e.getValue(), PLACE + e.getKey(), List.of()))
        .toList();
  }
}
