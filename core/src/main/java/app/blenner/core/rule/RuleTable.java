package app.blenner.core.rule;

import app.blenner.core.table.YamlTable;
import java.util.List;
import java.util.Map;

/**
 * Rules of one shape as a table in a file of YAML: what each says of itself, and its numbers. What each looks for is code,
 * found by its id; a rule more is a row more and a function.
 */
public final class RuleTable {
  private final Map<String, List<Map<String, Object>>> groups;

  private RuleTable(Map<String, List<Map<String, Object>>> groups) {
    this.groups = groups;
  }

  /**
   * A row of a table.
   *
   * @param cells its cells by their names
   */
  public record Row(Map<String, Object> cells) {

    /** The lasting short name of the rule. */
    public String id() {
      return text("id");
    }

    /** A cell of words; the table is wrong where it has none. */
    public String text(String name) {
      Object cell = cells.get(name);
      if (cell == null) {
        throw new IllegalStateException(cells.get("id") + " has no " + name);
      }
      return cell.toString();
    }

    /** A cell with a whole number. */
    public int number(String name) {
      return Integer.parseInt(text(name));
    }

    /** What a rule says of itself whose row has all of that. */
    public RuleDescriptor descriptor() {
      return new RuleDescriptor(
          id(),
          text("label"),
          text("why"),
          text("reference"),
          RuleSeverity.valueOf(text("severity")),
          text("one"),
          text("many"));
    }
  }

  /** The table in a file that stands beside a class. */
  public static RuleTable readBeside(Class<?> rules, String name) {
    return new RuleTable(YamlTable.readBeside(rules, name));
  }

  /** The rows of a group, in their order. */
  public List<Row> rowsOf(String group) {
    return groups.get(group).stream().map(Row::new).toList();
  }
}
