package app.blenner.core.document;

import java.util.regex.Pattern;

/** Names of places within a page. */
public final class Anchors {
  private static final Pattern NAME = Pattern.compile("[A-Za-z][A-Za-z0-9_.-]{0,79}");

  private Anchors() {}

  /** The name itself, or empty when it is not one: a letter, then letters, digits, {@code _ . -}. */
  public static String legal(String name) {
    return name != null && NAME.matcher(name).matches() ? name : "";
  }
}
