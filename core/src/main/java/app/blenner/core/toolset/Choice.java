package app.blenner.core.toolset;

import java.util.Locale;

/** What a toolset can narrow to some values of the house style or of the site. */
public enum Choice {
  COLOURS,
  FONTS,
  SIZES,
  STYLES,
  HOSTS;

  /** Its short name. */
  public String label() {
    return name().toLowerCase(Locale.ROOT);
  }
}
