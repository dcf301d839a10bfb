package app.blenner.core.rule;

import java.util.List;
import java.util.Optional;

/** One check, and what can be mended of what it finds. */
public interface Rule {

  /** What it says of itself. */
  RuleDescriptor descriptor();

  /** What it reads. */
  Scope scope();

  /** What it finds, in reading order. */
  List<Finding> check(Subject subject, Settings settings);

  /** The numbers by which it is set. */
  default List<Parameter> parameters() {
    return List.of();
  }

  /** The list of words by which it is set, where there is one. */
  default Optional<WordList> words() {
    return Optional.empty();
  }

  /** Whether it holds as it comes on every site, since without it there would be nothing to put live. */
  default boolean always() {
    return false;
  }

  /** Its lasting short name. */
  default String id() {
    return descriptor().id();
  }

  /** Why it matters, in a sentence a newcomer understands. */
  default String why() {
    return descriptor().why();
  }
}
