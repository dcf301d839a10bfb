package app.blenner.core.preflight;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import java.util.List;

/** One check. */
public interface Rule {

  /** Its lasting short name. */
  String id();

  /** Why it matters, in a sentence a newcomer understands. */
  String why();

  /** Where the rule comes from: a standard and its section, or common practice. */
  String reference();

  /** What an item with so many must-fix findings needs, to follow the word “Needs”. */
  String need(int count);

  /** What it finds, in reading order. */
  List<Finding> check(Content content);

  /** What it finds in an item of a kind, in reading order. */
  default List<Finding> check(Content content, Kind kind) {
    return check(content);
  }

  /** What it finds in an item of a kind in its surroundings, in reading order. */
  default List<Finding> check(Content content, Kind kind, Surroundings around) {
    return check(content, kind);
  }
}
