package app.blenner.core.toolset;

import app.blenner.core.signoff.Role;

/**
 * Where a toolset holds.
 *
 * @param kind short name of a kind of item, or empty for all
 * @param field name of a field of that kind, “body” for its text, or empty for all its texts
 * @param role whom it holds for, or null for everybody
 */
public record Use(String kind, String field, Role role) {

  /** The name of the field that holds an item's text. */
  public static final String BODY = "body";

  /** The name of the field that holds the column beside an item's text. */
  public static final String SIDE = "side.parts";

  /** Whether a text is meant. */
  boolean holdsFor(String ofKind, String ofField, Role of) {
    return (kind.isEmpty() || kind.equals(ofKind))
        && (field.isEmpty() || field.equals(ofField))
        && (role == null || role == of);
  }

  /** How near it is: a field before a kind before the site, and in each those of a role before those of everybody. */
  int nearness() {
    return (field.isEmpty() ? 0 : 4) + (kind.isEmpty() ? 0 : 2) + (role == null ? 0 : 1);
  }
}
