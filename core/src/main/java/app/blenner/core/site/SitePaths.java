package app.blenner.core.site;

import app.blenner.core.language.Slug;
import java.util.Set;

/** Addresses on the site. */
public final class SitePaths {
  /** First parts that belong to Blenner itself. */
  public static final Set<String> RESERVED =
      Set.of("editor", "media", "site", "api", "error", "search", "feed");

  private SitePaths() {}

  /** The address of an item in a section, or of one in no section. */
  public static String of(String section, String slug) {
    return section.isEmpty() ? "/" + slug : "/" + section + "/" + slug;
  }

  /** Where the answers to a form of an item go; forms are counted from 1. */
  public static String form(String key, int number) {
    return "/site/contact/" + key + "/" + number;
  }

  /** The address of a section's page. */
  public static String of(Section section) {
    return "/" + section.slug();
  }

  /** The legal slug nearest to one that somebody typed; empty where nothing of it can be used. */
  public static String suggestion(String slug) {
    return Slug.isLegal(slug) && slug.length() <= Slug.MAX_LENGTH ? slug : Slug.of(slug);
  }

  /**
   * What is wrong with a slug that somebody typed, in a sentence.
   *
   * @return empty when nothing is
   */
  public static String problem(String slug) {
    if (slug.isEmpty()) {
      return "The address needs at least one letter or digit.";
    }
    if (slug.length() > Slug.MAX_LENGTH) {
      return "The address is longer than " + Slug.MAX_LENGTH + " characters.";
    }
    if (!Slug.isLegal(slug)) {
      String would = suggestion(slug);
      return "Use small letters a to z, digits, and single hyphens between them."
          + (would.isEmpty() ? "" : " “" + would + "” would do.");
    }
    return "";
  }
}
