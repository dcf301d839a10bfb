package app.blenner.core.rule;

import java.util.List;

/** One check, and what can be mended of what it finds. */
public interface Rule {

  /** Its lasting short name. */
  String id();

  /** What it looks for, as people say it. */
  String label();

  /** Why it matters, in a sentence a newcomer understands. */
  String why();

  /** Where the rule comes from: a standard and its section, or common practice. */
  String reference();

  /** How much what it finds weighs where a site says nothing else; single findings can weigh less. */
  Weight weight();

  /** What it reads. */
  Scope scope();

  /** The numbers by which it is set. */
  default List<Parameter> parameters() {
    return List.of();
  }

  /** What an item with so many must-fix findings needs, to follow the word “Needs”. */
  String need(int count);

  /** What it finds, in reading order. */
  List<Finding> check(Subject subject, Settings settings);
}
